package craftmap.core.lay;

import craftmap.core.plane.Point;
import craftmap.core.plane.Turns;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.NoninvertibleTransformationException;

/**
 * Where and how one copy of a design lies: first scaled and turned over, then turned, then moved.
 *
 * @param centre where the middle of its print box comes to lie
 * @param turnDeg clockwise as seen
 * @param mirrored turned over left to right before it is turned
 * @param scale 1 for true size
 */
public record Placement(Point centre, double turnDeg, boolean mirrored, double scale) {
  public Placement {
    turnDeg = Turns.normal(turnDeg);
    if (!(scale > 0) || !Double.isFinite(scale)) {
      throw new IllegalArgumentException("a scale is above 0, not " + scale);
    }
  }

  public static Placement at(Point centre) {
    return new Placement(centre, 0, false, 1);
  }

  public static Placement at(Point centre, double turnDeg) {
    return new Placement(centre, turnDeg, false, 1);
  }

  public Placement scaledBy(double factor) {
    return new Placement(centre, turnDeg, mirrored, scale * factor);
  }

  public Placement movedBy(double dxMm, double dyMm) {
    return new Placement(centre.movedBy(dxMm, dyMm), turnDeg, mirrored, scale);
  }

  public Placement turnedBy(double deg) {
    return new Placement(centre, turnDeg + deg, mirrored, scale);
  }

  /** The mirror image about the upright line at x. */
  public Placement mirroredAt(double xMm) {
    return new Placement(centre.mirroredAt(xMm), -turnDeg, !mirrored, scale);
  }

  /** From the sheet, on which {@code middle} is the middle of the print, onto the face. */
  AffineTransformation from(Point middle) {
    double c = Turns.cos(turnDeg) * scale;
    double s = Turns.sin(turnDeg) * scale;
    double over = mirrored ? -1 : 1;
    return AffineTransformation.translationInstance(-middle.xMm(), -middle.yMm())
        .compose(new AffineTransformation(c * over, -s, centre.xMm(), s * over, c, centre.yMm()));
  }

  /** From the face back onto the sheet. */
  AffineTransformation onto(Point middle) {
    try {
      return from(middle).getInverse();
    } catch (NoninvertibleTransformationException e) {
      throw new IllegalStateException("impossible state: a scale above 0 is no inverse", e);
    }
  }
}
