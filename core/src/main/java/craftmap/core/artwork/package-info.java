/**
 * Pictures and cut lines: what a design looks like, before it is known what it is.
 *
 * <p>Files come in as text or pixels that are hostile until read. What is read leaves as our own
 * values in millimetres, x to the right and y down from the sheet's top left corner:
 *
 * <ol>
 *   <li>{@link craftmap.core.artwork.SvgReader} walks the elements of an SVG file and refuses what
 *       it does not know; {@link craftmap.core.artwork.SvgPath} turns path data into curves, {@link
 *       craftmap.core.artwork.SvgTransform} transform lists into affine maps, {@link
 *       craftmap.core.artwork.SvgPaint} fills and strokes into inks.
 *   <li>{@link craftmap.core.artwork.Drawing} holds the painted shapes; it is scaled by one known
 *       measure, cropped, written as clean SVG and turned into {@link
 *       craftmap.core.artwork.Pixels}.
 *   <li>{@link craftmap.core.artwork.Openings} unites dark shapes and takes light ones away; {@link
 *       craftmap.core.artwork.Artwork} keeps the exact area of the curves and a fine polygon for
 *       everything that needs one.
 *   <li>{@link craftmap.core.artwork.StencilCheck} finds what would fall out and the narrowest
 *       bridge; {@link craftmap.core.artwork.Background} and {@link
 *       craftmap.core.artwork.RepeatFinder} read pictures.
 * </ol>
 */
package craftmap.core.artwork;
