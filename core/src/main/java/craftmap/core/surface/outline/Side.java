package craftmap.core.surface.outline;

import craftmap.core.plane.Stroke;
import java.util.List;

/**
 * A side of an outline.
 *
 * @param number counted clockwise from 1 among the sides of this name
 */
public record Side(Name name, int number, List<Stroke> strokes) {
  /** What a side is called. */
  public enum Name {
    TOP,
    RIGHT,
    BOTTOM,
    LEFT,
    /** A rounded corner. */
    CORNER,
    /** The whole line of a round face. */
    RIM,
    /** One of many. */
    SIDE
  }

  public Side {
    strokes = List.copyOf(strokes);
  }

  static Side of(Name name, Stroke... strokes) {
    return new Side(name, 1, List.of(strokes));
  }

  public double lengthMm() {
    return strokes.stream().mapToDouble(Stroke::lengthMm).sum();
  }
}
