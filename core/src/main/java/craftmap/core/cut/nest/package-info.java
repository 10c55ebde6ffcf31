/**
 * Parts onto sheets, by straight cuts where they do. Comes in: rectangular parts with their
 * direction and, for a repeating print, how far into the repeat they begin; sheets and leftovers;
 * the room the knife takes. What comes out: no part overlaps another or leaves its sheet, and the
 * same question has the same answer on any machine.
 *
 * <ol>
 *   <li>{@link craftmap.core.cut.nest.LeastSheets}: how few sheets could do at best.
 *   <li>{@code Blocks}: parts that share a whole side are joined; where all join up to whole
 *       sheets, nothing is wasted and nothing is left to search.
 *   <li>{@code Filling}: parts one after the other into the leftover they fit best, for many orders
 *       and ways to split what is left.
 *   <li>{@code Nesting}: the best of them is taken apart and filled again for a fixed number of
 *       tries; where the bound is not met, parts may be cut around as well.
 *   <li>{@code ExactNest}: for few parts a solver finds the plan with fewer sheets, or proves that
 *       there is none.
 *   <li>{@link craftmap.core.cut.nest.StraightCuts}: in which order a sheet is cut.
 * </ol>
 */
package craftmap.core.cut.nest;
