/**
 * Lengths as people read, write and tick them.
 *
 * <p>Accepted: text in the notations of a tape ({@link craftmap.core.measure.LengthReader}). Inside
 * the core a length is a {@code double} of millimetres whose name ends in {@code Mm}, or a {@link
 * craftmap.core.measure.Length} where it crosses a border. Nothing here rounds before it is shown;
 * what is shown is rounded to a {@link craftmap.core.measure.TapeDivision}, each mark from the
 * datum and never one from another, so that rounding does not pile up.
 */
package craftmap.core.measure;
