package craftmap.core.money;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.Optional;

/**
 * What a piece comes to, in one currency.
 *
 * @param piece what was paid for it as it came
 * @param supplies the value of what it uses
 * @param work what it takes of somebody's time
 */
public record Costing(Money piece, Money supplies, Duration work) {
  private static final BigDecimal SECONDS_PER_HOUR = BigDecimal.valueOf(3600);
  private static final int HUNDRED = 100;
  public static final int HIGHEST_MARGIN = 900;

  public Costing {
    if (!piece.currency().equals(supplies.currency())) {
      throw new IllegalArgumentException("impossible state: " + piece + " with " + supplies);
    }
  }

  /** A margin as it is typed, in percent of what a piece costs. */
  public static int margin(int percent) {
    if (percent < 0 || percent > HIGHEST_MARGIN) {
      throw new RefusedInput(
          "margin", given(percent), said("cannot-be"), said("0-to", given(HIGHEST_MARGIN)));
    }
    return percent;
  }

  /** Without anybody's time. */
  public Money outlay() {
    return piece.plus(supplies);
  }

  /** What the time is worth at so much an hour. */
  public Money time(Money hourly) {
    return new Money(
        BigDecimal.valueOf(hourly.minor())
            .multiply(BigDecimal.valueOf(work.toSeconds()))
            .divide(SECONDS_PER_HOUR, 0, RoundingMode.HALF_UP)
            .longValueExact(),
        hourly.currency());
  }

  /** All of it. */
  public Money cost(Money hourly) {
    return outlay().plus(time(hourly));
  }

  /** For sale: what it costs and a margin on that, in whole units of money. */
  public Money byMargin(Money hourly, int marginPercent) {
    Money cost = cost(hourly);
    return whole(
        BigDecimal.valueOf(cost.minor())
            .multiply(BigDecimal.valueOf(HUNDRED + margin(marginPercent)))
            .divide(BigDecimal.valueOf(HUNDRED)));
  }

  /** For sale: so that an hour of the work brings what somebody wants for it. */
  public Money byWage(Money wage) {
    return whole(BigDecimal.valueOf(cost(wage).minor()));
  }

  /** What an hour of the work brings at a price; none where it brings nothing, or took no time. */
  public Optional<Money> wageAt(Money price) {
    long left = price.minor() - outlay().minor();
    if (left < 0 || !work.isPositive()) {
      return Optional.empty();
    }
    return Optional.of(
        new Money(
            BigDecimal.valueOf(left)
                .multiply(SECONDS_PER_HOUR)
                .divide(BigDecimal.valueOf(work.toSeconds()), 0, RoundingMode.FLOOR)
                .longValueExact(),
            price.currency()));
  }

  /** Up: less would not be what was asked for. */
  private Money whole(BigDecimal minor) {
    return new Money(
        minor
            .divide(BigDecimal.valueOf(HUNDRED), 0, RoundingMode.CEILING)
            .multiply(BigDecimal.valueOf(HUNDRED))
            .longValueExact(),
        piece.currency());
  }
}
