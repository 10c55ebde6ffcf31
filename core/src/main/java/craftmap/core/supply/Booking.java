package craftmap.core.supply;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** A change of a pot's level, in millilitres exact to a thousandth. */
public record Booking(EntryKind kind, BigDecimal changeMl) {
  public static final int DECIMALS = 3;
  private static final BigDecimal MOST = new BigDecimal("1000000");

  public Booking {
    changeMl = changeMl.setScale(DECIMALS, RoundingMode.HALF_UP);
    boolean rightWay = kind.sign() == 0 ? changeMl.signum() != 0 : changeMl.signum() == kind.sign();
    if (!rightWay || changeMl.abs().compareTo(MOST) > 0) {
      throw new RefusedInput(
          "Quantity",
          changeMl.abs().stripTrailingZeros().toPlainString() + " ml",
          "cannot be booked",
          "a quantity above 0 and up to 1000 litres");
    }
  }

  /** Paint used, rounded up to the thousandth: what is in the brush is gone. */
  public static Booking used(double ml) {
    return new Booking(
        EntryKind.USED, BigDecimal.valueOf(ml).setScale(DECIMALS, RoundingMode.UP).negate());
  }

  /**
   * The correction that brings a level to what was found in the pot.
   *
   * @throws RefusedInput when it was right already, or the pot cannot hold that much
   */
  public static Booking correctedTo(BigDecimal foundMl, BigDecimal levelMl, BigDecimal holdsMl) {
    String found = foundMl.stripTrailingZeros().toPlainString() + " ml";
    if (foundMl.signum() < 0 || foundMl.compareTo(holdsMl) > 0) {
      throw new RefusedInput(
          "Level",
          found,
          "does not fit the pot",
          "a level from 0 to " + holdsMl.stripTrailingZeros().toPlainString() + " ml");
    }
    BigDecimal change = foundMl.subtract(levelMl).setScale(DECIMALS, RoundingMode.HALF_UP);
    if (change.signum() == 0) {
      throw new RefusedInput(
          "Level", found, "is what the ledger says already", "another level, if there is one");
    }
    return new Booking(EntryKind.CORRECTED, change);
  }

  /**
   * The level after this booking.
   *
   * @throws RefusedInput when the pot would hold less than nothing
   */
  public BigDecimal onto(BigDecimal levelMl) {
    BigDecimal after = levelMl.add(changeMl);
    if (after.signum() < 0) {
      throw new RefusedInput(
          "Quantity",
          changeMl.negate().stripTrailingZeros().toPlainString() + " ml",
          "is more than the pot holds",
          "at most "
              + levelMl.stripTrailingZeros().toPlainString()
              + " ml, or correct the pot's level first");
    }
    return after;
  }
}
