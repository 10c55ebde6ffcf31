/**
 * Words as outlines in millimetres, to be cut as a stencil or from vinyl.
 *
 * <ol>
 *   <li>{@link craftmap.core.lettering.LetterStyle}: a shipped font's letters as curves.
 *   <li>{@link craftmap.core.lettering.Letters}: words set on a line or an arc at a size, tracked.
 *   <li>{@link craftmap.core.lettering.Bridges}: islands tied to the sheet round them, by the
 *       shortest ways across the strokes.
 *   <li>{@link craftmap.core.lettering.ThinPlaces}: where a stroke is thinner than the material
 *       allows.
 * </ol>
 */
package craftmap.core.lettering;
