/**
 * What is found in a plan that was worked out: each finding with the rule it was found by, how bad
 * it is, what it is about and the figures that say so. Words for them lie where they are shown.
 */
package craftmap.core.finding;
