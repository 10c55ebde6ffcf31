/**
 * How a design would look on a face before it is laid: where it would lie at its true size, whether
 * it fits, and what it would take from the shelf.
 *
 * <ol>
 *   <li>{@link craftmap.core.trial.FreeRegion} is the face less what this kind may not cover.
 *   <li>{@link craftmap.core.trial.Standpoint} looks for a place for one copy, in the middle first.
 *   <li>{@link craftmap.core.trial.Cover} counts the sheets or strips that cover the whole face.
 *   <li>{@link craftmap.core.trial.Trial} asks what the kind of design calls for.
 * </ol>
 *
 * A trial is a first guess for looking; laying out follows the artist's wishes and the rules.
 */
package craftmap.core.trial;
