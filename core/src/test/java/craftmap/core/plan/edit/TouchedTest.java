package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.coats.Band;
import craftmap.core.coats.Place;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.Subject.Kind;
import craftmap.core.plane.Point;
import craftmap.core.surface.Finish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which of two people's changes can be put together, and what then stands in the plan. */
class TouchedTest {
  private static final Wish.Product PAINT = new Wish.Product.OfKind("chalky-paint");
  private static final Wish.Product VARNISH = new Wish.Product.OfKind("varnish");

  /** Both made on the same plan, each for itself. */
  private static Touched touched(Plan on, PlanEdit... edits) {
    return Touched.between(on, Bench.done(on, edits));
  }

  private static Set<Subject> inCommon(PlanEdit mine, PlanEdit theirs) {
    return touched(Bench.chest(), mine).inCommon(touched(Bench.chest(), theirs));
  }

  private static void together(PlanEdit mine, PlanEdit theirs) {
    assertThat(inCommon(mine, theirs)).as("%s and %s", mine, theirs).isEmpty();
    assertThat(inCommon(theirs, mine)).isEmpty();
  }

  private static void apart(PlanEdit mine, PlanEdit theirs, Subject... both) {
    assertThat(inCommon(mine, theirs)).as("%s and %s", mine, theirs).contains(both);
    assertThat(inCommon(theirs, mine)).contains(both);
  }

  private static Hole hole(String id, double x) {
    return Hole.single(id, "Hole", new Point(x, 101.3), 6.1);
  }

  // ---- by example

  @Test
  void differentLaysMarksMeasuresAndStepsGoTogether() {
    together(new LayEdit.Coats("a", 3), new LayEdit.Coats("b", 4));
    together(
        new MarkEdit.Put("front", hole("pull", 12.7)),
        new MarkEdit.Put("front", hole("key", 303.9)));
    together(
        new MarkEdit.Add("front", "new", MarkEdit.Kind.HOLE, new Point(12.7, 33.1)),
        new LayEdit.Lock("a", true));
    together(
        new PieceEdit.Measure(Map.of("width", 901.7), Map.of()),
        new PieceEdit.Measure(Map.of("depth", 449.3), Map.of()));
    together(
        new OrderEdit.StepInParts("wash", 2),
        new OrderEdit.StepTakes("prime", Optional.of(java.time.Duration.ofMinutes(17))));
    together(
        new FaceEdit.Name("front", "The front"), new FaceEdit.ChangeFinish("front", Finish.WAXED));
  }

  @Test
  void theSameOneIsInCommonWhateverIsDoneToIt() {
    Subject a = Subject.of(Kind.LAY, "a");
    apart(new LayEdit.Coats("a", 3), new LayEdit.Lock("a", true), a);
    apart(new LayEdit.Coats("a", 3), new LaysEdit.TakeOff("a"), a);
    apart(
        new MarkEdit.TakeAway("front", "pull"),
        new MarkEdit.Put("front", hole("pull", 3.7)),
        Subject.of(Kind.MARK, "front", "pull"));
    apart(
        new OrderEdit.StepInParts("wash", 2),
        new OrderEdit.StepInParts("wash", 3),
        Subject.of(Kind.STEP, "wash"));
    apart(new PieceEdit.Name("One"), new PieceEdit.Name("Two"), Subject.of(Kind.NAME));
  }

  @Test
  void twoNewLaysGoTogetherAndOfOrdersAmongThemThereIsOne() {
    together(
        new LaysEdit.LayDesign("x", "front", "block"), new LaysEdit.LayDesign("y", "lid", "block"));
    apart(
        new LaysEdit.Move("a", "front", true),
        new LaysEdit.Move("b", "front", false),
        Subject.of(Kind.LAY_ORDER));
    together(new LaysEdit.Move("a", "front", true), new LayEdit.Coats("c", 3));
  }

