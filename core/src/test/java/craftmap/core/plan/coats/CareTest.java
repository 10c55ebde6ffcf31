package craftmap.core.plan.coats;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.Built;
import craftmap.core.coats.Habits;
import craftmap.core.design.Rights;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.Care.Advice;
import craftmap.core.plan.reading.PlanReading;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is told to whoever has a finished piece. */
class CareTest {
  private static final PlanReading NOTHING_LAID =
      new PlanReading(List.of(), List.of(), List.of(), List.of(), false);

  private static Care of(FormKind form, Built built, Rights... rights) {
    return Care.of(
        Plan.begun("Piece", FormNote.typical(form)),
        NOTHING_LAID,
        new CoatsReading(Habits.USUAL, List.of(built.read())),
        Set.of(rights));
  }

  private static Built sealed() {
    return Built.painted("#6B4A2F", "#B3202A").paint("red", "#B3202A", 0.8).pot("clear-satin");
  }

  @Test
  void whatIsVarnishedMayBeWipedDampAndCuresFirst() {
    Care care = of(FormKind.SIGN, sealed());

    assertThat(care.advice())
        .startsWith(Advice.REST)
        .contains(Advice.DAMP_CLOTH, Advice.NO_HOT_CUPS, Advice.INDOORS)
        .doesNotContain(Advice.DRY_CLOTH, Advice.WAX_AGAIN, Advice.NOT_FOR_FOOD);
    assertThat(care.cured()).isGreaterThan(Duration.ofDays(3));
  }

  @Test
  void whatIsWaxedIsDustedAndWaxedAgain() {
    Habits waxes = Habits.USUAL.with(Habits.Seal.WAX);
    Care care = of(FormKind.SIGN, sealed().pot("clear-wax").habits(waxes));

    assertThat(care.advice())
        .contains(Advice.DRY_CLOTH, Advice.WAX_AGAIN, Advice.NO_STANDING_WATER)
        .doesNotContain(Advice.DAMP_CLOTH);
  }

  /** A tray holds things whatever is said of its faces; a sign does not. */
  @Test
  void whatHoldsThingsIsNotForFood() {
    assertThat(of(FormKind.TRAY, sealed()).advice()).contains(Advice.NOT_FOR_FOOD);
    assertThat(of(FormKind.BOX, sealed()).advice()).contains(Advice.NOT_FOR_FOOD);
    assertThat(of(FormKind.SIGN, sealed()).advice()).doesNotContain(Advice.NOT_FOR_FOOD);
  }

  @Test
  void designsThatMayNotBeSoldMayNotBeCopied() {
    assertThat(of(FormKind.SIGN, sealed(), Rights.MAY_BE_SOLD).advice())
        .doesNotContain(Advice.DESIGNS_PROTECTED);
    assertThat(of(FormKind.SIGN, sealed(), Rights.MAY_BE_SOLD, Rights.OWN_USE_ONLY).advice())
        .contains(Advice.DESIGNS_PROTECTED);
  }
}
