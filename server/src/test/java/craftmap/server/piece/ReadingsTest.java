package craftmap.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.log.Learned;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plan.LayAnswers;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.edit.CoatEdit;
import craftmap.core.plan.edit.PieceEdit;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.ServerTest;
import craftmap.server.changes.Changes;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Readings are kept by what they hold: many of small pieces, few of those with many copies. */
class ReadingsTest extends ServerTest {
  @Autowired private Studios studios;
  @Autowired private Pieces pieces;
  @Autowired private PlanReadings read;

  private final Readings lately = new Readings();
  private int workedOut;

  /** The same plan as yet another studio would ask for it. */
  private void ask(int studio, PlanReading reading, Plan plan) {
    Studio first = studios.first();
    PlanReading told =
        lately.of(
            new Readings.Question(
                "studio " + studio,
                first.tape(),
                new Changes.Stamp(Map.of(), ""),
                Learned.NONE,
                plan),
            () -> {
              workedOut++;
              return reading;
            });
    assertThat(told).isSameAs(reading);
  }

  private int workedOutAgain(int from, int to, PlanReading reading, Plan plan) {
    int before = workedOut;
    for (int i = to; i >= from; i--) {
      ask(i, reading, plan);
    }
    return workedOut - before;
  }

  /** Of so many faces like its first that they hold this many copies. */
  private static PlanReading holding(int copies, PlanReading of) {
    PlanReading.FaceReading face =
        of.faces().stream().filter(f -> copiesOn(f) > 0).findFirst().orElseThrow();
    return new PlanReading(
        Collections.nCopies(Math.ceilDiv(copies, copiesOn(face)), face),
        of.joins(),
        of.parts(),
        of.pools(),
        of.forSale());
  }

  private static int copiesOn(PlanReading.FaceReading face) {
    return face.lays().stream()
        .filter(LayReading.Laid.class::isInstance)
        .flatMap(lay -> ((LayReading.Laid) lay).options().stream())
        .mapToInt(option -> option.items().size())
        .sum();
  }

  @Test
  void manySmallOnesAreKeptAndOfHeavyOnesAsManyAsMayBe() {
    Studio studio = studios.first();
    Plan plan = pieces.plan(studio, "sea-chest");
    PlanReading small = read.read(studio, plan);
    workedOutAgain(0, 63, small, plan);
    assertThat(workedOutAgain(0, 63, small, plan)).as("of a studio's pieces all stay").isZero();

    PlanReading heavy = holding(197_311, small);
    workedOutAgain(100, 119, heavy, plan);
    assertThat(workedOutAgain(100, 106, heavy, plan)).as("the seven asked for last").isZero();
    assertThat(workedOutAgain(0, 63, small, plan))
        .as("there was no room left for others")
        .isEqualTo(64);
    assertThat(workedOutAgain(100, 119, heavy, plan)).as("and now for none of these").isEqualTo(20);
  }

  @Test
  void evenOfWhatIsMoreThanAllTheLastOnesStay() {
    Studio studio = studios.first();
    Plan plan = pieces.plan(studio, "sea-chest");
    PlanReading vast = holding(2_000_003, read.read(studio, plan));
    workedOutAgain(0, 9, vast, plan);
    assertThat(workedOutAgain(0, 3, vast, plan)).as("the four asked for last").isZero();
    assertThat(workedOutAgain(4, 9, vast, plan)).isEqualTo(6);
  }

  private LayAnswer told(LayAnswers.Asked asked, LayAnswer answer, boolean onlyTried) {
    Supplier<LayAnswer> work =
        () -> {
          workedOut++;
          return answer;
        };
    return onlyTried ? lately.tried(asked, work) : lately.answer(asked, work);
  }

  /** Whoever looks through a shelf on a large face does not slow down what lies there already. */
  @Test
  void whatIsTriedPushesNothingOutThatIsLaid() {
    Studio studio = studios.first();
    PlanReading reading = read.read(studio, pieces.plan(studio, "sea-chest"));
    PlanReading.FaceReading face =
        reading.faces().stream().filter(f -> copiesOn(f) > 0).findFirst().orElseThrow();
    LayReading.Laid laid =
        face.lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .findFirst()
            .orElseThrow();
    LayOption chosen = laid.chosen();
    LayOption many =
        new LayOption(
            chosen.arrangement(),
            Collections.nCopies(7_013, chosen.items().getFirst()),
            chosen.standing(),
            Optional.empty());
    LayAnswer heavy = LayAnswer.of(List.of(many), LayAnswer.Reason.NOTHING_FREE);
    List<LayAnswers.Asked> asked = new ArrayList<>();
    for (int i = 0; i < 80; i++) {
      MeasureSheet measures = new MeasureSheet(Map.of("gap", 3.7 + i), Map.of());
      asked.add(
          LayAnswers.Asked.alone(
              RuleKind.GRID.read(measures, List.of(), ""), face.face(), List.of(), laid.design()));
    }
    asked.subList(0, 20).forEach(a -> told(a, heavy, false));
    assertThat(workedOut).isEqualTo(20);
    asked.subList(20, 80).forEach(a -> told(a, heavy, true));
    assertThat(workedOut).as("each is tried once").isEqualTo(80);
    asked.subList(0, 20).forEach(a -> assertThat(told(a, heavy, false)).isSameAs(heavy));
    assertThat(workedOut).as("all that is laid is known").isEqualTo(80);
    told(asked.get(79), heavy, false);
    told(asked.get(3), heavy, true);
    assertThat(workedOut).as("tried and laid, laid and tried").isEqualTo(80);
    told(asked.get(20), heavy, true);
    assertThat(workedOut).as("the first trials have gone").isEqualTo(81);
  }

  /** A piece that is called something else has the same coats, not only such as are alike. */
  @Test
  void groupsThatAreWhatTheyWereAreNotWorkedOutAgain() {
    Studio studio = studios.first();
    Plan plan = pieces.plan(studio, "sea-chest");
    List<GroupReading> before = read.coats(studio, plan).groups();
    Plan named = read.edited(studio, plan, List.of(new PieceEdit.Name("Another chest"))).plan();
    List<GroupReading> after = read.coats(studio, named).groups();
    assertThat(after).hasSameSizeAs(before).isNotEmpty();
    for (int i = 0; i < after.size(); i++) {
      assertThat(after.get(i)).isSameAs(before.get(i));
    }
    Plan waxing =
        read.edited(
                studio,
                plan,
                List.of(
                    new CoatEdit.ChooseHabits(
                        plan.coats().habits().with(otherThan(plan.coats().habits().seal())))))
            .plan();
    assertThat(read.coats(studio, waxing).groups())
        .allSatisfy(g -> assertThat(before).noneMatch(b -> b == g));
  }

  private static Habits.Seal otherThan(Habits.Seal seal) {
    return seal == Habits.Seal.WAX ? Habits.Seal.TOP_COAT : Habits.Seal.WAX;
  }
}
