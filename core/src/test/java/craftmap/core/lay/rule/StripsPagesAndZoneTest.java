package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.Criterion;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.pieces.Strips;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.rule.single.WholeFace;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StripsPagesAndZoneTest {
  private static final RectangleOutline TOP = new RectangleOutline(400, 300);

  private static Room around(Design design) {
    Item photo = Item.whole(Prints.cutOut(100, 80), Placement.at(new Point(200, 150)), false);
    return Room.on(Bench.face(TOP, Marks.NONE), design.kind()).around(List.of(photo), 5);
  }

  @Test
  void foilIsTheSizedAreaInStripsOffTheRoll() {
    Design foil = Prints.foil(80, 5, "COMPLETE");
    Strips rule = new Strips(Strips.Running.DOWN, 0, 10, 1);
    LayOption best = Bench.lay(rule, TOP, foil).getFirst();
    RollStrips strips = (RollStrips) best.arrangement();
    assertThat(strips.strips()).isEqualTo(6);
    assertThat(strips.lengthMm()).isCloseTo(6 * 310, within(1e-6));
    assertThat(strips.sizedMm2()).isCloseTo(120_000, within(1e-6));
    double union = Planar.union(best.items().stream().map(Item::visibleArea).toList()).getArea();
    assertThat(union).isCloseTo(120_000, within(1e-3));
  }

  @Test
  void aroundWhatIsThereTheSizedAreaIsLessTheItems() {
    Design foil = Prints.foil(80, 5, "COMPLETE");
    Strips rule = new Strips(Strips.Running.DOWN, 0, 0, 1);
    LayAnswer.Options options = (LayAnswer.Options) rule.lay(new Laying(around(foil), foil));
    RollStrips strips = (RollStrips) options.best().arrangement();
    // the photo with 5 mm all round it, its corners rounded
    assertThat(strips.sizedMm2()).isCloseTo(120_000 - 110 * 90, within(200.0));
    assertThat(strips.sizedMm2()).isLessThan(120_000 - 100 * 80);
  }

  @Test
  void brokenFoilTakesLessOfTheRollAndLayersTakeMore() {
    RollStrips broken =
        (RollStrips)
            Bench.lay(
                    new Strips(Strips.Running.ACROSS, 0, 0, 0.65),
                    TOP,
                    Prints.foil(80, 5, "BROKEN"))
                .getFirst()
                .arrangement();
    assertThat(broken.usedMm()).isCloseTo(broken.lengthMm() * 0.65, within(1e-6));
    RollStrips gauze =
        (RollStrips)
            Bench.lay(
                    new Strips(Strips.Running.ACROSS, 0, 0, 1),
                    TOP,
                    Prints.plasterFabric(100, 15, 3))
                .getFirst()
                .arrangement();
    assertThat(gauze.usedMm()).isCloseTo(gauze.lengthMm() * 3, within(1e-6));
  }

  @Test
  void anEnlargedImageGoesOverOfficePages() {
    Design image = Prints.image(300, 200, 10);
    List<LayOption> options =
        Bench.lay(new Pages(600, Optional.empty(), 0), new RectangleOutline(900, 700), image);
    PageSet best = (PageSet) options.getFirst().arrangement();
    assertThat(best.way()).isEqualTo(Way.OnPages.PAGES_UPRIGHT);
    assertThat(best.columns()).isEqualTo(4);
    assertThat(best.rows()).isEqualTo(2);
    assertThat(best.pages()).isEqualTo(8);
    PageSet lying = (PageSet) options.get(1).arrangement();
    assertThat(lying.pages()).isEqualTo(9);
  }

  @Test
  void anImageIsNotEnlargedFurtherThanItWasDrawnFor() {
    Design image = Prints.image(100, 80, 10);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Bench.lay(new Pages(900, Optional.empty(), 0), TOP, image))
        .withMessageContaining("width-of-the-image (900.0 mm)")
        .withMessageContaining("[50.0 mm, 400.0 mm]");
  }

  @Test
  void aZoneIsTheFaceLessWhatItGoesAround() {
    Design zone = Prints.zone();
    LayAnswer.Options options =
        (LayAnswer.Options) new WholeFace(20).lay(new Laying(around(zone), zone));
    LayOption option = options.best();
    assertThat(option.items()).hasSize(1);
    double area = ((ZoneArea) option.arrangement()).areaMm2();
    assertThat(option.items().getFirst().printMm2()).isCloseTo(area, within(1.0));
    assertThat(area).isCloseTo(360 * 260 - 110 * 90, within(150.0));
  }

  @Test
  void stripsRunBothWaysAndTheShorterOneOffTheRollComesFirst() {
    Random random = new Random(15);
    Strips either = new Strips(Strips.Running.WHICHEVER_IS_BETTER, 0, 10, 1);
    for (int i = 0; i < 60; i++) {
      double w = 120 + random.nextDouble() * 900;
      double h = 120 + random.nextDouble() * 900;
      List<LayOption> options =
          Bench.lay(either, new RectangleOutline(w, h), Prints.plasterFabric(150, 20, 2));
      List<RollStrips> strips = options.stream().map(o -> (RollStrips) o.arrangement()).toList();
      assertThat(strips.stream().map(RollStrips::level).distinct()).hasSize(2);
      for (int k = 1; k < strips.size(); k++) {
        if (options.get(k).behindBy().equals(Optional.of(Criterion.FEWEST_SHEETS))) {
          assertThat(strips.get(k).lengthMm()).isGreaterThan(strips.getFirst().lengthMm());
        }
        // each is told from the others when it is picked
        for (int m = 0; m < k; m++) {
          assertThat(options.get(k).asPick()).isNotEqualTo(options.get(m).asPick());
        }
      }
    }
  }
}
