package craftmap.core.plane;

import java.util.ArrayList;
import java.util.List;

/**
 * A stroke along an ellipse whose axes are level and upright; a circle where both radii are equal.
 *
 * @param startRad where it begins, from the direction of x towards the direction of y
 * @param sweepRad how far it goes, positive clockwise as seen, at most one whole turn either way
 */
public record Arc(Point centre, double rxMm, double ryMm, double startRad, double sweepRad)
    implements Stroke {
  private static final double WHOLE_TURN = 2 * Math.PI;

  /** Abscissae and weights of Gauss and Legendre's rule with five points. */
  private static final double[] AT = {0, 0.5384693101056831, 0.9061798459386640};

  private static final double[] WEIGHT = {
    0.5688888888888889, 0.4786286704993665, 0.2369268850561891
  };

  private static final int PIECES_PER_TURN = 64;

  public Arc {
    if (!(rxMm > 0) || !(ryMm > 0) || !Double.isFinite(rxMm + ryMm + startRad)) {
      throw new IllegalArgumentException("an arc has radii above 0, not " + rxMm + ", " + ryMm);
    }
    if (!(Math.abs(sweepRad) <= WHOLE_TURN + 1e-12) || sweepRad == 0) {
      throw new IllegalArgumentException("an arc sweeps up to a whole turn, not " + sweepRad);
    }
  }

  public static Arc circular(Point centre, double radiusMm, double startRad, double sweepRad) {
    return new Arc(centre, radiusMm, radiusMm, startRad, sweepRad);
  }

  public boolean isCircular() {
    return rxMm == ryMm;
  }

  public Point at(double angleRad) {
    return new Point(
        centre.xMm() + rxMm * Math.cos(angleRad), centre.yMm() + ryMm * Math.sin(angleRad));
  }

  @Override
  public Point from() {
    return at(startRad);
  }

  @Override
  public Point to() {
    return at(startRad + sweepRad);
  }

  /** By Gauss and Legendre over short pieces: exact to far below a thousandth of a millimetre. */
  @Override
  public double lengthMm() {
    if (isCircular()) {
      return rxMm * Math.abs(sweepRad);
    }
    int pieces = Math.max(1, (int) Math.ceil(PIECES_PER_TURN * Math.abs(sweepRad) / WHOLE_TURN));
    double half = sweepRad / pieces / 2;
    double sum = 0;
    for (int i = 0; i < pieces; i++) {
      double middle = startRad + (2 * i + 1) * half;
      for (int j = 0; j < AT.length; j++) {
        double speed = speed(middle + AT[j] * half);
        sum += WEIGHT[j] * (j == 0 ? speed : speed + speed(middle - AT[j] * half));
      }
    }
    return sum * Math.abs(half);
  }

  private double speed(double angle) {
    return Math.hypot(rxMm * Math.sin(angle), ryMm * Math.cos(angle));
  }

  @Override
  public double sweptMm2() {
    double end = startRad + sweepRad;
    return (rxMm * ryMm * sweepRad
            + centre.xMm() * ryMm * (Math.sin(end) - Math.sin(startRad))
            - centre.yMm() * rxMm * (Math.cos(end) - Math.cos(startRad)))
        / 2;
  }

  @Override
  public List<Point> flattened(double flatnessMm) {
    double radius = Math.max(rxMm, ryMm);
    double step = 2 * Math.acos(Math.max(0, 1 - flatnessMm / radius));
    int chords = Math.max(1, (int) Math.ceil(Math.abs(sweepRad) / Math.max(step, 1e-3)));
    List<Point> points = new ArrayList<>(chords);
    for (int i = 1; i <= chords; i++) {
      points.add(at(startRad + sweepRad * i / chords));
    }
    return points;
  }

  @Override
  public Extent extent() {
    Extent extent = Extent.of(from(), to());
    double low = Math.min(startRad, startRad + sweepRad);
    double high = Math.max(startRad, startRad + sweepRad);
    for (long quarter = (long) Math.ceil(low / (Math.PI / 2));
        quarter * Math.PI / 2 <= high;
        quarter++) {
      extent = extent.and(at(quarter * Math.PI / 2));
    }
    return extent;
  }

  @Override
  public Arc movedBy(double dxMm, double dyMm) {
    return new Arc(centre.movedBy(dxMm, dyMm), rxMm, ryMm, startRad, sweepRad);
  }

  @Override
  public Arc mirroredAt(double xMm) {
    return new Arc(centre.mirroredAt(xMm), rxMm, ryMm, Math.PI - startRad - sweepRad, sweepRad);
  }
}
