package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.sheet.Bends;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;

/** The wall of something round, unrolled, from the tape laid round it. */
record RoundSum(Outline wall, double topMm, double bottomMm, double stripMm) implements Sum {
  /** Paper stands off no further than this before it has to be eased. */
  private static final double SAG_MM = 2;

  static RoundSum read(MeasureSheet sheet) {
    double top = sheet.size("top", "circumference-at-the-top", 754);
    double bottom = sheet.size("bottom", "circumference-at-the-bottom", 565);
    double slant = sheet.size("slant", "slant-along-the-wall", 230);
    double strip = sheet.size("strip", "width-of-a-straight-strip", 200);
    return new RoundSum(
        Math.abs(top - bottom) < ConeOutline.LEAST_TAPER_MM
            ? new CylinderOutline(top, slant)
            : new ConeOutline(top, bottom, slant),
        top,
        bottom,
        strip);
  }

  @Override
  public SumAnswer answer() {
    SumAnswer.Builder answer =
        wall instanceof ConeOutline cone
            ? SumAnswer.of(
                    said(
                        "cut-a-part-of-a-ring",
                        new Figure.Length(cone.outerRadiusMm()),
                        new Figure.Length(cone.innerRadiusMm()),
                        new Figure.Angle(Math.toDegrees(cone.openRad()))))
                .line(said("stands-high"), new Figure.Length(cone.uprightMm()))
            : SumAnswer.of(
                said(
                    "cut-a-rectangle",
                    new Figure.Length(wall.widthMm()),
                    new Figure.Length(wall.heightMm())));
    answer
        .line(said("across-at-the-top"), new Figure.Length(topMm / Math.PI))
        .line(said("across-at-the-bottom"), new Figure.Length(bottomMm / Math.PI))
        .line(said("area-of-the-wall"), new Figure.WideArea(wall.areaMm2()))
        .line(
            said("sheet-it-is-cut-from"),
            said("by", new Figure.Length(wall.widthMm()), new Figure.Length(wall.heightMm())));
    if (wall instanceof ConeOutline cone) {
      answer
          .line(
              said("straight-strip-stands-off"),
              new Figure.FineLength(Bends.sagMm(cone.outerRadiusMm(), stripMm)))
          .line(
              said("widest-straight-strip"),
              new Figure.Length(Bends.widestStripMm(cone.outerRadiusMm(), SAG_MM)))
          .why(said("why-cone"))
          .why(said("why-sag", new Figure.FineLength(SAG_MM)));
    } else {
      answer.why(said("why-cylinder"));
    }
    return answer.drawn(new Sketch.Pencil().area(Sketch.StandsFor.GROUND, wall.region()).done());
  }
}
