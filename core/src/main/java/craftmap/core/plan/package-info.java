/**
 * A piece's plan as one aggregate, and what it comes to.
 *
 * <p>{@link craftmap.core.plan.Plan} is what the artist decided: the form and its measures, what
 * was found on each face, the lays. {@link craftmap.core.plan.reading.PlanReader} works everything
 * else out: faces, options, items, marks, passes, paint. It keeps nothing and looks nothing up but
 * designs and paints, which it is handed.
 */
package craftmap.core.plan;
