/**
 * What is decorated: faces unrolled flat at true size, what is in the way on them, and the forms of
 * furniture they come from.
 *
 * <p>Face coordinates are millimetres, x to the right, y down, origin at the face's top left. Turns
 * are in degrees, positive clockwise as seen. Areas are never negative. A value that exists is
 * valid: constructors refuse what cannot be on a piece, naming the field.
 *
 * <p>{@link craftmap.core.surface.Form} turns a few taped measures into faces and their places on a
 * net; {@link craftmap.core.surface.Face} then carries what the artist found on each.
 */
package craftmap.core.surface;
