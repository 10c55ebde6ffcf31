/**
 * Outlines of faces, unrolled flat at true size: each a kind of its own made from the measures one
 * takes, with its closed line, its sides by name, its area in closed form.
 *
 * <p>Accepted: measures that can be (constructors refuse others, naming the field). Guaranteed: the
 * box around an outline begins at 0, 0; {@link craftmap.core.surface.outline.Outline#note} written
 * down and read again gives an equal outline.
 */
package craftmap.core.surface.outline;
