package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import java.util.List;
import java.util.Map;

/**
 * A rectangle with an arch on it.
 *
 * @param heightMm in all, to the top of the arch
 * @param riseMm how high the arch stands over the upright sides
 */
public record ArchOutline(double widthMm, double heightMm, double riseMm, Curve curve)
    implements Outline {
  /** The line of an arch. */
  public enum Curve {
    /** Part of a circle; it can rise up to half the width. */
    SEGMENT,
    HALF_OVAL
  }

  public ArchOutline {
    widthMm = LengthRange.SIZE.check("width", widthMm);
    heightMm = LengthRange.SIZE.check("height", heightMm);
    double most = curve == Curve.SEGMENT ? Math.min(heightMm, widthMm / 2) : heightMm;
    riseMm = LengthRange.SIZE.upTo(most).check("rise-of-the-arch", riseMm);
  }

  static ArchOutline read(MeasureSheet sheet) {
    return new ArchOutline(
        sheet.size("width", "width", 400),
        sheet.size("height", "height-to-the-top", 600),
        sheet.size("rise", "rise-of-the-arch", 100),
        sheet.choice("curve", "line-of-the-arch", Curve.SEGMENT));
  }

  @Override
  public OutlineNote note() {
    return new OutlineNote(
        OutlineKind.ARCH,
        Map.of("width", widthMm, "height", heightMm, "rise", riseMm),
        Map.of("curve", curve.name()),
        List.of());
  }

  @Override
  public List<Side> sides() {
    Point left = new Point(0, riseMm);
    Point right = new Point(widthMm, riseMm);
    Point footRight = new Point(widthMm, heightMm);
    Point footLeft = new Point(0, heightMm);
    Side top = Side.of(Side.Name.TOP, arch());
    Side bottom = Side.of(Side.Name.BOTTOM, new Line(footRight, footLeft));
    if (riseMm == heightMm) {
      return List.of(top, bottom);
    }
    return List.of(
        top,
        Side.of(Side.Name.RIGHT, new Line(right, footRight)),
        bottom,
        Side.of(Side.Name.LEFT, new Line(footLeft, left)));
  }

  private Stroke arch() {
    double half = widthMm / 2;
    return switch (curve) {
      case HALF_OVAL -> new Arc(new Point(half, riseMm), half, riseMm, Math.PI, Math.PI);
      case SEGMENT -> {
        double radius = segmentRadiusMm();
        double reach = Math.asin(Math.min(1, half / radius));
        yield Arc.circular(new Point(half, radius), radius, -Math.PI / 2 - reach, 2 * reach);
      }
    };
  }

  /** The radius of a circle over a chord w with a rise s: (w2/4 + s2) / 2s. */
  private double segmentRadiusMm() {
    double half = widthMm / 2;
    return (half * half + riseMm * riseMm) / (2 * riseMm);
  }
}
