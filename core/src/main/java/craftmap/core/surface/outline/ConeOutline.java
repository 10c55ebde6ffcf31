package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/**
 * The wall of a tapered round thing, unrolled: a part of a ring. With the larger circumference C,
 * the smaller c and the slant s the outer radius is R = sC/(C-c), the inner R - s, and the ring is
 * open by C/R.
 *
 * @param topMm circumference at the top
 * @param bottomMm circumference at the bottom
 * @param slantMm along the wall
 */
public record ConeOutline(double topMm, double bottomMm, double slantMm)
    implements Outline, RolledUp {
  /** A smaller difference cannot be taped; what is that straight is taken as a cylinder. */
  public static final double LEAST_TAPER_MM = 0.5;

  public ConeOutline {
    topMm = LengthRange.SIZE.check("circumference-at-the-top", topMm);
    bottomMm = LengthRange.SIZE.check("circumference-at-the-bottom", bottomMm);
    slantMm = LengthRange.SIZE.check("slant", slantMm);
    double taper = Math.abs(topMm - bottomMm);
    if (taper < LEAST_TAPER_MM) {
      throw new RefusedInput(
          "circumferences",
          said("and", mm(topMm), mm(bottomMm)),
          said("are-the-same-this-is-straight"),
          said("two-circumferences-or-a-straight-wall-by-its-height"));
    }
    if (!(taper < 2 * Math.PI * slantMm)) {
      throw new RefusedInput(
          "slant",
          mm(slantMm),
          said("is-too-short-for-these-circumferences"),
          said("more-than", mm(taper / (2 * Math.PI))));
    }
  }

  static ConeOutline read(MeasureSheet sheet) {
    return new ConeOutline(
        sheet.size("top", "circumference-at-the-top", 754),
        sheet.size("bottom", "circumference-at-the-bottom", 565),
        sheet.size("slant", "slant-along-the-wall", 230));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(
        OutlineKind.CONE, Map.of("top", topMm, "bottom", bottomMm, "slant", slantMm));
  }

  public double outerRadiusMm() {
    double larger = Math.max(topMm, bottomMm);
    return slantMm * larger / Math.abs(topMm - bottomMm);
  }

  public double innerRadiusMm() {
    return outerRadiusMm() - slantMm;
  }

  /** How far the ring is open, in radians. */
  public double openRad() {
    return Math.max(topMm, bottomMm) / outerRadiusMm();
  }

  /** How high it stands. */
  public double uprightMm() {
    double step = (topMm - bottomMm) / (2 * Math.PI);
    return Math.sqrt(slantMm * slantMm - step * step);
  }

  public boolean widerAtTheTop() {
    return topMm > bottomMm;
  }

  /** Where the two slanted ends would meet, in the coordinates of the face. */
  public Point apex() {
    Extent extent = raw().extent();
    return new Point(-extent.leftMm(), -extent.topMm());
  }

  /** Round the apex at 0, 0, which lies below when the top is the wider one. */
  private Contour raw() {
    return new Contour(rawSides().stream().flatMap(s -> s.strokes().stream()).toList());
  }

  private List<Side> rawSides() {
    Point apex = new Point(0, 0);
    double half = openRad() / 2;
    double toMiddle = widerAtTheTop() ? -Math.PI / 2 : Math.PI / 2;
    double topRadius = widerAtTheTop() ? outerRadiusMm() : innerRadiusMm();
    double footRadius = widerAtTheTop() ? innerRadiusMm() : outerRadiusMm();
    // on the screen the left end comes first; below the apex that is the larger angle
    double left = widerAtTheTop() ? toMiddle - half : toMiddle + half;
    double sweep = widerAtTheTop() ? 2 * half : -2 * half;
    Arc top = Arc.circular(apex, topRadius, left, sweep);
    Arc foot = Arc.circular(apex, footRadius, left + sweep, -sweep);
    return List.of(
        Side.of(Side.Name.TOP, top),
        Side.of(Side.Name.RIGHT, new Line(top.to(), foot.from())),
        Side.of(Side.Name.BOTTOM, foot),
        Side.of(Side.Name.LEFT, new Line(foot.to(), top.from())));
  }

  @Override
  public List<Side> sides() {
    Point apex = apex();
    return rawSides().stream()
        .map(
            s ->
                new Side(
                    s.name(),
                    s.number(),
                    s.strokes().stream().map(k -> k.movedBy(apex.xMm(), apex.yMm())).toList()))
        .toList();
  }

  @Override
  public double areaMm2() {
    return (topMm + bottomMm) / 2 * slantMm;
  }

  /**
   * Where a point of the face lies round the wall: 0 at the left end, 1 at the right end, so that
   * 0.5 is the front, opposite the seam.
   */
  public double turnShare(Point p) {
    Point apex = apex();
    double dx = p.xMm() - apex.xMm();
    double dy = p.yMm() - apex.yMm();
    double fromMiddle = widerAtTheTop() ? Math.atan2(dx, -dy) : Math.atan2(dx, dy);
    return 0.5 + fromMiddle / openRad();
  }

  /** How far down the wall a point of the face lies, along the slant from the top. */
  public double downMm(Point p) {
    double fromApex = p.distanceMm(apex());
    return widerAtTheTop() ? outerRadiusMm() - fromApex : fromApex - innerRadiusMm();
  }
}
