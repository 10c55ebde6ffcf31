package craftmap.server.piece;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;

/** Values that have to be there. */
final class Given {
  private Given() {}

  static <T> T given(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, "empty", "is missing", "a value");
    }
    return value;
  }

  /** A place, counted from an edge. */
  static double place(String field, Double mm) {
    return LengthRange.PLACE.check(field, given(field, mm));
  }

  static double size(String field, Double mm) {
    return LengthRange.SIZE.check(field, given(field, mm));
  }
}