  @Test
  void aFaceThatOneTakesOffIsNeededByWhatAnotherLaysOrFindsOnIt() {
    Subject lid = Subject.of(Kind.FACE, "lid");
    for (PlanEdit onIt :
        List.of(
            new LayEdit.Coats("c", 3),
            new LaysEdit.LayDesign("x", "lid", "block"),
            new MarkEdit.Add("lid", "x", MarkEdit.Kind.HOLE, new Point(77.9, 101.3)),
            new FaceEdit.ChangeMakeUp("lid", MakeUp.LAMINATE))) {
      apart(new FaceEdit.TakeOff("lid"), onIt, lid);
      apart(new FaceEdit.Show("lid", false), onIt, lid);
    }
    together(new FaceEdit.Show("lid", false), new LayEdit.Coats("a", 3));
  }

  @Test
  void bandsOfOneGroupGoTogetherAndTheSameBandDoesNot() {
    Plan grouped =
        Bench.done(
            Bench.chest(),
            new CoatEdit.MakeGroup(
                "own", "Own", List.of(new Place.OfFace("front"), new Place.OfFace("left"))));
    Touched primer = touched(grouped, new CoatEdit.ChoosePrimer("own", Optional.of(PAINT), 1));
    Touched step = touched(grouped, new CoatEdit.AddStep("own", StepKind.STRIP));
    Touched none = touched(grouped, new CoatEdit.ChoosePrimer("own", Optional.empty(), 1));
    assertThat(primer.changed()).containsExactly(Subject.of(Kind.BAND, "own", Band.PRIMER));
    assertThat(primer.inCommon(step)).isEmpty();
    assertThat(primer.inCommon(none)).containsExactly(Subject.of(Kind.BAND, "own", Band.PRIMER));
    Touched dissolved = touched(grouped, new CoatEdit.DissolveGroup("own"));
    assertThat(step.inCommon(dissolved)).contains(Subject.of(Kind.GROUP, "own"));
  }

  @Test
  void whatIsPutInPlaceAsAWholeIsSeenBySubjectsAsWell() {
    Plan was = Bench.chest();
    Plan is = was.named("Another").with(List.of(was.lays().getLast()));
    assertThat(Touched.between(was, is).changed())
        .containsExactlyInAnyOrder(
            Subject.of(Kind.NAME), Subject.of(Kind.LAY, "a"), Subject.of(Kind.LAY, "b"));
    assertThat(Touched.between(is, was).gone()).isEmpty();
    assertThat(Touched.between(was, was)).isEqualTo(Touched.NOTHING);
  }

  // ---- whatever is done

