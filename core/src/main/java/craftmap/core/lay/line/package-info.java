/**
 * Lines on a face along which copies are placed.
 *
 * <p>A {@link craftmap.core.lay.line.Path} is measured along itself: it gives the place and the
 * direction after so many millimetres. {@link craftmap.core.lay.line.Insets} makes the line that
 * keeps a distance from the outline, and tells its sides and corners apart; {@link
 * craftmap.core.lay.line.Rings} are the closed lines that rings go round.
 */
package craftmap.core.lay.line;
