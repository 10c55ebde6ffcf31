package craftmap.core.measure;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import craftmap.core.chance.Dice;
import craftmap.core.form.FormKind;
import craftmap.core.lay.rule.RuleKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A person is told everything that is wrong at once, and nothing that is not. */
class FaultsTest {
  private static List<String> fields(RefusedInput refused) {
    return refused.faults().stream().map(f -> f.field().toString()).toList();
  }

  private static RefusedInput refused(org.assertj.core.api.ThrowableAssert.ThrowingCallable bad) {
    return catchThrowableOfType(RefusedInput.class, bad);
  }

  @Test
  void everyAnswerThatIsWrongIsToldInTheOrderOfTheQuestions() {
    MeasureSheet sheet =
        new MeasureSheet(
            Map.of("gap", -3.7, "down", 12.5, "change", 412.0), Map.of("pattern", "SPIRAL"));
    RefusedInput refused = refused(() -> RuleKind.GRID.read(sheet, List.of(), ""));
    assertThat(fields(refused)).hasSize(3).contains("gap-across");
    assertThat(refused.getMessage())
        .contains("gap-across (-3.7 mm): is-below-nothing")
        .contains("(SPIRAL): is-not-on-offer")
        .contains("(412");
    assertThat(refused.field()).isEqualTo(fields(refused).getFirst());
  }

  /** Out of the lengths of a form, seeded ones are spoilt: just those are told. */
  @ParameterizedTest
  @EnumSource(FormKind.class)
  void whatIsRightIsNeverToldToBeWrong(FormKind kind) {
    MeasureSheet blank = MeasureSheet.blank();
    kind.read(blank);
    List<MeasureSheet.LengthEntry> lengths =
        blank.entries().stream()
            .filter(MeasureSheet.LengthEntry.class::isInstance)
            .map(MeasureSheet.LengthEntry.class::cast)
            // a place may lie before the edge it is counted from
            .filter(e -> e.range().leastMm() >= 0)
            .toList();
    for (long seed = 1; seed <= 20; seed++) {
      Dice dice = new Dice(kind.ordinal() * 100L + seed);
      Map<String, Double> measures = new HashMap<>();
      List<String> spoilt = new ArrayList<>();
      for (MeasureSheet.LengthEntry entry : lengths) {
        if (dice.next() < 0.4) {
          measures.put(entry.key(), -0.3 - 90 * dice.next());
          spoilt.add(entry.label().toString());
        }
      }
      if (!spoilt.isEmpty()) {
        RefusedInput refused = refused(() -> kind.read(new MeasureSheet(measures, Map.of())));
        assertThat(fields(refused)).isSubsetOf(spoilt).isNotEmpty();
        // questions that hang on others may not be asked; of those that are, none is passed over
        assertThat(fields(refused)).hasSizeGreaterThanOrEqualTo(Math.min(2, spoilt.size()));
      }
    }
  }

  @Test
  void whatTheWholeSaysIsOnlySaidWhereItsPartsAreRight() {
    MeasureSheet right = new MeasureSheet(Map.of("a", 3.0), Map.of());
    RefusedInput whole =
        refused(
            () ->
                right.make(
                    () -> {
                      right.size("a", "A", 10);
                      throw new RefusedInput(
                          "Whole", given(3), said("does-not-fit"), said("another"));
                    }));
    assertThat(fields(whole)).containsExactly("Whole");
    MeasureSheet wrong = new MeasureSheet(Map.of("a", -3.0), Map.of());
    RefusedInput part =
        refused(
            () ->
                wrong.make(
                    () -> {
                      wrong.size("a", "A", 10);
                      throw new RefusedInput(
                          "Whole", given(3), said("does-not-fit"), said("another"));
                    }));
    assertThat(fields(part)).containsExactly("A");
  }

  @Test
  void aSheetThatNothingIsMadeOfRefusesAtOnceRatherThanStandingIn() {
    MeasureSheet sheet = new MeasureSheet(Map.of("a", -3.0), Map.of());
    assertThat(refused(() -> sheet.size("a", "A", 10)).field()).isEqualTo("A");
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 7, 49, 50, 51, 4_000})
  void noMoreIsToldThanAnyoneReads(int wrong) {
    Faults faults = new Faults();
    AtomicInteger tried = new AtomicInteger();
    for (int i = 0; i < wrong; i++) {
      String field = "field " + i;
      faults.part(
          () -> {
            tried.incrementAndGet();
            throw new RefusedInput(field, given("x"), said("is-wrong"), said("y"));
          });
    }
    // a body of nothing but nulls costs no more than what is told of it
    assertThat(tried.get()).isEqualTo(Math.min(50, wrong));
    if (wrong == 0) {
      assertThat(faults.whole(() -> "made")).isEqualTo("made");
    } else {
      RefusedInput refused = refused(() -> faults.whole(() -> "made"));
      assertThat(refused.faults()).hasSize(Math.min(50, wrong));
      assertThat(refused.field()).isEqualTo("field 0");
    }
  }
}
