/** A whole plan worked out: every face, every lay, and what all of them take together. */
package craftmap.core.plan.reading;
