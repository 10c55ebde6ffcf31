/** What the bench teaches: observations, and the figures that plans take from them. */
package craftmap.core.log;
