package craftmap.server.piece.document;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import java.util.Map;

/** Values that have to be there. */
public final class Given {
  private Given() {}

  public static <T> T given(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, "empty", "is missing", "a value");
    }
    return value;
  }

  /** A place, counted from an edge. */
  public static double place(String field, Double mm) {
    return LengthRange.PLACE.check(field, given(field, mm));
  }

  public static double size(String field, Double mm) {
    return LengthRange.SIZE.check(field, given(field, mm));
  }

  /** Answers by their keys; none where nothing is said. */
  public static <T> Map<String, T> answers(String field, Map<String, T> values) {
    if (values == null) {
      return Map.of();
    }
    values.forEach((key, value) -> given(field + ", " + key, value));
    return Map.copyOf(values);
  }
}
