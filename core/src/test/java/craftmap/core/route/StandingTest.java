package craftmap.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.route.Needed.OfDesign;
import craftmap.core.route.Needed.OfPot;
import craftmap.core.supply.Provision;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StandingTest {
  private static final FormNote TYPICAL = FormNote.typical(FormKind.CHEST);
  private static final FormNote MEASURED = measured(2);
  private static final Needed NOTHING = new Needed(List.of(), List.of(), List.of(), List.of(), 0);

  @Test
  void measuresComeFirstAndTwoOfThemAreEnoughForAForm() {
    assertThat(Standing.of(TYPICAL, NOTHING, false))
        .isEqualTo(new Standing(List.of(), new Next.TakeMeasures()));
    assertThat(Standing.of(measured(1), NOTHING, false).next()).isEqualTo(new Next.TakeMeasures());
    assertThat(Standing.of(MEASURED, NOTHING, false))
        .isEqualTo(new Standing(List.of(Stop.SURVEY), new Next.ChooseDesign()));
  }

  @Test
  void whatDoesNotFitIsMadeToFitBeforeAnythingIsBought() {
    Needed needed =
        new Needed(List.of("reeds", "moons"), List.of(), List.of(pot(shortBy(12.4))), List.of(), 0);
    assertThat(Standing.of(MEASURED, needed, false).next()).isEqualTo(new Next.MakeFit("reeds"));
  }

  @Test
  void aPotIsNamedBeforeAnythingIsCountedOn() {
    Needed needed =
        new Needed(List.of(), List.of("herons"), List.of(pot(shortBy(12.4))), List.of(), 0);
    assertThat(Standing.of(MEASURED, needed, false).next()).isEqualTo(new Next.NamePot("herons"));
  }

  @Test
  void whatIsCutIsCutBeforeItIsPutOn() {
    OfDesign sheets = new OfDesign("shells", true, false, left(0));
    Needed needed =
        new Needed(
            List.of(), List.of(), List.of(pot(left(1), "shells on top")), List.of(sheets), 0);
    assertThat(Standing.of(MEASURED, needed, false).next()).isEqualTo(new Next.CutDesign("shells"));
  }

  @Test
  void aShortPotIsToldWithHowMuchIsMissing() {
    Needed needed =
        new Needed(
            List.of(),
            List.of(),
            List.of(pot(left(3), "a"), pot(shortBy(12.4), "b")),
            List.of(),
            0);
    assertThat(Standing.of(MEASURED, needed, false).next())
        .isEqualTo(new Next.FillPot("pot", 12.4));
  }

  @Test
  void aDesignThatWasTakenIsNotMissing() {
    OfDesign taken = new OfDesign("shells", true, true, shortBy(1));
    OfDesign missing = new OfDesign("ferns", false, false, shortBy(2));
    Needed needed = new Needed(List.of(), List.of(), List.of(), List.of(taken, missing), 0);
    assertThat(Standing.of(MEASURED, needed, false).next())
        .isEqualTo(new Next.GetDesign("ferns", 2));
  }

  @Test
  void whatIsToBeCutKeepsTheCutOpen() {
    OfDesign sheets = new OfDesign("shells", true, false, left(0));
    Needed needed = new Needed(List.of(), List.of(), List.of(pot(left(1))), List.of(sheets), 0);
    Standing standing = Standing.of(MEASURED, needed, false);
    assertThat(standing.next()).isEqualTo(new Next.CutDesign("shells"));
    assertThat(standing.settled())
        .containsExactly(Stop.SURVEY, Stop.CHOOSE, Stop.LAY_OUT, Stop.COATS);
  }

  /** Over seeded pieces: what comes next is open, and nothing is settled that still asks. */
  @Test
  void whatComesNextIsReallyOpenAndAllIsDoneOnlyWhereNothingAsks() {
    Random random = new Random(20_261_127);
    for (int k = 0; k < 2_000; k++) {
      Needed needed = some(random);
      Standing standing = Standing.of(random.nextBoolean() ? MEASURED : TYPICAL, needed, false);
      boolean done =
          needed.notLaid().isEmpty()
              && needed.unnamed().isEmpty()
              && !needed.isNothing()
              && needed.pots().stream()
                  .allMatch(p -> p.open().isEmpty() && p.provision() instanceof Provision.Enough)
              && needed.failing() == 0
              && needed.designs().stream()
                  .allMatch(d -> d.used() || !d.cut() && d.provision() instanceof Provision.Enough);
      assertThat(standing.next() instanceof Next.Nothing).as("%s", needed).isEqualTo(done);
      assertThat(standing.settled().containsAll(List.of(Stop.values()))).isEqualTo(done);
      if (!done && standing.next().stop() != Stop.GATHER) {
        assertThat(standing.settled()).as("%s", needed).doesNotContain(standing.next().stop());
      }
      switch (standing.next()) {
        case Next.PutOn next ->
            assertThat(needed.pots())
                .as("all is there")
                .allMatch(p -> p.provision() instanceof Provision.Enough)
                .anyMatch(p -> p.open().contains(next.layId()));
        case Next.CutDesign next ->
            assertThat(needed.designs())
                .anyMatch(d -> d.designId().equals(next.designId()) && d.cut() && !d.used());
        case Next.NamePot next -> assertThat(needed.unnamed()).contains(next.layId());
        case Next.MendCoats next -> {
          assertThat(needed.failing()).isPositive().isEqualTo(next.failing());
          assertThat(standing.settled()).contains(Stop.LAY_OUT);
        }
        case Next.TakeMeasures _,
            Next.ChooseDesign _,
            Next.MakeFit _,
            Next.FillPot _,
            Next.GetDesign _,
            Next.Nothing _ -> {}
      }
    }
  }

  private static Needed some(Random random) {
    List<OfPot> pots = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      pots.add(random.nextBoolean() ? pot(some(random, 7.3), "lay" + i) : pot(some(random, 0.41)));
    }
    List<OfDesign> designs = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      designs.add(
          new OfDesign(
              "design" + i, random.nextBoolean(), random.nextBoolean(), some(random, 2.7)));
    }
    return new Needed(
        random.nextInt(5) == 0 ? List.of("stray") : List.of(),
        random.nextInt(5) == 0 ? List.of("glueless") : List.of(),
        pots,
        designs,
        random.nextInt(4) == 0 ? 1 + random.nextInt(3) : 0);
  }

  private static Provision some(Random random, double much) {
    return random.nextInt(4) == 0 ? shortBy(much) : left(much);
  }

  private static FormNote measured(int sizes) {
    Map<String, Double> taken = new HashMap<>();
    TYPICAL.entries().stream()
        .filter(MeasureSheet.LengthEntry.class::isInstance)
        .limit(sizes)
        .forEach(e -> taken.put(e.key(), ((MeasureSheet.LengthEntry) e).mm()));
    return TYPICAL.with(taken, Map.of());
  }

  private static OfPot pot(Provision provision, String... open) {
    return new OfPot("pot", List.of(open), provision);
  }

  private static Provision shortBy(double by) {
    return new Provision.Short(by);
  }

  private static Provision left(double left) {
    return new Provision.Enough(left);
  }

  /** It may be said at any time when a piece is begun; it settles a stop once something is laid. */
  @Test
  void theOrderIsSettledOnceItIsSaidWhenItBegins() {
    Needed needed =
        new Needed(
            List.of(),
            List.of(),
            List.of(new OfPot("pot", List.of("ferns"), new Provision.Enough(3))),
            List.of(),
            0);
    assertThat(Standing.of(MEASURED, needed, false).settled()).doesNotContain(Stop.ORDER);
    assertThat(Standing.of(MEASURED, needed, true).settled()).contains(Stop.ORDER, Stop.COATS);
    assertThat(Standing.of(MEASURED, NOTHING, true).settled()).doesNotContain(Stop.ORDER);
  }
}
