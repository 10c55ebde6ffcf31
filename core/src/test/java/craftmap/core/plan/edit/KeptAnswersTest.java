package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.Shapes;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Founds;
import craftmap.core.plan.KeptAnswers;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.Proposal;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.Shelves;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Zone;
import craftmap.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever keeps what lays came to reads a plan as whoever works all of it out. */
class KeptAnswersTest {
  private final KeptAnswers kept = new KeptAnswers();
  private final PlanReader keeping = new PlanReader(Planned.SHELF, TapeDivision.MM_1, kept);
  private final PlanReader anew = new PlanReader(Planned.SHELF, TapeDivision.MM_1);

  private static Lay lay(String id, String face, List<String> also, RuleKind rule, double clear) {
    return Planned.lay(
        id,
        face,
        also,
        rule == RuleKind.ACROSS ? "picture" : "block",
        List.of(),
        rule,
        Map.of(),
        Map.of(),
        clear > 0 ? OptionalDouble.of(clear) : OptionalDouble.empty());
  }

  /** With lays that go around others, and one that goes over an edge. */
  private static Plan chest() {
    List<Lay> lays = new ArrayList<>(Bench.chest().lays());
    lays.add(lay("d", "front", List.of(), RuleKind.GRID, 7.3));
    lays.add(lay("e", "lid", List.of(), RuleKind.RUN, 11.9));
    lays.add(lay("f", "front", List.of("left"), RuleKind.ACROSS, 0));
    return Bench.chest().with(lays);
  }

  /** One lay in a zone, and another that goes around the first. */
  private static Plan withZone(Area area) {
    return withZone(area, "z");
  }

  private static Plan withZone(Area area, String aimedAt) {
    Marks marks =
        new Marks(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(
                new Zone("z", "Leather", new Colour("#6B4A2F"), area),
                new Zone("y", "Cork", new Colour("#B58A5C"), new Area.Rim(71.3))));
    Lay in = lay("in", "front", List.of(), RuleKind.RUN, 0);
    Lay around = lay("around", "front", List.of(), RuleKind.GRID, 5.7);
    return new Plan(
        "Sea chest",
        Bench.chest().form(),
        Map.of("front", Founds.with(marks)),
        List.of(
            in.with(in.place().within(Optional.of(aimedAt))),
            around.with(around.place().within(Optional.of(aimedAt)))));
  }

  private void readsTheSame(Plan plan, Object after) {
    assertThat(keeping.read(plan)).as("after %s", after).isEqualTo(anew.read(plan));
  }

  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {7, 1_912, 40_417, 733_003})
  void whateverIsChangedTheReadingIsTheSame(long seed) {
    Dice dice = new Dice(seed);
    Plan plan = chest();
    List<SomeEdits.Done> edits = SomeEdits.shuffled(SomeEdits.of(dice), dice);
    for (SomeEdits.Done edit : edits.subList(0, 25)) {
      try {
        plan = Bench.done(plan, edit.edit());
      } catch (RefusedInput notNow) {
        continue;
      }
      readsTheSame(plan, edit.subject());
    }
    readsTheSame(chest(), "all of it was undone");
  }

  @Test
  void onlyWhatIsOtherIsWorkedOut() {
    Plan plan = chest();
    keeping.read(plan);
    assertThat(kept.worked()).isEqualTo(6);
    keeping.read(Bench.done(plan, new PieceEdit.Name("Another"), new LayEdit.Coats("a", 3)));
    assertThat(kept.worked()).isEqualTo(6);
    // the one that is changed, and the one that goes around it
    keeping.read(Bench.done(plan, new LayEdit.Measure("a", Map.of("gap", 23.7), Map.of())));
    assertThat(kept.worked()).isEqualTo(8);
    // keeping farther away is another question, be it that nothing else lies there
    keeping.read(Bench.done(plan, new LayEdit.GoAround("e", OptionalDouble.of(12.1))));
    assertThat(kept.worked()).isEqualTo(9);
    // a wider chest has other faces
    keeping.read(Bench.done(plan, new PieceEdit.Measure(Map.of("width", 871.9), Map.of())));
    assertThat(kept.worked()).isEqualTo(15);
  }

  @Test
  void aZoneOfAnotherShapeIsAnotherQuestion() {
    for (Area area :
        List.of(
            new Area.Upright(new Box(32.3, 22.7, 401.9, 223.3)),
            new Area.Upright(new Box(32.3, 22.7, 401.9, 223.4)),
            new Area.Upright(new Box(47.1, 22.7, 401.9, 223.4)),
            new Area.Round(new Point(400.3, 200.1), 183.7),
            new Area.Rim(83.3),
            new Area.Rim(83.9))) {
      readsTheSame(withZone(area), area);
    }
    assertThat(kept.worked()).isEqualTo(12);
  }

  @Test
  void anotherZoneOfTheSameFaceIsAnotherQuestion() {
    Area round = new Area.Round(new Point(400.3, 200.1), 183.7);
    readsTheSame(withZone(round, "z"), "z");
    readsTheSame(withZone(round, "y"), "y");
    assertThat(kept.worked()).isEqualTo(4);
  }

  /** The shelf's: a design keeps its id when it is measured anew. */
  @Test
  void aDesignThatIsOtherNowIsLaidAnew() {
    Plan plan = withZone(new Area.Rim(83.3));
    for (double wide : List.of(41.3, 41.4, 57.9)) {
      Shelf shelf =
          Shelves.of(
              id -> Optional.of(Shapes.block(wide, 33.7, 140.3, 90.1)),
              id -> Planned.SHELF.pot(id));
      assertThat(new PlanReader(shelf, TapeDivision.MM_1, kept).read(plan))
          .as("%s mm wide", wide)
          .isEqualTo(new PlanReader(shelf, TapeDivision.MM_1).read(plan));
    }
    assertThat(kept.worked()).isEqualTo(6);
  }

  /** A design is tried on a face before it is laid there; what was told then is what is laid. */
  @Tag("thorough")
  @Test
  void whatIsTriedFirstIsLaidTheSame() {
    Plan plan = chest();
    int shared = 0;
    for (String id : List.of("block", "picture", "napkin", "paper", "boat", "foil", "zone")) {
      Design design = Planned.SHELF.design(id).orElseThrow();
      for (PlanReading.FaceReading face : anew.read(plan).faces()) {
        Trial tried = Trial.of(face.face(), face.insets(), design, face.lays(), kept);
        assertThat(tried)
            .as("%s on %s", id, face.face().id())
            .isEqualTo(Trial.of(face.face(), face.insets(), design, face.lays(), LayAnswers.NONE));
        Proposal proposed =
            Proposal.of(face.face(), face.insets(), design, face.lays(), kept).orElseThrow();
        List<Lay> lays = new ArrayList<>(plan.lays());
        lays.add(
            Lay.fresh(
                "tried",
                face.face().id(),
                Optional.of(id),
                proposed.rule(),
                new Lay.Pot(Optional.empty(), 1)));
        keeping.read(plan);
        int before = kept.worked();
        readsTheSame(plan.with(lays), id + " on " + face.face().id());
        shared += kept.worked() == before ? 1 : 0;
      }
    }
    // and is not worked out once more
    assertThat(shared).isGreaterThan(20);
  }
}
