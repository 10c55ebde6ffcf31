package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Batches;
import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Times;
import java.time.Duration;
import java.util.Optional;

/** In how many batches something is mixed that sets while it is laid. */
record BatchesSum(double ml, double mlPerMinute, Duration potLife, Batches batches) implements Sum {
  private static final FigureRange PACE = new FigureRange("ml/min", 0.1, 10_000, 1);
  private static final FigureRange LIFE = new FigureRange("min", 1, 2880, 0);
  private static final FigureRange ALL = new FigureRange("ml", 0.1, 100_000, 1);
  private static final int MOST = 200;

  static BatchesSum read(MeasureSheet sheet) {
    double ml = sheet.figure("all", "so-much-in-all", 900, ALL);
    double pace = sheet.figure("pace", "laid-a-minute", 40, PACE);
    double life = sheet.figure("life", "can-be-used-for", 12, LIFE);
    Duration potLife = Duration.ofSeconds(Math.round(life * 60));
    Batches batches = Batches.of(ml, pace, potLife, Optional.empty());
    if (batches.count() > MOST) {
      throw new RefusedInput(
          "laid-a-minute",
          Figure.given(PACE.show(pace)),
          said("makes-more-batches-than-anybody-mixes"),
          said("a-faster-pace-or-a-longer-pot-life"));
    }
    return new BatchesSum(ml, pace, potLife, batches);
  }

  @Override
  public SumAnswer answer() {
    double atOnce = mlPerMinute * Times.minutes(potLife) * Batches.OF_POT_LIFE;
    Sketch.Pencil pencil = new Sketch.Pencil();
    int drawn = Math.min(batches.count(), 12);
    double full = 40 * Math.min(1, batches.eachMl() / atOnce);
    for (int i = 0; i < drawn; i++) {
      pencil
          .box(Sketch.StandsFor.GROUND, i * 44, 0, 34, 48)
          .box(Sketch.StandsFor.WET, i * 44 + 2, 46 - full, 30, full);
    }
    return SumAnswer.of(
            said(
                "batches-of-each",
                Figure.count(batches.count()),
                new Figure.Volume(batches.eachMl())))
        .line(said("most-at-once"), new Figure.Volume(atOnce))
        .line(
            said("each-laid-in"), new Figure.Time(Times.ofMinutes(batches.eachMl() / mlPerMinute)))
        .why(
            said(
                "why-batches",
                new Figure.Amount(mlPerMinute, 1, "ml/min"),
                new Figure.Share(Batches.OF_POT_LIFE),
                new Figure.Time(potLife)))
        .mind(said("two-parts-harm"))
        .drawn(pencil.done());
  }
}
