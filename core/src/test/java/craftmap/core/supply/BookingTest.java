package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BookingTest {
  private static BigDecimal ml(String text) {
    return new BigDecimal(text);
  }

  private static Booking corrected(BigDecimal found, BigDecimal level) {
    return Booking.correctedTo(found, level, Optional.of(ml("118")), StockUnit.ML);
  }

  @Test
  void sheetsAndPiecesAreWhole() {
    assertThat(Booking.used(1.2, StockUnit.SHEETS).change()).isEqualByComparingTo("-2");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.bought(ml("1.5"), StockUnit.SHEETS))
        .withMessageContaining("is-not-whole");
    assertThat(StockUnit.SHEETS.show(ml("1.000"))).isEqualTo("1 sheet");
    assertThat(StockUnit.ML.show(ml("0.000"))).isEqualTo("0 ml");
  }

  @Test
  void openingAPotTakesNothingFromIt() {
    Booking opened = Booking.of(EntryKind.OPENED, BigDecimal.ZERO, StockUnit.ML);
    assertThat(opened.onto(ml("118"))).isEqualByComparingTo("118");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.of(EntryKind.OPENED, BigDecimal.ONE, StockUnit.ML));
  }

  @Test
  void aUseIsRoundedUpAndLowersTheLevel() {
    Booking used = Booking.used(2.9540909, StockUnit.ML);
    assertThat(used.change()).isEqualByComparingTo("-2.955");
    assertThat(used.onto(ml("41"))).isEqualByComparingTo("38.045");
  }

  @Test
  void aPotNeverHoldsLessThanNothing() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.used(3, StockUnit.ML).onto(ml("2.5")))
        .withMessage(
            "quantity (3 ml): is-more-than-there-is;"
                + " accepted: at-most-or-correct-the-level-first [2.5 ml]");
    assertThat(Booking.used(2.5, StockUnit.ML).onto(ml("2.5"))).isEqualByComparingTo("0");
  }

  @Test
  void aCorrectionBringsTheLevelToWhatWasFound() {
    Booking up = corrected(ml("40"), ml("38.045"));
    assertThat(up.change()).isEqualByComparingTo("1.955");
    assertThat(up.onto(ml("38.045"))).isEqualByComparingTo("40");
  }

  @Test
  void aCorrectionToWhatNoPotCanHoldIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> corrected(ml("119"), ml("38")))
        .withMessageContaining("a-level-from-0-to [118 ml]");
    assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> corrected(ml("-1"), ml("38")));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> corrected(ml("38.000"), ml("38")))
        .withMessageContaining("is-what-the-ledger-says-already");
  }

  @Test
  void kindsOnlyMoveTheLevelTheirWay() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.BOUGHT, ml("-5"), StockUnit.ML));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.SPILLED, ml("5"), StockUnit.ML));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.CORRECTED, ml("0.0001"), StockUnit.ML));
  }

  @Test
  void enoughOrShortSaysByHowMuch() {
    assertThat(Provision.of(3, 41)).isEqualTo(new Provision.Enough(38));
    assertThat(Provision.of(41, 41)).isEqualTo(new Provision.Enough(0));
    assertThat(Provision.of(44, 41)).isEqualTo(new Provision.Short(3));
  }
}
