/**
 * What goes onto a face: designs and the sheets they come on.
 *
 * <p>Artwork comes in as SVG text that is treated as hostile until read, and leaves as an outline
 * in millimetres on its sheet:
 *
 * <ol>
 *   <li>{@link craftmap.core.design.SvgReader} walks the elements, refusing what it does not know.
 *   <li>{@link craftmap.core.design.SvgPath} turns path data into curves, {@link
 *       craftmap.core.design.SvgTransform} transform lists into affine maps.
 *   <li>{@link craftmap.core.design.Artwork} unites the shapes by their fill rule, keeps the exact
 *       area of the curves and a fine polygon for everything that needs one.
 * </ol>
 */
package craftmap.core.design;
