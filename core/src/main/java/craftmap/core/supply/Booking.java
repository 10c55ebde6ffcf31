package craftmap.core.supply;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * A change of a stock's level, exact to a thousandth of its unit; sheets and pieces are whole.
 *
 * @param paid what it cost, where it was bought and somebody said
 */
public record Booking(EntryKind kind, BigDecimal change, StockUnit unit, Optional<Money> paid) {
  public static final int DECIMALS = 3;
  private static final BigDecimal MOST = new BigDecimal("1000000");

  public Booking {
    change = change.setScale(DECIMALS, RoundingMode.HALF_UP);
    if (!kind.allows(change.signum()) || change.abs().compareTo(MOST) > 0) {
      throw new RefusedInput(
          "quantity",
          given(unit.show(change.abs())),
          said("cannot-be-booked"),
          said("a-quantity-above-0-and-up-to", given(unit.show(MOST))));
    }
    if (unit.isCounted() && change.stripTrailingZeros().scale() > 0) {
      throw new RefusedInput(
          "quantity", given(unit.show(change.abs())), said("is-not-whole"), said("a-whole-number"));
    }
    if (paid.isPresent() && kind != EntryKind.BOUGHT) {
      throw new RefusedInput(
          "price",
          given(paid.get().show()),
          said("belongs-to-what-was-bought"),
          said("no-price-here"));
    }
  }

  public Booking(EntryKind kind, BigDecimal change, StockUnit unit) {
    this(kind, change, unit, Optional.empty());
  }

  /** The same with what was paid for it. */
  public Booking paid(Optional<Money> price) {
    return new Booking(kind, change, unit, price);
  }

  public static Booking bought(BigDecimal quantity, StockUnit unit) {
    return new Booking(EntryKind.BOUGHT, quantity, unit);
  }

  /** A kind with what it moves: the quantity is given without a sign. */
  public static Booking of(EntryKind kind, BigDecimal quantity, StockUnit unit) {
    return new Booking(
        kind, kind.way() == EntryKind.Way.LOWERS ? quantity.negate() : quantity, unit);
  }

  /**
   * What was used, rounded up to the thousandth or the whole thing: what is in the brush is gone.
   */
  public static Booking used(double quantity, StockUnit unit) {
    return new Booking(
        EntryKind.USED,
        BigDecimal.valueOf(quantity)
            .setScale(unit.isCounted() ? 0 : DECIMALS, RoundingMode.UP)
            .negate(),
        unit);
  }

  /**
   * The correction that brings a level to what was found.
   *
   * @param holds the most there can be; none where nothing limits it
   * @throws RefusedInput when it was right already, or there cannot be that much
   */
  public static Booking correctedTo(
      BigDecimal found, BigDecimal level, Optional<BigDecimal> holds, StockUnit unit) {
    if (found.signum() < 0 || holds.isPresent() && found.compareTo(holds.get()) > 0) {
      throw new RefusedInput(
          "level",
          given(unit.show(found)),
          holds.isPresent() ? said("does-not-fit-its-container") : said("is-below-nothing"),
          holds.map(h -> said("a-level-from-0-to", given(unit.show(h)))).orElse(said("0-or-more")));
    }
    BigDecimal change = found.subtract(level).setScale(DECIMALS, RoundingMode.HALF_UP);
    if (change.signum() == 0) {
      throw new RefusedInput(
          "level",
          given(unit.show(found)),
          said("is-what-the-ledger-says-already"),
          said("another-level-if-there-is-one"));
    }
    return new Booking(EntryKind.CORRECTED, change, unit);
  }

  /**
   * The level after this booking.
   *
   * @throws RefusedInput when there would be less than nothing
   */
  public BigDecimal onto(BigDecimal level) {
    BigDecimal after = level.add(change);
    if (after.signum() < 0) {
      throw new RefusedInput(
          "quantity",
          given(unit.show(change.negate())),
          said("is-more-than-there-is"),
          said("at-most-or-correct-the-level-first", given(unit.show(level))));
    }
    return after;
  }
}
