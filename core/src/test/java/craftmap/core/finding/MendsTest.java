package craftmap.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Founds;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.LayEdit;
import craftmap.core.plan.edit.LaysEdit;
import craftmap.core.plan.edit.MarkEdit;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A mend that is offered mends: taken, the finding is gone and nothing bad has come for it. */
class MendsTest {
  private static final TapeDivision TAPE = TapeDivision.MM_1;
  private static final Editing.Names NAMES =
      new Editing.Names() {
        @Override
        public String copyOf(String name) {
          return name;
        }

        @Override
        public String face(int number) {
          return "Face";
        }

        @Override
        public String mark(MarkEdit.Kind kind, int number) {
          return "Mark";
        }

        @Override
        public String blemish() {
          return "chip";
        }

        @Override
        public String words() {
          return "words";
        }
      };

  private static Editing editing() {
    return new Editing(
        Planned.SHELF,
        new PlanReader(Planned.SHELF, TAPE),
        () -> List.of("teal"),
        () -> "new",
        NAMES);
  }

  private static Face front(Plan plan) {
    return plan.faces().stream()
        .map(f -> f.face())
        .filter(f -> f.id().equals("front"))
        .findFirst()
        .orElseThrow();
  }

  private static Plan chest(List<KeepOut> keepOuts, Lay lay) {
    return new Plan(
        "P",
        new FormNote(
            FormKind.CHEST, Map.of("width", 867.3, "height", 421.9, "depth", 448.1), Map.of()),
        Map.of("front", Founds.with(Marks.ofKeepOuts(keepOuts))),
        List.of(lay));
  }

  private static Lay band(Dice dice) {
    return Planned.lay(
        "l",
        "front",
        List.of(),
        "block",
        List.of(),
        RuleKind.RUN,
        Map.of("distance", 60 + 260 * dice.next(), "gap", 4 + 40 * dice.next(), "change", 25.0),
        Map.of("edge", dice.next() < 0.5 ? "TOP" : "BOTTOM"),
        OptionalDouble.empty());
  }

  private static List<Finding> found(Plan plan) {
    return new PlanReader(Planned.SHELF, TAPE)
        .read(plan).face("front").lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .flatMap(l -> LayFindings.of(front(plan), (LayReading.Laid) l, TAPE).stream())
            .toList();
  }

  private static List<FindingRule> bad(Plan plan) {
    return found(plan).stream().filter(f -> f.level() != Level.FINE).map(Finding::rule).toList();
  }

  private static List<Mend> mends(Plan plan, FindingRule rule) {
    return Mends.of(plan, plan.lay("l").orElseThrow(), front(plan), rule, TAPE, editing());
  }

  private static Plan taken(Plan plan, Mend mend) {
    return PlanEdit.all(plan, mend.edits(), editing()).plan();
  }

  @Tag("thorough")
  @Test
  void aBandOverALockPlateIsMovedClearOfItOrLaidAnotherWay() {
    int moved = 0;
    int cases = 0;
    for (long seed = 1; seed <= 60; seed++) {
      Dice dice = new Dice(seed);
      List<KeepOut> keepOuts = new ArrayList<>();
      for (int k = 0; k < 1 + (int) (2 * dice.next()); k++) {
        Box box =
            new Box(
                700 * dice.next(), 300 * dice.next(), 31 + 90 * dice.next(), 17 + 70 * dice.next());
        keepOuts.add(new KeepOut("k" + k, "Plate " + k, new Area.Upright(box), Set.of()));
      }
      Plan plan = chest(keepOuts, band(dice));
      for (FindingRule rule : Set.copyOf(bad(plan))) {
        for (Mend mend : mends(plan, rule)) {
          cases++;
          moved += mend instanceof Mend.MoveLine ? 1 : 0;
          Plan then = taken(plan, mend);
          assertThat(bad(then)).as("%d %s by %s", seed, rule, mend).doesNotContain(rule);
          List<FindingRule> came = new ArrayList<>(bad(then));
          bad(plan).forEach(came::remove);
          assertThat(came).as("%d %s by %s", seed, rule, mend).isEmpty();
        }
      }
    }
    assertThat(cases).isGreaterThan(40);
    assertThat(moved).isGreaterThan(10);
  }

