package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;

class BookingTest {
  private static BigDecimal ml(String text) {
    return new BigDecimal(text);
  }

  @Test
  void aUseIsRoundedUpAndLowersTheLevel() {
    Booking used = Booking.used(2.9540909);
    assertThat(used.changeMl()).isEqualByComparingTo("-2.955");
    assertThat(used.onto(ml("41"))).isEqualByComparingTo("38.045");
  }

  @Test
  void aPotNeverHoldsLessThanNothing() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.used(3).onto(ml("2.5")))
        .withMessage(
            "Quantity (3 ml) is more than the pot holds."
                + " Give at most 2.5 ml, or correct the pot's level first.");
    assertThat(Booking.used(2.5).onto(ml("2.5"))).isEqualByComparingTo("0");
  }

  @Test
  void aCorrectionBringsTheLevelToWhatWasFound() {
    Booking up = Booking.correctedTo(ml("40"), ml("38.045"), ml("118"));
    assertThat(up.changeMl()).isEqualByComparingTo("1.955");
    assertThat(up.onto(ml("38.045"))).isEqualByComparingTo("40");
  }

  @Test
  void aCorrectionToWhatNoPotCanHoldIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.correctedTo(ml("119"), ml("38"), ml("118")))
        .withMessageContaining("Give a level from 0 to 118 ml");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.correctedTo(ml("-1"), ml("38"), ml("118")));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Booking.correctedTo(ml("38.000"), ml("38"), ml("118")))
        .withMessageContaining("already");
  }

  @Test
  void kindsOnlyMoveTheLevelTheirWay() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.BOUGHT, ml("-5")));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.SPILLED, ml("5")));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Booking(EntryKind.CORRECTED, ml("0.0001")));
  }

  @Test
  void enoughOrShortSaysByHowMuch() {
    assertThat(Provision.of(3, 41)).isEqualTo(new Provision.Enough(38));
    assertThat(Provision.of(41, 41)).isEqualTo(new Provision.Enough(0));
    assertThat(Provision.of(44, 41)).isEqualTo(new Provision.Short(3));
  }
}
