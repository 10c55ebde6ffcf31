package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import java.util.Map;

/** Values that have to be there. */
public final class Given {
  private Given() {}

  public static <T> T given(Figure field, T value) {
    if (value == null) {
      throw new RefusedInput(field, said("empty"), said("is-missing"), said("a-value"));
    }
    return value;
  }

  /** A place, counted from an edge. */
  public static double place(Figure field, Double mm) {
    return LengthRange.PLACE.check(field, given(field, mm));
  }

  public static double size(Figure field, Double mm) {
    return LengthRange.SIZE.check(field, given(field, mm));
  }

  /** Answers by their keys; none where nothing is said. */
  public static <T> Map<String, T> answers(Figure field, Map<String, T> values) {
    if (values == null) {
      return Map.of();
    }
    values.forEach((key, value) -> given(said("of-field", field, Figure.given(key)), value));
    return Map.copyOf(values);
  }
}
