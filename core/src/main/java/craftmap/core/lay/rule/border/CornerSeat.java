package craftmap.core.lay.rule.border;

import craftmap.core.lay.Placement;
import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;

/**
 * A box pushed into a corner until it touches both sides.
 *
 * @param alongOutMm how far it reaches along the side that leads on, from the corner
 * @param alongInMm how far it reaches back along the side that leads in
 */
record CornerSeat(Placement at, double alongOutMm, double alongInMm) {

  /**
   * The seat of a box with a given turn.
   *
   * @param directionDeg of the side that leads on from the corner, clockwise round the face
   * @param bendDeg by how much the line bends there: 90 in a square corner
   */
  static CornerSeat of(
      Point corner,
      double directionDeg,
      double bendDeg,
      double widthMm,
      double heightMm,
      double turnDeg,
      boolean mirrored) {
    double in = directionDeg - bendDeg;
    double fromOut = half(widthMm, heightMm, turnDeg - directionDeg - 90);
    double fromIn = half(widthMm, heightMm, turnDeg - in - 90);
    // the middle lies that far inside of both sides: two lines that cross
    double ox = Turns.cos(directionDeg + 90);
    double oy = Turns.sin(directionDeg + 90);
    double ix = Turns.cos(in + 90);
    double iy = Turns.sin(in + 90);
    double cross = ox * iy - oy * ix;
    double x = (fromOut * iy - fromIn * oy) / cross;
    double y = (fromIn * ox - fromOut * ix) / cross;
    double out =
        x * Turns.cos(directionDeg)
            + y * Turns.sin(directionDeg)
            + half(widthMm, heightMm, turnDeg - directionDeg);
    double back = -x * Turns.cos(in) - y * Turns.sin(in) + half(widthMm, heightMm, turnDeg - in);
    return new CornerSeat(new Placement(corner.movedBy(x, y), turnDeg, mirrored, 1), out, back);
  }

  /** How far the turned box reaches from its middle, along a direction seen from the box. */
  private static double half(double width, double height, double deg) {
    return (width * Math.abs(Turns.cos(deg)) + height * Math.abs(Turns.sin(deg))) / 2;
  }
}
