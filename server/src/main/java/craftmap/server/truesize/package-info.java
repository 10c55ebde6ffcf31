/**
 * Prints at true size over office pages: templates of faces, parts to cut, set-out strips, enlarged
 * images.
 *
 * <ol>
 *   <li>{@code Templates}, {@code Parts}, {@code Strips}, {@code Images}: what is printed, each
 *       figure in its own millimetres.
 *   <li>{@code Pagination}: small figures share pages, large ones go over several.
 *   <li>{@code TrueSizePages}: the pages, with a square to check the scale by, a map of the pages
 *       and crosses in their overlaps.
 * </ol>
 */
package craftmap.server.truesize;
