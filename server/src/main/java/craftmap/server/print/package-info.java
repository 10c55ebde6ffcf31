/**
 * The plan on paper, for the bench: black and white friendly PDF pages.
 *
 * <p>{@code FaceSheet} says what stands on a face's page; {@code FaceFigure} draws the face to a
 * round scale.
 */
package craftmap.server.print;
