package craftmap.core.order.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OpeningsTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  /** A fortnight about the night in October in which an hour is struck twice. */
  private static final Instant BEFORE_THE_LONG_NIGHT = Instant.parse("2027-10-25T07:13:00Z");

  private static final int FORTNIGHT = 14 * 24 * 60;

  @Test
  void theFirstAndTheLastBeginningAreThoseThatALookAtEveryMinuteFinds() {
    for (int seed = 0; seed < 60; seed++) {
      Random dice = new Random(seed);
      Openings openings = Openings.of(anybody(dice), LISBON, BEFORE_THE_LONG_NIGHT, FORTNIGHT);
      boolean[] open = new boolean[FORTNIGHT + 1];
      int[] stretch = new int[FORTNIGHT + 1];
      for (int i = 0; i < openings.all().size(); i++) {
        for (int t = openings.all().get(i).from(); t < openings.all().get(i).to(); t++) {
          open[t] = true;
          stretch[t] = i;
        }
      }
      for (int k = 0; k < 40; k++) {
        int at = dice.nextInt(FORTNIGHT);
        int minutes = 1 + dice.nextInt(211);
        assertThat(openings.earliest(at, minutes))
            .as("seed %d: %d minutes from %d", seed, minutes, at)
            .isEqualTo(first(open, stretch, at, minutes));
        assertThat(openings.latest(at, minutes))
            .as("seed %d: %d minutes by %d", seed, minutes, at)
            .isEqualTo(last(open, stretch, at, minutes));
        assertThat(openings.endOfStretch(at))
            .as("seed %d: the end of what is worked at %d", seed, at)
            .isEqualTo(open[at] ? openings.all().get(stretch[at]).to() : at);
      }
    }
  }

  @Test
  void aDayIsTheOneOfTheLastStretchThatHasBegun() {
    Openings openings =
        Openings.of(
            new Person("Wren", Hours.everyDay(Hours.Stretch.of(9, 12)), Set.of()),
            LISBON,
            Instant.parse("2027-01-04T08:00:00Z"),
            3 * 24 * 60);
    assertThat(List.of(0, 59, 60, 239, 24 * 60 + 59, 24 * 60 + 60, 2 * 24 * 60 + 61))
        .extracting(openings::day)
        .containsExactly(0, 0, 0, 0, 0, 1, 2);
  }

  @Test
  void anHourThatTheClockLeapsOverIsLostAndNoOther() {
    // in the night to the 28th of March one o'clock is two
    Instant evening = Instant.parse("2027-03-27T22:00:00Z");
    Hours nights =
        Hours.everyDay(
            new Hours.Stretch(LocalTime.of(0, 30), LocalTime.of(1, 30)),
            new Hours.Stretch(LocalTime.of(1, 40), LocalTime.of(1, 50)),
            new Hours.Stretch(LocalTime.of(1, 55), LocalTime.of(3, 0)));
    Openings openings = Openings.of(new Person("Wren", nights, Set.of()), LISBON, evening, 8 * 60);
    assertThat(openings.all())
        .containsExactly(new Openings.Opening(150, 180, 1), new Openings.Opening(180, 240, 1));
    assertThat(openings.earliest(160, 30)).isEqualTo(180);
    assertThat(openings.latest(200, 30)).isEqualTo(150);
  }

  @Test
  void whoNeverHasSoLongIsNeverAskedTo() {
    Openings openings =
        Openings.of(
            new Person("Wren", Hours.everyDay(Hours.Stretch.of(9, 12)), Set.of()),
            LISBON,
            BEFORE_THE_LONG_NIGHT,
            FORTNIGHT);
    assertThat(openings.longest()).isEqualTo(180);
    assertThat(new Openings(List.of()).longest()).isZero();
    assertThat(openings.earliest(0, 181)).isEqualTo(Openings.NEVER);
    assertThat(openings.latest(FORTNIGHT, 181)).isEqualTo(-Openings.NEVER);
    assertThat(openings.latest(0, 1)).isEqualTo(-Openings.NEVER);
    assertThat(openings.earliest(FORTNIGHT, 1)).isEqualTo(Openings.NEVER);
  }

  /** Whole within one stretch: two that meet at noon are two. */
  private static int first(boolean[] open, int[] stretch, int from, int minutes) {
    for (int t = from; t + minutes <= FORTNIGHT; t++) {
      if (open[t] && open[t + minutes - 1] && stretch[t] == stretch[t + minutes - 1]) {
        return t;
      }
    }
    return Openings.NEVER;
  }

  private static int last(boolean[] open, int[] stretch, int by, int minutes) {
    for (int t = by - minutes; t >= 0; t--) {
      if (open[t] && open[t + minutes - 1] && stretch[t] == stretch[t + minutes - 1]) {
        return t;
      }
    }
    return -Openings.NEVER;
  }

  private static Person anybody(Random dice) {
    Map<DayOfWeek, List<Hours.Stretch>> week = new EnumMap<>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      List<Hours.Stretch> stretches = new ArrayList<>();
      int at = dice.nextInt(500);
      while (dice.nextInt(3) > 0 && at < 1300) {
        int to = at + 7 + dice.nextInt(133);
        stretches.add(
            new Hours.Stretch(
                LocalTime.ofSecondOfDay(at * 60L), LocalTime.ofSecondOfDay(to * 60L)));
        // now and then the next begins as this one ends
        at = to + (dice.nextInt(4) == 0 ? 0 : 3 + dice.nextInt(190));
      }
      week.put(day, stretches);
    }
    week.putIfAbsent(DayOfWeek.MONDAY, List.of());
    if (week.values().stream().allMatch(List::isEmpty)) {
      week.put(DayOfWeek.TUESDAY, List.of(Hours.Stretch.of(9, 12)));
    }
    return new Person(
        "Wren", new Hours(week), Set.of(LocalDate.of(2027, 10, 25 + dice.nextInt(7))));
  }
}
