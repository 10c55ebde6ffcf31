package craftmap.core.plan;

import craftmap.core.measure.SetOut;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * Marks to tick, and where the tape lies for them.
 *
 * @param places where the marks are on the face, where the tape does not lie along an edge
 */
public record SetOutLine(Along along, SetOut marks, List<Point> places) {
  public SetOutLine {
    places = List.copyOf(places);
  }

  /** Along an edge, where the figures say all. */
  static SetOutLine of(Along along, SetOut marks) {
    return new SetOutLine(along, marks, List.of());
  }

  /** Where the tape lies, its zero at the datum. */
  public enum Along {
    TOP_FROM_LEFT,
    BOTTOM_FROM_LEFT,
    LEFT_FROM_TOP,
    RIGHT_FROM_TOP,
    /** Along the drawn line, from its first point. */
    LINE_FROM_START,
    /** Along the ring's own line, clockwise from its top. */
    RING_FROM_TOP,
    /** Round the wall at the ring's height, from the seam on the left. */
    WALL_FROM_SEAM
  }
}
