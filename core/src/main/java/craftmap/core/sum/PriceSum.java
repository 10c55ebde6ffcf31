package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.money.Costing;
import craftmap.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;

/** What to charge for a piece. */
record PriceSum(Costing costing, Money hourly, int margin) implements Sum {
  private static final FigureRange HOURS = new FigureRange("h", 0, 2000, 1);
  private static final FigureRange MARGIN = new FigureRange("%", 0, Costing.HIGHEST_MARGIN, 0);
  private static final double MOST = 100_000;

  static PriceSum read(MeasureSheet sheet, Usual usual) {
    String currency = usual.hourly().currency();
    FigureRange money = new FigureRange(currency, 0, MOST, 2);
    double piece = sheet.figure("piece", "paid-for-the-piece", 40, money);
    double supplies = sheet.figure("supplies", "worth-of-what-it-takes", 18.5, money);
    double hours = sheet.figure("hours", "hours-of-work", 6.5, HOURS);
    double hourly = sheet.figure("hourly", "an-hour-costs", usual.hourly().minor() / 100.0, money);
    double margin = sheet.figure("margin", "margin", usual.marginPercent(), MARGIN);
    return new PriceSum(
        new Costing(
            money(piece, currency),
            money(supplies, currency),
            Duration.ofSeconds(Math.round(hours * 3600))),
        money(hourly, currency),
        (int) Math.round(margin));
  }

  private static Money money(double units, String currency) {
    return new Money(
        BigDecimal.valueOf(units)
            .movePointRight(2)
            .setScale(0, RoundingMode.HALF_UP)
            .longValueExact(),
        currency);
  }

  @Override
  public SumAnswer answer() {
    Money price = costing.byMargin(hourly, margin);
    Money cost = costing.cost(hourly);
    SumAnswer.Builder answer =
        SumAnswer.of(said("charge", figure(price)))
            .line(said("piece-and-supplies"), figure(costing.outlay()))
            .line(said("worth-of-the-time"), figure(costing.time(hourly)))
            .line(said("all-that-it-costs"), figure(cost));
    costing.wageAt(price).ifPresent(wage -> answer.line(said("an-hour-then-brings"), figure(wage)));
    Sketch.Pencil pencil = new Sketch.Pencil();
    double all = Math.max(1, price.minor());
    double outlay = 240 * costing.outlay().minor() / all;
    double time = 240 * costing.time(hourly).minor() / all;
    pencil
        .box(Sketch.StandsFor.MOTIF, 0, 0, outlay, 30)
        .box(Sketch.StandsFor.WET, outlay, 0, time, 30)
        .box(Sketch.StandsFor.OTHER, outlay + time, 0, Math.max(0, 240 - outlay - time), 30)
        .note(outlay / 2, 38, said("things"))
        .note(outlay + time / 2, 38, said("time-short"))
        .note((outlay + time + 240) / 2, 38, said("margin-short"));
    return answer
        .why(
            said(
                "why-price",
                figure(costing.outlay()),
                figure(costing.time(hourly)),
                Figure.given(margin + " %")))
        .drawn(pencil.done());
  }

  private static Figure figure(Money money) {
    return new Figure.Worth(money.minor(), money.currency());
  }
}