  /** Every option is picked in turn, over plates in many places: what is wrong, another mends. */
  @Tag("thorough")
  @Test
  void anotherOptionIsOfferedOnlyWhereItIsNoWorse() {
    int cases = 0;
    for (long seed = 1; seed <= 12; seed++) {
      Dice dice = new Dice(seed);
      Box box = new Box(120 + 500 * dice.next(), 60 + 200 * dice.next(), 61.7, 159.3);
      List<KeepOut> plate = List.of(new KeepOut("k", "P", new Area.Upright(box), Set.of()));
      for (String design : List.of("block", "boat", "picture")) {
        Plan best = chest(plate, Planned.lay("l", "front", design, RuleKind.SINGLE));
        for (LayOption option : options(best)) {
          Plan plan = best.with(best.lay("l").orElseThrow().withPick(option.asPick()));
          for (FindingRule rule : Set.copyOf(bad(plan))) {
            for (Mend mend : mends(plan, rule)) {
              cases++;
              List<FindingRule> came = new ArrayList<>(bad(taken(plan, mend)));
              assertThat(came).as("%s %s by %s", design, rule, mend).doesNotContain(rule);
              bad(plan).forEach(came::remove);
              assertThat(came).as("%s %s by %s", design, rule, mend).isEmpty();
            }
          }
        }
      }
    }
    assertThat(cases).isGreaterThan(20);
  }

  private static List<LayOption> options(Plan plan) {
    return new PlanReader(Planned.SHELF, TAPE)
        .read(plan).face("front").lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .flatMap(l -> ((LayReading.Laid) l).options().stream())
            .toList();
  }

  @Test
  void theNearestMoveComesFirstAndNothingIsOfferedWhereNothingIsWrong() {
    Box plate = new Box(390.3, 120.7, 80.2, 60.9);
    List<KeepOut> lock = List.of(new KeepOut("k", "Lock", new Area.Upright(plate), Set.of()));
    Lay low =
        Planned.lay(
            "l",
            "front",
            List.of(),
            "block",
            List.of(),
            RuleKind.RUN,
            Map.of("distance", 175.5, "gap", 11.3),
            Map.of("edge", "TOP"),
            OptionalDouble.empty());
    Plan plan = chest(lock, low);
    assertThat(bad(plan)).contains(FindingRule.KEEP_OUT_HIT);
    // a block is 40 tall: its middle goes 20 and two divisions below the plate, on the tape
    assertThat(mends(plan, FindingRule.KEEP_OUT_HIT).getFirst())
        .isEqualTo(new Mend.MoveLine("l", 204));
    assertThat(mends(plan, FindingRule.BREAK_CROSSED)).isEmpty();
    Plan clear = taken(plan, new Mend.MoveLine("l", 204));
    assertThat(mends(clear, FindingRule.KEEP_OUT_HIT)).isEmpty();
  }

  @Test
  void copiesThatTheEyePutOffTheFaceGoBackToTheirMeasuredPlaces() {
    Plan plan =
        PlanEdit.all(
                chest(List.of(), band(new Dice(4))),
                List.of(
                    new LayEdit.ByEye(
                        "l",
                        new Eye(
                            0,
                            0,
                            1,
                            List.of(
                                new Eye.Held(0, new craftmap.core.plane.Point(-500, -500), 0))))),
                editing())
            .plan();
    assertThat(bad(plan)).contains(FindingRule.COPIES_OFF_FACE);
    assertThat(mends(plan, FindingRule.COPIES_OFF_FACE))
        .containsExactly(new Mend.MeasuredPlaces("l"));
  }

  /** Strokes that are too thin grow with the letters: the least larger size that mends is first. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(doubles = {71.3, 97.7, 118.9, 143.1})
  void thinLettersAreMadeLargerUntilTheyAreThinNoMore(double widthMm) {
    Plan plan =
        PlanEdit.all(
                chest(List.of(), band(new Dice(2))),
                List.of(
                    new LaysEdit.TakeOff("l"),
                    new LaysEdit.LayWords("l", "front", Optional.of("Bread & Oats")),
                    new LayEdit.Measure("l", Map.of("size", widthMm), Map.of())),
                editing())
            .plan();
    assertThat(bad(plan)).contains(FindingRule.LETTERS_THIN);
    List<Mend> mends = mends(plan, FindingRule.LETTERS_THIN);
    assertThat(mends).allSatisfy(m -> assertThat(bad(taken(plan, m))).isEmpty());
    assertThat(mends.isEmpty()).isEqualTo(stillThinAtThrice(plan, widthMm));
  }

  private static boolean stillThinAtThrice(Plan plan, double widthMm) {
    Mend largest = new Mend.LetterSize("l", Math.ceil(3 * widthMm));
    return bad(taken(plan, largest)).contains(FindingRule.LETTERS_THIN);
  }

  @ParameterizedTest
  @EnumSource(FindingRule.class)
  void whatNobodyCanMendIsNotAskedForInVain(FindingRule rule) {
    Plan plan = chest(List.of(), band(new Dice(3)));
    if (!Mends.mayBeMended(rule)) {
      assertThat(mends(plan, rule)).isEmpty();
    }
  }
}
