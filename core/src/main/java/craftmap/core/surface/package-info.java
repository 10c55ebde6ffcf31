/**
 * Faces of a piece: workable surfaces unrolled flat at true size, with what is found on them.
 *
 * <p>Face coordinates are millimetres, x to the right, y down, origin at the top left of the box
 * around the face. Turns are in degrees, positive clockwise as seen. Areas are never negative. A
 * value that exists is valid: constructors refuse what cannot be on a piece, naming the field.
 *
 * <p>{@link craftmap.core.surface.Marks} are keep-outs, holes, breaks, blemishes and zones; {@link
 * craftmap.core.surface.FaceMeasure} adds a face up; outlines have a package of their own.
 */
package craftmap.core.surface;
