/**
 * What the lays of one or several pieces cut from one design, and from what. Comes in: lays as they
 * are read, leftovers of the shelf, how many new sheets there are, and what the artist wishes. What
 * comes out: every sheet with its parts, the order they are cut in and what is kept.
 *
 * <ol>
 *   <li>{@code CutParts}: which parts the lays ask for.
 *   <li>{@code PictureSheets}: a picture's parts are where they are on the picture.
 *   <li>{@code PrintSheets}: parts of plain and repeating prints are cut wherever there is room,
 *       and so are those of a picture that may begin anywhere.
 * </ol>
 */
package craftmap.core.plan.cutting;
