package craftmap.core.surface.outline;

/**
 * An edge of a face. A line along an edge runs the way a tape is read from the datum: from the left
 * on the top and bottom edges, from the top on the side edges.
 */
public enum Edge {
  TOP,
  RIGHT,
  BOTTOM,
  LEFT;

  public boolean isLevel() {
    return this == TOP || this == BOTTOM;
  }
}
