/**
 * Plane geometry in millimetres, x to the right, y down; it knows nothing of furniture.
 *
 * <p>A {@link craftmap.core.plane.Contour} is a closed line of straight strokes and arcs. Lengths
 * and areas come from the strokes themselves, in closed form where there is one; where an operation
 * needs polygons ({@link craftmap.core.plane.Planar}), chords stay within {@link
 * craftmap.core.plane.Contour#FLATNESS_MM} of the curve. Contours run clockwise as seen; turns are
 * positive clockwise; areas are never negative.
 */
package craftmap.core.plane;