  /** Nobody is asked for nothing: what is done to different things has nothing in common. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {11, 113, 1_511, 20_011})
  void editsOfDifferentThingsNeverAsk(long seed) {
    List<SomeEdits.Done> all =
        SomeEdits.of(new Dice(seed)).stream()
            // what is hidden is another matter for all that is on it
            .filter(d -> !d.subject().startsWith("shown "))
            .toList();
    for (SomeEdits.Done mine : all) {
      for (SomeEdits.Done theirs : all) {
        if (!thing(mine).equals(thing(theirs))) {
          together(mine.edit(), theirs.edit());
        }
      }
    }
  }

  private static String thing(SomeEdits.Done done) {
    return done.subject().replaceFirst(".* ", "");
  }

  /** Edits of coats, lays and faces beside the simple ones, with figures of no roundness. */
  private static List<PlanEdit> many(Dice dice, String who) {
    List<PlanEdit> all = new ArrayList<>();
    SomeEdits.of(dice).stream().map(SomeEdits.Done::edit).forEach(all::add);
    for (String group : List.of("of:front", "of:front-2", "of:lid")) {
      all.add(new CoatEdit.PaintGround(group, Optional.of(PAINT)));
      all.add(new CoatEdit.ChoosePrimer(group, Optional.of(PAINT), 1 + (int) (3 * dice.next())));
      all.add(new CoatEdit.AddCoat(group, who, VARNISH));
      all.add(new CoatEdit.AddStep(group, StepKind.STRIP));
      all.add(new CoatEdit.LeaveOut(group, "seal"));
      all.add(new CoatEdit.NameGroup(group, "Group of " + who));
      all.add(new CoatEdit.StartAnew(group));
    }
    all.add(
        new CoatEdit.MakeGroup(
            who, "Own of " + who, List.of(new Place.OfFace(dice.next() < 0.5 ? "front" : "lid"))));
    all.add(new LaysEdit.LayDesign(who + " 1", dice.next() < 0.5 ? "front" : "left", "block"));
    all.add(new LaysEdit.Copy("a", who + " 2", dice.next() < 0.5 ? "lid" : "back", false));
    all.add(new LaysEdit.TakeOff(dice.next() < 0.5 ? "b" : "c"));
    all.add(new LaysEdit.Move("a", "front", true));
    all.add(new FaceEdit.TakeOff(dice.next() < 0.5 ? "lid" : "back"));
    all.add(new FaceEdit.Show(dice.next() < 0.5 ? "front" : "left", false));
    all.add(new LaysEdit.Copy("b", who + " 3", "left", true));
    all.add(new MarkEdit.HandOver("front", "back", dice.next() < 0.5));
    all.add(new FaceEdit.Duplicate("front", who + " 4"));
    all.add(new CoatEdit.CopyCoats("of:front", "of:lid"));
    all.add(new CoatEdit.DissolveGroup("of:front"));
    all.add(new CoatEdit.CopyCoats("of:front", "theirs"));
    return all;
  }

  private static List<PlanEdit> some(Dice dice, String who) {
    List<PlanEdit> all = many(dice, who);
    List<PlanEdit> some = new ArrayList<>();
    int count = 1 + (int) (3 * dice.next());
    for (int i = 0; i < count; i++) {
      some.add(all.get((int) (all.size() * dice.next())));
    }
    return some;
  }

  private static Optional<Plan> made(Plan on, List<PlanEdit> edits) {
    try {
      return Optional.of(PlanEdit.all(on, edits, Bench.editing()).plan());
    } catch (RefusedInput notPossible) {
      return Optional.empty();
    }
  }

  /**
   * The promise of putting together: what both of two people see afterwards is the plan of either,
   * but for what the other has decided.
   */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {5, 71, 907, 10_007, 123_457, 900_001, 31, 57_557, 2_000_003})
  void whatIsPutTogetherHasAllThatBothDecided(long seed) {
    Dice dice = new Dice(seed);
    int together = 0;
    int asked = 0;
    for (int round = 0; round < 200; round++) {
      Plan base = Bench.chest();
      List<PlanEdit> theirs = some(dice, "theirs");
      List<PlanEdit> mine = some(dice, "mine");
      Optional<Plan> withTheirs = made(base, theirs);
      Optional<Plan> withMine = made(base, mine);
      Optional<Plan> both = withTheirs.flatMap(p -> made(p, mine));
      if (withMine.isEmpty() || both.isEmpty()) {
        continue;
      }
      Touched byThem = Touched.between(base, withTheirs.orElseThrow());
      Touched byMe = Touched.by(mine, withTheirs.orElseThrow(), both.orElseThrow(), byThem);
      if (!byMe.inCommon(byThem).isEmpty()) {
        asked++;
        continue;
      }
      together++;
      Set<Subject> otherThanMine =
          new HashSet<>(Touched.between(withMine.orElseThrow(), both.orElseThrow()).changed());
      otherThanMine.removeAll(byThem.changed());
      assertThat(otherThanMine)
          .as("%s, then %s: otherwise than whoever was second has seen it", theirs, mine)
          .isEmpty();
    }
    assertThat(together).isGreaterThan(50);
    assertThat(asked).isGreaterThan(8);
  }
}
