/** The coats of a whole piece: its groups, their surfaces and what lies on them. */
package craftmap.core.plan.coats;
