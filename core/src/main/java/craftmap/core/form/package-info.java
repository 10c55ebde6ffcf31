/**
 * Forms of furniture: a few taped measures in, faces out.
 *
 * <p>{@link craftmap.core.form.FormKind} names them; each is a class of its own that reads a {@link
 * craftmap.core.measure.MeasureSheet} and gives {@link craftmap.core.form.FormFaces}: faces with
 * their outlines and the marks that come with them, which groups lie where on the net, which sides
 * meet, and the {@link craftmap.core.form.Pose} of each on the standing piece.
 *
 * <p>Standing pieces: millimetres, x to the right, y up from the floor, z towards who stands before
 * the piece; the front lies at z = 0. Guaranteed: where two sides are joined without a gap they are
 * equally long and lie on each other when the net is folded up.
 */
package craftmap.core.form;
