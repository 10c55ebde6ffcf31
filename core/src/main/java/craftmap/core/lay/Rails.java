package craftmap.core.lay;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * The strips of a face between its edges and what is set into it, or cut out of it: the rails and
 * stiles of a door, the four sides of a frame.
 *
 * @param name which of them
 * @param box from the one to the other
 */
public record Rails(Name name, Box box) {
  /** Rails lie level, stiles stand upright. */
  public enum Name {
    TOP_RAIL,
    MIDDLE_RAIL,
    BOTTOM_RAIL,
    LEFT_STILE,
    RIGHT_STILE
  }

  /** Narrower than this it is a gap. */
  private static final double LEAST_MM = 8;

  /** None where nothing is set in. A middle rail lies between two that are one above the other. */
  static List<Rails> between(double widthMm, double heightMm, List<Geometry> setIn) {
    if (setIn.isEmpty()) {
      return List.of();
    }
    List<Envelope> in =
        setIn.stream()
            .map(Geometry::getEnvelopeInternal)
            .sorted(Comparator.comparingDouble(Envelope::getMinY))
            .toList();
    double left = in.stream().mapToDouble(Envelope::getMinX).min().orElseThrow();
    double right = in.stream().mapToDouble(Envelope::getMaxX).max().orElseThrow();
    double top = in.getFirst().getMinY();
    double bottom = in.stream().mapToDouble(Envelope::getMaxY).max().orElseThrow();
    List<Rails> all = new ArrayList<>();
    add(all, Name.TOP_RAIL, 0, 0, widthMm, top);
    double reached = in.getFirst().getMaxY();
    for (Envelope e : in) {
      add(all, Name.MIDDLE_RAIL, left, reached, right, e.getMinY());
      reached = Math.max(reached, e.getMaxY());
    }
    add(all, Name.BOTTOM_RAIL, 0, bottom, widthMm, heightMm);
    add(all, Name.LEFT_STILE, 0, top, left, bottom);
    add(all, Name.RIGHT_STILE, right, top, widthMm, bottom);
    return List.copyOf(all);
  }

  private static void add(
      List<Rails> all, Name name, double left, double top, double right, double bottom) {
    if (right - left >= LEAST_MM && bottom - top >= LEAST_MM) {
      all.add(new Rails(name, new Box(left, top, right - left, bottom - top)));
    }
  }
}
