/**
 * Parts onto sheets by straight cuts. Comes in: rectangular parts with their direction and, for a
 * repeating print, how far into the repeat they begin; sheets and leftovers; the room the knife
 * takes. What comes out: no part overlaps another or leaves its sheet, every part can be freed by
 * cuts from edge to edge, and the same question has the same answer on any machine.
 *
 * <ol>
 *   <li>{@link craftmap.core.cut.nest.LeastSheets}: how few sheets could do at best.
 *   <li>{@code Blocks}: parts that share a whole side are joined; where all join up to whole
 *       sheets, nothing is wasted and nothing is left to search.
 *   <li>{@code Filling}: parts one after the other into the leftover they fit best, for many orders
 *       and ways to split what is left.
 *   <li>{@code Nesting}: the best of them is taken apart and filled again, until it meets the bound
 *       or a fixed number of tries is used up.
 * </ol>
 */
package craftmap.core.cut.nest;
