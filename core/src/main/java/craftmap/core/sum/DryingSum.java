package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Times;
import craftmap.core.medium.Base;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Dry;
import java.time.Duration;

/** How long something takes to dry in the air there is. */
record DryingSum(Dry dry, Climate air, double coldest, boolean blown) implements Sum {
  private static final FigureRange LABEL = new FigureRange("min", 1, 60 * 24 * 30, 0);
  private static final FigureRange DAMP = new FigureRange("%", 5, 100, 0);

  /** What of it one waits for. */
  enum Until {
    TOUCH_DRY,
    CURED
  }

  static DryingSum read(MeasureSheet sheet, Usual usual) {
    double label = sheet.figure("label", "dries-by-the-label-in", 60, LABEL);
    Base base = sheet.choice("base", "it-is-made-with", Base.WATER);
    double celsius =
        sheet.figure(
            "celsius", "temperature-of-the-air", usual.air().celsius(), FigureRange.CELSIUS);
    double damp = sheet.figure("damp", "damp-of-the-air", usual.air().dampPercent(), DAMP);
    Until until = sheet.choice("until", "until-it-is", Until.TOUCH_DRY);
    boolean fan = until == Until.TOUCH_DRY && sheet.yes("fan", "a-fan-blows-on-it", false);
    double coldest = sheet.figure("coldest", "no-colder-by-the-label-than", 8, FigureRange.CELSIUS);
    boolean cured = until == Until.CURED;
    return new DryingSum(
        new Dry(
            cured ? Dry.For.USE : Dry.For.TOUCH,
            Times.ofMinutes(label),
            // whatever it is made with, it cures by warmth
            cured ? DryingLaw.WARMTH : DryingLaw.of(base)),
        new Climate(celsius, damp),
        coldest,
        fan);
  }

  @Override
  public SumAnswer answer() {
    Duration label = dry.label();
    double minutes = Times.minutes((blown ? dry.blown() : dry).label()) * dry.law().factor(air);
    double factor = minutes / Times.minutes(label);
    Duration here = Times.ofMinutes(minutes);
    double scale = 220 / Math.max(1, factor);
    SumAnswer.Builder answer =
        SumAnswer.of(
                air.allows(coldest)
                    ? said("dry-after", new Figure.Time(here))
                    : said("nothing-is-put-on-in-this-air"))
            .line(said("by-the-label"), new Figure.Time(label))
            .line(said("here-so-many-times"), new Figure.Times(factor));
    if (!air.allows(coldest)) {
      answer.mind(
          said(
              "too-cold-or-too-damp",
              new Figure.Amount(coldest, 0, "°C"),
              new Figure.Amount(Climate.DAMPEST_PERCENT, 0, "%")));
    }
    return answer
        .why(
            dry.law() == DryingLaw.WATER ? said("why-dries-by-water") : said("why-dries-by-warmth"))
        .why(
            said(
                "why-dries-within",
                new Figure.Times(DryingLaw.LEAST),
                new Figure.Times(DryingLaw.MOST)))
        .mind(said("the-label-wins"))
        .drawn(
            new Sketch.Pencil()
                .box(Sketch.StandsFor.REST, 0, 0, scale, 16)
                .note(scale / 2, 8, new Figure.Time(label))
                .box(Sketch.StandsFor.WET, 0, 24, scale * factor, 16)
                .note(scale * factor / 2, 32, new Figure.Time(here))
                .done());
  }
}
