package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the plan keeps of a sheet that is cut. */
class PlannedOffcutTest {
  /** A sign of 600 x 400 out of a taller picture whose lettering stands under it. */
  private static final Design PICTURE =
      Prints.paper(
          600,
          600,
          Prints.motif("heron", 5, 200, 60, 100, 200),
          Prints.motif("the lettering", 1, 50, 500, 300, 60));

  private static LayReading.Laid keeping(String... names) {
    LayReading.Laid laid =
        SignLays.laid(
                Optional.of(PICTURE),
                RuleKind.ACROSS.read(
                    new MeasureSheet(Map.of("allowance", 0.0), Map.of()), List.of(), ""),
                1)
            .getFirst();
    return kept(laid, names);
  }

  private static LayReading.Laid kept(LayReading.Laid laid, String... names) {
    Lay lay = laid.lay();
    for (String name : names) {
      lay = lay.with(lay.keeping().offcut(name, true));
    }
    return new LayReading.Laid(
        lay,
        laid.faceIds(),
        laid.lead(),
        laid.design(),
        laid.pot(),
        laid.options(),
        laid.chosen(),
        laid.seen(),
        laid.pickState(),
        laid.setOuts(),
        laid.passes(),
        laid.clearances(),
        laid.crossings(),
        laid.overInsetsMm(),
        laid.film(),
        laid.zone(),
        laid.takes());
  }

  private static List<PlannedOffcut> planned(LayReading.Laid... lays) {
    List<DesignCut.Source> sources =
        List.of(lays).stream().map(l -> new DesignCut.Source("piece", l)).toList();
    DesignCut cut = DesignCut.of(PICTURE, sources, List.of(), 9, CutWish.PLAIN, done -> true);
    return PlannedOffcut.of(cut, sources);
  }

  @Test
  void whatStaysOverIsKeptWhereItIsOnTheSheet() {
    assertThat(planned(keeping("the lettering")))
        .containsExactly(new PlannedOffcut(0, "the lettering", new Box(50, 500, 300, 60)));
  }

  @Test
  void whatIsCutOutItselfCannotBeKept() {
    assertThat(planned(keeping("heron"))).isEmpty();
    assertThat(planned(keeping("a part that is not there"))).isEmpty();
    assertThat(planned(keeping())).isEmpty();
  }

  @Test
  void itIsKeptOnceHoweverOftenItIsSaidAndGivenUpAgain() {
    Lay.Keeping keeping =
        Lay.Keeping.OPEN.offcut("b", true).offcut("a", true).offcut("b", true).hidden(true);
    assertThat(keeping.offcuts()).containsExactly("a", "b");
    assertThat(keeping.hidden()).isTrue();
    assertThat(keeping.offcut("a", false).offcuts()).containsExactly("b");
  }

  @Test
  void aRestThatIsKeptWholeHoldsIt() {
    PlannedOffcut lettering = planned(keeping("the lettering")).getFirst();
    assertThat(lettering.isWithin(new Box(0, 400, 600, 200))).isTrue();
    assertThat(lettering.isWithin(new Box(0, 0, 600, 400))).isFalse();
    assertThat(lettering.isWithin(new Box(0, 400, 200, 200))).as("a piece of it").isFalse();
  }

  /** Over seeded places: whichever rests are kept, the part is whole in one or apart from all. */
  @Test
  void noRestTakesAPieceOfWhatIsKept() {
    Dice dice = new Dice(23);
    int torn = 0;
    for (int i = 0; i < 60; i++) {
      Design picture =
          Prints.paper(
              1003.7,
              902.3,
              Prints.motif("heron", 5, 10, 10, 60, 60),
              Prints.motif(
                  "the lettering",
                  1,
                  dice.next() * 700,
                  dice.next() * 800,
                  61.3 + dice.next() * 230,
                  33.1 + dice.next() * 60));
      LayReading.Laid lay =
          SignLays.laid(
                  Optional.of(picture),
                  RuleKind.ACROSS.read(
                      new MeasureSheet(Map.of("allowance", 0.0), Map.of()), List.of(), ""),
                  1,
                  200.9 + dice.next() * 500,
                  150.3 + dice.next() * 500)
              .getFirst();
      List<DesignCut.Source> sources =
          List.of(new DesignCut.Source("piece", kept(lay, "the lettering")));
      DesignCut before = DesignCut.of(picture, sources, List.of(), 9, CutWish.PLAIN, done -> true);
      DesignCut cut = before.keeping(sources);
      assertThat(PlannedOffcut.of(cut, sources)).isEqualTo(PlannedOffcut.of(before, sources));
      for (PlannedOffcut offcut : PlannedOffcut.of(cut, sources)) {
        torn += offcut.isTornBy(before.sheets().get(offcut.sheet()).rests()) ? 1 : 0;
        List<Box> rests = cut.sheets().get(offcut.sheet()).rests();
        assertThat(rests).allMatch(r -> offcut.isWithin(r) || !r.overlaps(offcut.box(), 0.01));
        for (DesignCut.Piece p : cut.sheets().get(offcut.sheet()).pieces()) {
          assertThat(rests).noneMatch(r -> r.overlaps(p.window(), 0.01));
        }
      }
    }
    assertThat(torn).as("some would have been torn").isPositive();
  }
}
