/**
 * Where a design goes: rules in, ranked options out.
 *
 * <p>Accepted: a valid face, a design, and a rule whose wishes are valid values. Guaranteed: the
 * same input gives the same options in the same order on every run; every item of an option lies on
 * its line; nothing is rounded.
 *
 * <p>A run is worked out in these phases, each a class of its own:
 *
 * <ol>
 *   <li>{@link craftmap.core.lay.rule.run.RunArithmetic}: counts, gaps and margins on a bare
 *       length.
 *   <li>{@link craftmap.core.lay.rule.run.RunPlacement}: a row laid onto a face, clipped, checked
 *       against keep-outs.
 *   <li>{@link craftmap.core.lay.rule.Ranking}: options in order, with what put each in its place.
 *   <li>{@link craftmap.core.lay.pass.StencilPasses}: which positions may be painted together.
 *   <li>{@link craftmap.core.lay.BlemishCover} and {@link craftmap.core.lay.Clearance}: what the
 *       chosen rows hide and what they keep clear of.
 * </ol>
 */
package craftmap.core.lay;
