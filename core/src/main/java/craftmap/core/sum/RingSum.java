package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.CylinderOutline;
import java.util.List;

/**
 * How many of a motif go round a closed length. They are laid round a wall, where a motif is as
 * wide as it is flat, and drawn as one sees them from above.
 */
record RingSum(double aroundMm, double motifMm, RunWish wish) implements LaySum {
  private static final double DRAWN_DEEP = 0.3;

  static RingSum read(MeasureSheet sheet) {
    return new RingSum(
        sheet.size("around", "length-all-round", 754),
        sheet.size("motif", "width-of-the-motif", 40),
        new RunWish(
            sheet.distance("gap", "gap-you-would-like", 15),
            0,
            sheet.figure("change", "gap-may-change-by", 15, Run.CHANGE) / 100));
  }

  @Override
  public LayAnswer lay() {
    Ring ring =
        new Ring(
            Ring.Around.WALL,
            motifMm,
            new Point(0, 0),
            0,
            wish,
            1,
            1,
            false,
            Ring.Look.OUTWARD,
            0,
            false);
    return ring.lay(
        new Laying(
            Bare.room(new CylinderOutline(aroundMm, 2 * motifMm)),
            Bare.rectangle(motifMm, motifMm)));
  }

  @Override
  public Figure.Said why() {
    double each = motifMm + wish.gapMm();
    return said(
        "why-ring",
        new Figure.Length(aroundMm),
        new Figure.Length(each),
        new Figure.Times(aroundMm / each));
  }

  @Override
  public List<Double> ticks(LayOption way) {
    return way.items().stream()
        .map(i -> (i.centre().xMm() % aroundMm + aroundMm) % aroundMm)
        .sorted()
        .toList();
  }

  @Override
  public double lineMm() {
    return aroundMm;
  }

  @Override
  public Sketch drawn(LayOption way) {
    double radius = aroundMm / (2 * Math.PI);
    double deep = Math.min(motifMm * DRAWN_DEEP, radius / 2);
    double half = motifMm / 2 / radius;
    Point middle = new Point(0, 0);
    Sketch.Pencil pencil =
        new Sketch.Pencil()
            .circle(Sketch.StandsFor.GROUND, middle, radius + 2 * deep)
            .circle(Sketch.StandsFor.GUIDE, middle, radius);
    for (double at : ticks(way)) {
      // the tape's zero is at the back, which is drawn at the top
      pencil.ringPart(middle, radius - deep, radius + deep, at / radius - half, at / radius + half);
    }
    return pencil.done();
  }
}
