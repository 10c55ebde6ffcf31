package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.coats.Band;
import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.InHand;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.log.Learned;
import craftmap.core.log.Observation;
import craftmap.core.log.Skill;
import craftmap.core.log.Topic;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.coats.CoatGroups;
import craftmap.core.plan.coats.CoatsReader;
import craftmap.core.plan.coats.GroupAnswers;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever keeps what groups came to reads coats as whoever works all of them out. */
class KeptGroupsTest {
  private static final PlanReader LAYS = new PlanReader(Planned.SHELF, TapeDivision.MM_1);

  private final Map<GroupAnswers.Asked, GroupReading> known = new HashMap<>();
  private int worked;

  private final GroupAnswers keeping =
      (asked, work) -> {
        GroupReading reading = known.get(asked);
        if (reading == null) {
          worked++;
          reading = work.get();
          known.put(asked, reading);
        }
        return reading;
      };

  private static InHand pot(String key, double ml) {
    return new InHand(Optional.of(key), GenericMedium.find(key).orElseThrow().medium(), ml);
  }

  private static CoatShelf shelf(double ml) {
    return new CoatShelf(
        List.of(pot("chalky-paint", ml), pot("clear-satin", 713.9), pot("stain-block", 411.3)),
        List.of());
  }

  /** A lid that is varnished: a group of its own beside that of all other faces. */
  private static Plan chest() {
    return Bench.done(Bench.chest(), new FaceEdit.ChangeFinish("lid", Finish.VARNISHED));
  }

  private void readsTheSame(Plan plan, CoatShelf shelf, Object after) {
    assertThat(CoatsReader.read(plan, LAYS.read(plan), shelf, keeping))
        .as("after %s", after)
        .isEqualTo(CoatsReader.read(plan, LAYS.read(plan), shelf));
  }

  private int workedAnew(Plan plan, CoatShelf shelf) {
    int before = worked;
    readsTheSame(plan, shelf, plan);
    return worked - before;
  }

  /** Wishes of every kind on a group. */
  private static List<PlanEdit> coats(String group, Random dice) {
    Wish ground =
        Wish.of(new Wish.Product.OfPot("chalky-paint"))
            .times(1 + dice.nextInt(4))
            .with(ToolKind.values()[dice.nextInt(ToolKind.values().length)])
            .sanded(OptionalInt.of(220))
            .thinned(0.1 * dice.nextDouble());
    return List.of(
        new CoatEdit.ChangeCoat(group, Band.GROUND, ground),
        new CoatEdit.PaintGround(group, Optional.of(new Wish.Product.OfKind("mineral-paint"))),
        new CoatEdit.AddCoat(group, "g" + dice.nextInt(99), new Wish.Product.OfKind("glaze")),
        new CoatEdit.AddStep(group, StepKind.values()[dice.nextInt(StepKind.values().length)]),
        new CoatEdit.LeaveOut(group, dice.nextDouble() < 0.5 ? Band.SEAL : "step:SAND"),
        new CoatEdit.NameGroup(group, "Group " + dice.nextDouble()),
        new CoatEdit.StartAnew(group));
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {5, 2_203, 61_417, 900_011})
  void whateverIsChangedTheCoatsAreTheSame(long seed) {
    Random dice = new Random(seed);
    Plan plan = chest();
    List<PlanEdit> edits = new ArrayList<>();
    SomeEdits.of(new Dice(seed)).forEach(e -> edits.add(e.edit()));
    for (int i = 0; i < 4; i++) {
      CoatGroups.of(plan).forEach(g -> edits.addAll(coats(g.id(), dice)));
    }
    double ml = 391.7;
    int made = 0;
    for (int i = 0; i < 60; i++) {
      PlanEdit edit = edits.get(dice.nextInt(edits.size()));
      try {
        plan = Bench.done(plan, edit);
      } catch (RefusedInput notNow) {
        continue;
      }
      made++;
      ml = dice.nextDouble() < 0.2 ? 900 * dice.nextDouble() : ml;
      readsTheSame(plan, shelf(ml), edit);
    }
    assertThat(made).isGreaterThan(20);
    readsTheSame(chest(), shelf(391.7), "all of it was undone");
  }

  /** What nobody puts on any coat leaves all of them; what is on one face leaves the others. */
  @Test
  void onlyGroupsThatAreOthersAreWorkedOut() {
    CoatShelf shelf = shelf(391.7);
    Plan plan = chest();
    assertThat(workedAnew(plan, shelf)).isEqualTo(2);
    assertThat(workedAnew(Bench.done(plan, new PieceEdit.Name("Another")), shelf)).isZero();
    assertThat(
            workedAnew(Bench.done(plan, new LayEdit.GoAround("c", OptionalDouble.of(12.1))), shelf))
        .isZero();
    Plan moved = Bench.done(plan, new LayEdit.Measure("b", Map.of("distance", 57.3), Map.of()));
    assertThat(moved).isNotEqualTo(plan);
    assertThat(workedAnew(moved, shelf)).isZero();
    // a lay with more coats takes more: the group it lies in
    assertThat(workedAnew(Bench.done(plan, new LayEdit.Coats("c", 3)), shelf)).isOne();
    // a lid that is worn is sealed otherwise; a wider chest has more of everything
    Plan worn = Bench.done(plan, new FaceEdit.ChangeExposure("lid", Set.of(Exposure.WEAR)));
    assertThat(workedAnew(worn, shelf)).isOne();
    Plan wider = Bench.done(plan, new PieceEdit.Measure(Map.of("width", 871.9), Map.of()));
    assertThat(workedAnew(wider, shelf)).isEqualTo(2);
    assertThat(workedAnew(plan, shelf)).as("as it was at first").isZero();
  }

  /** Paint that was poured out is short in every group that would have taken it. */
  @Test
  void anotherShelfIsAnotherQuestion() {
    Plan plan = chest();
    assertThat(workedAnew(plan, shelf(391.7))).isEqualTo(2);
    assertThat(workedAnew(plan, shelf(391.7))).as("the same, read again").isZero();
    assertThat(workedAnew(plan, shelf(391.6))).isEqualTo(2);
    CoatShelf own = new CoatShelf(shelf(391.7).pots(), List.of(Tool.typical(ToolKind.BRUSH)));
    assertThat(workedAnew(plan, own)).isEqualTo(2);
    CoatShelf empty = new CoatShelf(shelf(391.7).pots(), List.of(), List.of(pot("clear-wax", 0)));
    assertThat(workedAnew(plan, empty)).isEqualTo(2);
    // the bench has taught that brushing takes longer
    Topic brushed = Skill.of(Skill.Craft.COAT, ToolKind.BRUSH).topic();
    Learned slower =
        Learned.from(Collections.nCopies(5, new Observation(brushed, 1.37, 1.37, true)));
    assertThat(workedAnew(plan, shelf(391.7).after(slower))).isEqualTo(2);
    Plan waxing = Bench.done(plan, new CoatEdit.ChooseHabits(Habits.USUAL.with(Habits.Seal.WAX)));
    assertThat(workedAnew(waxing, shelf(391.7))).isEqualTo(2);
  }
}
