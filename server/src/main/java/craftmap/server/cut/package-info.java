/**
 * What is cut for one or several pieces, sheet by sheet, and booking it when it is cut.
 *
 * <ol>
 *   <li>{@code Cuttings}: a plan for each design, the one that was searched for or what is found at
 *       once.
 *   <li>{@code CutSearch}: looks longer for a better one, as a job; {@code KeptPlans} keeps it.
 *   <li>{@code CutBooking}: books a plan when it is cut, all of it or nothing.
 *   <li>{@code Enough}: what would make too few sheets enough.
 *   <li>{@code MadeLists}: what is not cut from sheets: trim, lengths of rolls, castings.
 * </ol>
 */
package craftmap.server.cut;
