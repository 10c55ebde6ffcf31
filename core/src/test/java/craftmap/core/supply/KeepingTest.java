package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.medium.GenericMedium;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class KeepingTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 9);

  private static Optional<LocalDate> on(int year, int month, int day) {
    return Optional.of(LocalDate.of(year, month, day));
  }

  @Test
  void itsLastDayIsStillAGoodOne() {
    assertThat(Keeping.on(TODAY, Optional.of(TODAY), Optional.empty(), 12))
        .containsExactly(new Keeping.Note(Keeping.Kind.BEST_BEFORE_SOON, TODAY));
    assertThat(Keeping.on(TODAY, on(2027, 3, 8), Optional.empty(), 12))
        .containsExactly(new Keeping.Note(Keeping.Kind.PAST_BEST_BEFORE, LocalDate.of(2027, 3, 8)));
    assertThat(Keeping.on(TODAY, on(2027, 4, 8), Optional.empty(), 12)).isEmpty();
  }

  @Test
  void itIsOpenedTooLongOnceItsMonthsAreOver() {
    assertThat(Keeping.on(TODAY, Optional.empty(), on(2026, 3, 9), 12))
        .containsExactly(new Keeping.Note(Keeping.Kind.OPENED_LONG, TODAY));
    assertThat(Keeping.on(TODAY, Optional.empty(), on(2026, 8, 31), 6))
        .as("half a year after the last of August is the last of February")
        .containsExactly(new Keeping.Note(Keeping.Kind.OPENED_TOO_LONG, LocalDate.of(2027, 2, 28)));
    assertThat(Keeping.on(TODAY, Optional.empty(), on(1999, 1, 1), 0)).isEmpty();
  }

  @Test
  void bothAreTold() {
    assertThat(Keeping.on(TODAY, on(2027, 3, 1), on(2025, 3, 1), 18))
        .extracting(Keeping.Note::isOver)
        .containsExactly(true, true);
  }

  /** What is over today is over for good, and was told of before it was. */
  @Test
  void whatIsOverStaysOverAndIsAnnounced() {
    Random dice = new Random(617);
    for (int i = 0; i < 300; i++) {
      Optional<LocalDate> best = Optional.of(TODAY.plusDays(dice.nextInt(400) - 200L));
      Optional<LocalDate> opened = Optional.of(TODAY.minusDays(dice.nextInt(900)));
      int months = 1 + dice.nextInt(30);
      long over = over(TODAY, best, opened, months);
      assertThat(over(TODAY.plusDays(1 + dice.nextInt(99)), best, opened, months))
          .isGreaterThanOrEqualTo(over);
      if (over > 0) {
        assertThat(Keeping.on(TODAY.minusDays(1), best, opened, months)).isNotEmpty();
      }
    }
  }

  private static long over(
      LocalDate day, Optional<LocalDate> best, Optional<LocalDate> opened, int months) {
    return Keeping.on(day, best, opened, months).stream().filter(Keeping.Note::isOver).count();
  }

  @Test
  void everyKindOfMediumSaysHowLongItKeeps() {
    assertThat(GenericMedium.all())
        .allSatisfy(g -> assertThat(g.medium().mixing().keepsOpenedMonths()).isBetween(0, 60));
    assertThat(
            GenericMedium.find("pouring-resin").orElseThrow().medium().mixing().keepsOpenedMonths())
        .isLessThan(
            GenericMedium.find("chalky-paint").orElseThrow().medium().mixing().keepsOpenedMonths());
  }
}
