package craftmap.core.order.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Base;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class DayClimateTest {
  private static final Climate DAY = new Climate(20.3, 48);
  private static final Climate NIGHT = new Climate(11.7, 71);

  @Test
  void theDayLastsFromAnHourToAnHour() {
    DayClimate climate = DayClimate.of(DAY, 8, 18, NIGHT);
    for (int h = 0; h < 24; h++) {
      assertThat(climate.at(h)).as("%d h", h).isEqualTo(h >= 8 && h <= 17 ? DAY : NIGHT);
    }
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new DayClimate(Collections.nCopies(23, DAY)))
        .satisfies(r -> assertThat(r.field()).isEqualTo("climate"));
  }

  /** A room is warmer or damper all day; damper than damp and drier than dry it cannot be. */
  @Test
  void allDayWarmerOrDamper() {
    DayClimate climate = DayClimate.of(DAY, 8, 18, NIGHT);
    assertThat(climate.warmer(-2.3).at(12).celsius()).isCloseTo(18, within(1e-9));
    assertThat(climate.warmer(3.1).at(2).celsius()).isCloseTo(14.8, within(1e-9));
    assertThat(climate.warmer(3.1).at(2).dampPercent()).isEqualTo(71);
    assertThat(climate.damper(12.5).at(12).dampPercent()).isCloseTo(60.5, within(1e-9));
    assertThat(climate.damper(12.5).at(12).celsius()).isEqualTo(20.3);
    assertThat(climate.damper(40).at(2).dampPercent()).isEqualTo(100);
    assertThat(climate.damper(-60).at(12).dampPercent()).isEqualTo(5);
  }

  /** Nothing is put on colder than its label allows, nor in air that is nearly a fog. */
  @Test
  void whatMayBePutOn() {
    assertThat(new Climate(10, 50).allows(10)).isTrue();
    assertThat(new Climate(9.9, 50).allows(10)).isFalse();
    assertThat(new Climate(15, 85).allows(10)).isTrue();
    assertThat(new Climate(15, 85.1).allows(10)).isFalse();
  }

  /** At 21 degrees and half damp air takes up 1.243 kPa, by Tetens. */
  @Test
  void whatTheAirTakesUp() {
    assertThat(Climate.OF_LABELS.deficitKpa()).isCloseTo(1.2434, within(5e-4));
    assertThat(new Climate(21, 100).deficitKpa()).isZero();
  }

  @Test
  void whatIsThinnedByWaterDriesAsTheAirTakesItUp() {
    for (Base base : List.of(Base.WATER, Base.CASEIN, Base.LATEX)) {
      assertThat(DryingLaw.of(base)).isEqualTo(DryingLaw.WATER);
    }
    for (Base base : List.of(Base.OIL, Base.SOLVENT, Base.WAX, Base.RESIN, Base.SHELLAC)) {
      assertThat(DryingLaw.of(base)).isEqualTo(DryingLaw.WARMTH);
    }
    assertThat(DryingLaw.CLOCK.factor(NIGHT)).isEqualTo(1);
  }
}
