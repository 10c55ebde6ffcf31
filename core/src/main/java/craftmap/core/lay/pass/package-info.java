/**
 * Stencil passes: which positions of a stencil are painted together.
 *
 * <ol>
 *   <li>{@link craftmap.core.lay.pass.Conflicts}: which positions disturb each other, because the
 *       sheet laid at one of them would lie on the wet print of the other.
 *   <li>{@link craftmap.core.graph.Colouring}: the fewest passes are the fewest colours of that
 *       graph; proven for up to {@value craftmap.core.graph.Colouring#EXACT_UP_TO} positions that
 *       hang together.
 *   <li>{@link craftmap.core.lay.pass.Walk}: a short way from position to position within a pass.
 * </ol>
 */
package craftmap.core.lay.pass;
