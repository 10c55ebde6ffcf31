package craftmap.core.design;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.Optional;

/** How a print repeats: by how much across and down, and whether every other column is dropped. */
public record Repeat(double pitchXMm, double pitchYMm, Offset offset) {
  /** How a column stands beside the one before it. */
  public enum Offset {
    STRAIGHT,
    HALF_DROP
  }

  static final String KEY_X = "repeatX";
  static final String KEY_Y = "repeatY";
  static final String KEY_OFFSET = "repeatOffset";

  /** Asks for a repeat; nothing across or down is no repeat. */
  static Optional<Repeat> ask(MeasureSheet sheet) {
    double x = sheet.distance(KEY_X, "Repeat across; 0 for none", 0);
    double y = sheet.distance(KEY_Y, "Repeat down; 0 for none", 0);
    Offset offset = sheet.choice(KEY_OFFSET, "Columns", Offset.STRAIGHT);
    if (x == 0 && y == 0) {
      return Optional.empty();
    }
    if (x == 0 || y == 0) {
      throw new RefusedInput(
          x == 0 ? "Repeat across" : "Repeat down",
          "0 mm",
          "is missing while the print repeats by " + Decimals.show(x + y, 1) + " mm the other way",
          "both, or neither");
    }
    return Optional.of(new Repeat(x, y, offset));
  }
}
