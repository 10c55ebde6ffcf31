package craftmap.core.plane;

/**
 * Sines and cosines of turns in degrees, quarter turns without noise, the same on every machine.
 */
public final class Turns {
  private Turns() {}

  public static double cos(double deg) {
    double turn = normal(deg);
    if (isQuarter(turn)) {
      return turn == 0 ? 1 : turn == 180 ? -1 : 0;
    }
    return StrictMath.cos(StrictMath.toRadians(turn));
  }

  public static double sin(double deg) {
    return cos(deg - 90);
  }

  /** From 0 up to, not including, 360. */
  public static double normal(double deg) {
    if (deg >= 0 && deg < 360) {
      return deg + 0.0;
    }
    double turn = deg % 360;
    double up = turn < 0 ? turn + 360 : turn + 0.0;
    // a hair below nothing is so near a full turn that adding rounds up to it
    return up >= 360 ? 0 : up;
  }

  /** Whether a turn from 0 up to 360 is one by quarters; asked of thousands, so not divided. */
  static boolean isQuarter(double turn) {
    return turn == 0 || turn == 90 || turn == 180 || turn == 270;
  }

  /** The direction from one point to another, in degrees clockwise from the direction of x. */
  public static double direction(Point from, Point to) {
    return normal(
        StrictMath.toDegrees(StrictMath.atan2(to.yMm() - from.yMm(), to.xMm() - from.xMm())));
  }
}
