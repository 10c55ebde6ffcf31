package craftmap.core.design;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

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

  /** Across, it is the same again after this: in a half drop every other column is dropped. */
  public double sameAcrossMm() {
    return offset == Offset.HALF_DROP ? 2 * pitchXMm : pitchXMm;
  }

  static final String KEY_X = "repeatX";
  static final String KEY_Y = "repeatY";
  static final String KEY_OFFSET = "repeatOffset";

  /** Asks for a repeat; nothing across or down is no repeat. */
  static Optional<Repeat> ask(MeasureSheet sheet) {
    // a print that repeats one way mostly repeats by as much the other way
    double x = sheet.distance(KEY_X, "repeat-across-0-for-none", sheet.taken(KEY_Y).orElse(0));
    double y = sheet.distance(KEY_Y, "repeat-down-0-for-none", x);
    Offset offset = sheet.choice(KEY_OFFSET, "columns", Offset.STRAIGHT);
    if (x == 0 && y == 0) {
      return Optional.empty();
    }
    if (x == 0 || y == 0) {
      throw new RefusedInput(
          x == 0 ? said("repeat-across") : said("repeat-down"),
          said("0-mm"),
          said("is-missing-while-the-print-repeats-by-the-other", mm(x + y)),
          said("both-or-neither"));
    }
    return Optional.of(new Repeat(x, y, offset));
  }
}
