/**
 * What the bench has taught: what was seen, what somebody decided about it, and the figures that
 * plans take from both. Shown to other packages: {@link craftmap.server.learning.Learning}.
 */
package craftmap.server.learning;
