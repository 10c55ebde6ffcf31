package craftmap.core.surface;

/** The outer line of a face. */
public sealed interface Outline permits RectangleOutline {
  double widthMm();

  double heightMm();

  double areaMm2();

  double edgeLengthMm(Edge edge);

  /** True when the box lies inside, the outline itself counting as inside. */
  boolean holds(Box box);
}
