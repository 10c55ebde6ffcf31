package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;

/**
 * A tapered planter or bucket.
 *
 * @param rimFreeMm how much of the upper rim is left free
 */
public record PlanterForm(double topMm, double bottomMm, double slantMm, double rimFreeMm)
    implements Form {

  static PlanterForm read(MeasureSheet sheet) {
    double top = sheet.size("top", "circumference-at-the-top", 754);
    double bottom = sheet.size("bottom", "circumference-at-the-bottom", 565);
    double slant = sheet.size("slant", "slant-along-the-wall", 230);
    return new PlanterForm(
        top,
        bottom,
        slant,
        sheet.length("rimFree", "rim-left-free", 0, LengthRange.DISTANCE.upTo(slant)));
  }

  @Override
  public FormFaces faces() {
    Outline wall = VesselForm.wall(topMm, bottomMm, slantMm);
    double upright = wall instanceof ConeOutline cone ? cone.uprightMm() : slantMm;
    double across = bottomMm / Math.PI;
    return new FormFaces.Collector()
        .group(NetGroup.middle("wall"))
        .face(
            FormFace.of("wall", "Wall", wall, new Pose.Rolled(new Vec(0, upright, 0)))
                .with(Round.rimLeftFree(rimFreeMm)))
        .group(NetGroup.beside("base", "wall", Edge.BOTTOM))
        .face(
            FormFace.of(
                    "base",
                    "Base",
                    OvalOutline.circle(across),
                    Round.underneath(new Vec(0, 0, 0), across, across))
                .putAway())
        .done();
  }
}
