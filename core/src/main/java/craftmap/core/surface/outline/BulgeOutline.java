package craftmap.core.surface.outline;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Arc;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/**
 * A dome: the cap of a ball, drawn as a disc on which every distance from the middle is true. It
 * does not unroll flat: round the rim the disc is wider than the dome.
 *
 * @param acrossMm straight across its rim
 * @param radiusMm of the ball it is part of
 */
public record BulgeOutline(double acrossMm, double radiusMm) implements Outline {
  public BulgeOutline {
    acrossMm = LengthRange.SIZE.check("across", acrossMm);
    radiusMm = LengthRange.SIZE.check("radius-of-the-bulge", radiusMm);
    new LengthRange(acrossMm / 2, true, LengthRange.SIZE.mostMm())
        .check("radius-of-the-bulge", radiusMm);
  }

  static BulgeOutline read(MeasureSheet sheet) {
    double across = sheet.size("across", "across", 120);
    return new BulgeOutline(across, sheet.size("radius", "radius-of-the-bulge", across));
  }

  @Override
  public OutlineNote note() {
    return OutlineNote.of(OutlineKind.BULGE, Map.of("across", acrossMm, "radius", radiusMm));
  }

  /** From the middle to the rim over the dome. */
  public double overMm() {
    return radiusMm * Math.asin(Math.min(1, acrossMm / 2 / radiusMm));
  }

  /** How far the middle stands out over the rim. */
  public double standsOutMm() {
    return radiusMm - Math.sqrt(radiusMm * radiusMm - acrossMm * acrossMm / 4);
  }

  @Override
  public List<Side> sides() {
    double over = overMm();
    return List.of(
        Side.of(
            Side.Name.RIM, Arc.circular(new Point(over, over), over, -Math.PI / 2, 2 * Math.PI)));
  }

  /** The area of the cap itself, 2 pi r h, not of the disc it is drawn as. */
  @Override
  public double areaMm2() {
    return 2 * Math.PI * radiusMm * standsOutMm();
  }

  /** Round the dome's rim; the disc's would be longer. */
  @Override
  public double edgeMm() {
    return Math.PI * acrossMm;
  }
}
