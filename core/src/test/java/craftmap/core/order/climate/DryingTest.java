package craftmap.core.order.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class DryingTest {
  private static final ZoneId UTC = ZoneId.of("UTC");
  private static final Instant MONDAY = Instant.parse("2027-01-04T09:00:00Z");

  /** By day as on the label, by night half as fast. */
  private static final DayClimate COLD_NIGHTS =
      DayClimate.of(Climate.OF_LABELS, 8, 18, new Climate(11, 50));

  @Test
  void itTakesAsLongAsTheLabelSaysAtTheLabelsClimate() {
    Drying drying = new Drying(MONDAY, 3000, UTC, DayClimate.always(Climate.OF_LABELS));
    assertThat(drying.after(37, Duration.ofMinutes(240), DryingLaw.WATER)).isEqualTo(277);
    assertThat(drying.before(37, Duration.ofMinutes(240), DryingLaw.WATER)).isEqualTo(277);
  }

  @Test
  void itGoesOnAtNightAtTheNightsTemperature() {
    Drying drying = new Drying(MONDAY, 3000, UTC, COLD_NIGHTS);
    // from four in the afternoon: two hours by day, and four of the night for the other two
    int four = 7 * 60;
    assertThat(drying.after(four, Duration.ofHours(4), DryingLaw.WARMTH))
        .isEqualTo(four + 2 * 60 + 4 * 60);
  }

  @Test
  void whatDoesNotDryInTheTimeThatIsLookedAtIsPastIt() {
    Drying drying = new Drying(MONDAY, 300, UTC, COLD_NIGHTS);
    assertThat(drying.after(299, Duration.ofHours(4), DryingLaw.WARMTH)).isEqualTo(301);
  }

  /** The night in which the clock leaps has an hour of drying less, the other one more. */
  @Test
  void nightsInWhichTheClockIsChangedAreAsLongAsTheyAre() {
    ZoneId zone = ZoneId.of("Europe/Lisbon");
    Duration label = Duration.ofHours(11);
    int usual = hours(Instant.parse("2027-03-20T18:00:00Z"), zone, label);
    int leapt = hours(Instant.parse("2027-03-27T18:00:00Z"), zone, label);
    int twice = hours(Instant.parse("2027-10-30T17:00:00Z"), zone, label);
    assertThat(usual).isEqualTo(14 * 60 + 4 * 60);
    // it is day an hour sooner, and an hour of the day does what two of the night do
    assertThat(leapt).isEqualTo(usual - 30);
    assertThat(twice).isEqualTo(usual + 30);
  }

  private static int hours(Instant from, ZoneId zone, Duration label) {
    return new Drying(from, 3000, zone, COLD_NIGHTS).after(0, label, DryingLaw.WARMTH);
  }

  /** A day of five hours at least, and a night of eight. */
  private static DayClimate anyDay(Random dice) {
    return DayClimate.of(
        new Climate(9 + dice.nextDouble() * 24, 20 + dice.nextDouble() * 70),
        5 + dice.nextInt(5),
        14 + dice.nextInt(8),
        new Climate(3 + dice.nextDouble() * 15, 25 + dice.nextDouble() * 70));
  }

  /**
   * What begins to dry later is never dry sooner; the label's time has passed, and not a minute
   * before.
   */
  @Test
  void laterIsNeverSoonerAndNeitherTooEarlyNorTooLate() {
    Random dice = new Random(7);
    for (int i = 0; i < 200; i++) {
      DayClimate day = anyDay(dice);
      Instant from = MONDAY.plusSeconds(60L * dice.nextInt(100_000));
      Drying drying = new Drying(from, 20_000, ZoneId.of("Australia/Lord_Howe"), day);
      DryingLaw law = DryingLaw.values()[dice.nextInt(2)];
      double label = 1 + dice.nextInt(1500) + 0.37;
      Duration time = Duration.ofMillis(Math.round(label * 60_000 / 1000) * 1000);
      int at = dice.nextInt(5000);
      int dry = drying.after(at, time, law);
      double minutes = time.toSeconds() / 60.0;
      assertThat(drying.passed(at, dry, law)).isGreaterThanOrEqualTo(minutes - 1e-6);
      assertThat(drying.passed(at, dry - 1, law)).isLessThan(minutes);
      assertThat(drying.after(at + 1 + dice.nextInt(600), time, law)).isGreaterThanOrEqualTo(dry);
      int fresh = drying.before(at, time, law);
      assertThat(drying.passed(at, fresh, law)).isLessThanOrEqualTo(minutes + 1e-6);
      assertThat(drying.passed(at, fresh + 1, law)).isGreaterThan(minutes);
    }
  }

  /** As it is told by adding up every single minute, in nights with and without an hour less. */
  @Tag("thorough")
  @Test
  void itIsWhatAllMinutesComeTo() {
    Random dice = new Random(90_417);
    for (int round = 0; round < 60; round++) {
      DayClimate day = anyDay(dice);
      ZoneId zone = ZoneId.of(ZONES.get(dice.nextInt(ZONES.size())));
      Instant from = MONDAY.plusSeconds(60L * dice.nextInt(500_000));
      int minutes = dice.nextInt(round % 3 == 0 ? 90 : 4_000);
      Drying drying = new Drying(from, minutes, zone, day);
      for (DryingLaw law : DryingLaw.values()) {
        double[] passed = minuteByMinute(from, minutes, zone, day, law);
        for (int asked = 0; asked < 40; asked++) {
          int since = dice.nextInt(minutes + 1);
          int to = dice.nextInt(minutes + 1);
          assertThat(drying.passed(since, to, law))
              .isCloseTo(passed[to] - passed[since], within(1e-6));
          Duration label = Duration.ofSeconds(asked % 8 == 0 ? 0 : dice.nextInt(200_000));
          double wanted = passed[since] + label.toSeconds() / 60.0;
          int dry = since;
          while (dry <= minutes && passed[dry] < wanted - 1e-9) {
            dry++;
          }
          assertThat(drying.after(since, label, law))
              .as("%s after %d", label, since)
              .isEqualTo(since == minutes ? minutes + 1 : dry);
          int fresh = since;
          while (fresh < minutes && passed[fresh + 1] <= wanted + 1e-9) {
            fresh++;
          }
          assertThat(drying.before(since, label, law))
              .as("%s before %d", label, since)
              .isEqualTo(fresh);
        }
      }
    }
  }

  private static final List<String> ZONES =
      List.of("UTC", "Europe/Lisbon", "Australia/Lord_Howe", "Asia/Kathmandu");

  private static double[] minuteByMinute(
      Instant from, int minutes, ZoneId zone, DayClimate day, DryingLaw law) {
    double[] passed = new double[minutes + 1];
    for (int t = 0; t < minutes; t++) {
      int hour = from.plusSeconds(60L * t).atZone(zone).getHour();
      passed[t + 1] = passed[t] + 1 / law.factor(day.at(hour));
    }
    return passed;
  }

  /** Whenever it begins it takes no less than is told, and about that long in the best hour. */
  @Test
  void theLeastItTakesIsWhatItTakesInTheBestHours() {
    Random dice = new Random(51413);
    for (int i = 0; i < 60; i++) {
      DayClimate day = anyDay(dice);
      Drying drying = new Drying(MONDAY, 4000, UTC, day);
      Duration label = Duration.ofSeconds(1 + dice.nextInt(20_000));
      for (DryingLaw law : DryingLaw.values()) {
        int least = drying.least(label, law);
        int shortest = Integer.MAX_VALUE;
        for (int since = 0; since < 2500; since += 7) {
          shortest = Math.min(shortest, drying.after(since, label, law) - since);
        }
        assertThat(least).isLessThanOrEqualTo(shortest);
        // what dries within the better of day and night dries nowhere else
        if (shortest < 4 * 60) {
          assertThat(least).isGreaterThanOrEqualTo(shortest - 1);
        }
      }
    }
  }
}
