package craftmap.core.plan.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Founds;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Proposal;
import craftmap.core.plan.Shelf;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Edge;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlanReaderTest {
  private static final Stencil FERN = Shapes.block(96, 60, 180, 120);
  private static final PotLabel BONE =
      new PotLabel("bone", "Bone white", new Colour("#F3EEE2"), 11);
  private static final Shelf SHELF =
      new Shelf() {
        @Override
        public Optional<Design> design(String id) {
          return id.equals("fern") ? Optional.of(FERN) : Optional.empty();
        }

        @Override
        public Optional<PotLabel> pot(String id) {
          return id.equals("bone") ? Optional.of(BONE) : Optional.empty();
        }
      };

  private static Lay band(String id, double distance, Optional<Pick> pick) {
    Run run = new Run(new EdgeLine(Edge.TOP, distance, 0, 0), new RunWish(24, 10, 0.15), false);
    Lay lay = Lay.fresh(id, "front", Optional.of("fern"), run, new Lay.Pot(Optional.of("bone"), 2));
    return pick.map(lay::withPick).orElse(lay);
  }

  private static FormNote measured(double width, double height, double depth) {
    return new FormNote(
        FormKind.CHEST, Map.of("width", width, "height", height, "depth", depth), Map.of());
  }

  private static Plan chest(double width, Lay... lays) {
    return new Plan(
        "Sea chest",
        measured(width, 420, 450),
        Map.of(
            "front",
            Founds.with(
                Marks.ofKeepOuts(
                        List.of(
                            new KeepOut(
                                "lock",
                                "Lock plate",
                                new Area.Upright(new Box(410, -8, 50, 44)),
                                Set.of())))
                    .and(
                        new Marks(
                            List.of(),
                            List.of(),
                            List.of(),
                            List.of(
                                Blemish.of("b1", 1, "scratch", new Point(435, 100), 8),
                                Blemish.of("b2", 2, "chip", new Point(800, 300), 10)),
                            List.of())))),
        List.of(lays));
  }

  private static PlanReading read(Plan plan) {
    return new PlanReader(SHELF, TapeDivision.INCH_16).read(plan);
  }

  @Test
  void aBandOnAChestFromTapeToPaint() {
    PlanReading.FaceReading front =
        read(chest(870, band("a", 100, Optional.empty()))).face("front");
    LayReading.Laid laid = (LayReading.Laid) front.lays().getFirst();

    assertThat(laid.chosen().arrangement().way()).isEqualTo(Way.OnLine.MOTIF_ON_CENTRE);
    assertThat(laid.setOuts().getFirst().marks().marks()).hasSize(7);
    assertThat(laid.setOuts().getFirst().marks().marks().getFirst().exactMm())
        .isCloseTo(75, within(1e-9));
    assertThat(laid.setOuts().getFirst().marks().marks())
        .extracting(SetOut.Mark::number)
        .containsExactly(1, 2, 3, 4, 5, 6, 7);
    assertThat(laid.passes().orElseThrow().passes()).hasSize(2);
    assertThat(laid.clearances())
        .singleElement()
        .isInstanceOfSatisfying(
            Clearance.Clear.class, c -> assertThat(c.byMm()).isCloseTo(34, within(1e-9)));
    assertThat(laid.takes().paint().orElseThrow().areaMm2()).isCloseTo(96 * 60 * 7, within(1e-6));
    assertThat(front.blemishes())
        .extracting(BlemishCover::state)
        .containsExactly(BlemishCover.State.COVERED, BlemishCover.State.BARE);
  }

  @Test
  void twoBandsOnOneFaceHideBlemishesTogether() {
    PlanReading.FaceReading front =
        read(chest(870, band("a", 100, Optional.empty()), band("b", 300, Optional.empty())))
            .face("front");
    assertThat(front.lays()).hasSize(2);
    assertThat(front.blemishes())
        .extracting(BlemishCover::state)
        .containsExactly(BlemishCover.State.COVERED, BlemishCover.State.COVERED);
  }

  @Test
  void aBandAcrossTheLockPlateRanksOptionsThatMissItFirst() {
    LayReading.Laid laid =
        (LayReading.Laid)
            read(chest(870, band("a", 40, Optional.empty()))).face("front").lays().getFirst();
    assertThat(laid.options().getFirst().itemsOnKeepOuts())
        .isEqualTo(laid.options().stream().mapToInt(o -> o.itemsOnKeepOuts()).min().orElseThrow());
    assertThat(laid.options().getLast().itemsOnKeepOuts()).isPositive();
  }

  @Test
  void aPickIsKeptWhileTheChestChangesAroundIt() {
    Optional<Pick> pick = Optional.of(new Pick(Way.OnLine.SPREAD, 7, 1));
    assertThat(state(chest(870, band("a", 100, pick)))).isEqualTo(LayReading.PickState.KEPT);
    assertThat(state(chest(1230, band("a", 100, pick))))
        .isEqualTo(LayReading.PickState.COUNT_CHANGED);
    Optional<Pick> flush = Optional.of(new Pick(Way.OnLine.FLUSH, 7, 1));
    assertThat(state(chest(870, band("a", 100, flush))))
        .isEqualTo(LayReading.PickState.NOT_POSSIBLE);
  }

  private static LayReading.PickState state(Plan plan) {
    return ((LayReading.Laid) read(plan).lays().getFirst()).pickState();
  }

  /** A chest too narrow for one motif, one too low for it, and a band that runs over the edge. */
  @Test
  void whatReachesOverAnEdgeIsLaidAllTheSame() {
    LayReading.Laid narrow = first(chest(90, band("a", 100, Optional.empty())));
    assertThat(narrow.items()).hasSize(1).noneMatch(Item::isWhole);
    assertThat(narrow.items().getFirst().share()).isCloseTo(90.0 / 96, within(1e-9));
    LayReading.Laid high = first(chest(870, band("a", 20, Optional.empty())));
    assertThat(high.items()).hasSize(7).allMatch(i -> Math.abs(i.share() - 50.0 / 60) < 1e-9);
    Plan low =
        new Plan(
            "Low",
            measured(870, 50, 450),
            chest(870).found(),
            List.of(band("a", 25, Optional.empty())));
    assertThat(first(low).items()).hasSize(7).allMatch(i -> Math.abs(i.share() - 5.0 / 6) < 1e-9);
  }

  private static LayReading.Laid first(Plan plan) {
    return (LayReading.Laid) read(plan).lays().getFirst();
  }

  @Test
  void aDesignThatLeftTheShelfIsNamedAsMissing() {
    Lay lost =
        Lay.fresh(
            "a",
            "front",
            Optional.of("gone"),
            band("x", 100, Optional.empty()).rule(),
            new Lay.Pot(Optional.of("bone"), 2));
    assertThat(read(chest(870, lost)).lays().getFirst()).isInstanceOf(LayReading.Missing.class);
  }

  @Test
  void aKeepOutLeftBesideAFaceThatShrankIsReported() {
    assertThat(read(chest(400)).face("front").strayKeepOuts())
        .extracting(KeepOut::name)
        .containsExactly("Lock plate");
    assertThat(read(chest(870)).face("front").strayKeepOuts()).isEmpty();
  }

  @Test
  void aPlanWithLaysOnNoFaceOrTwiceTheSameLayIsRefused() {
    Lay a = band("a", 100, Optional.empty());
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> chest(870, a, a))
        .withMessageContaining("lay (a): is-there-twice");
    Lay off =
        Lay.fresh("b", "roof", Optional.of("fern"), a.rule(), new Lay.Pot(Optional.of("bone"), 2));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> chest(870, off))
        .withMessageContaining("face (roof): is-not-on-this-piece");
  }

  @Test
  void theFirstProposalIsClearOfTheLockAndTheSecondOfTheFirst() {
    Plan empty = chest(870);
    Proposal first = Proposal.of(empty.faces().getFirst().face(), FERN, List.of()).orElseThrow();
    Lay laid =
        Lay.fresh(
            "a", "front", Optional.of("fern"), first.rule(), new Lay.Pot(Optional.of("bone"), 2));
    PlanReading reading = read(chest(870, laid));
    Proposal second =
        Proposal.of(reading.face("front").face(), FERN, reading.face("front").lays()).orElseThrow();
    assertThat(distance(second)).isGreaterThanOrEqualTo(distance(first) + 60);
    assertThat(((LayAnswer.Options) first.answer()).best().itemsOnKeepOuts()).isZero();
  }

  private static double distance(Proposal proposal) {
    return ((EdgeLine) ((Run) proposal.rule()).line()).distanceMm();
  }
}
