package craftmap.core.lay.rule.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Shapes;
import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.RoundedOutline;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class RingTest {
  private static Ring ring(Map<String, Double> measures, Map<String, String> choices) {
    return Ring.read(new MeasureSheet(measures, choices));
  }

  @Test
  void theWorkedRingOf754TakesFourteen() {
    List<LayOption> options =
        Bench.lay(
            ring(Map.of("gap", 15.0, "inset", 60.0), Map.of("around", "WALL")),
            new CylinderOutline(754, 200),
            Shapes.block(40, 30, 60, 50));
    RingRows best = (RingRows) options.getFirst().arrangement();
    assertThat(best.count()).isEqualTo(14);
    assertThat(best.gapMm()).isCloseTo(13.857, within(5e-4));
    assertThat(best.gapMm() / 15 - 1).isCloseTo(-0.076, within(5e-4));
    assertThat(best.way()).isEqualTo(Way.OnRing.RING_ON_DATUM);
    assertThat(options.getFirst().items().getFirst().centre().xMm()).isEqualTo(377);
  }

  @Tag("thorough")
  @Test
  void everyRingClosesExactlyOnEveryRoundFaceAndStaysOnIt() {
    Random random = new Random(31);
    List<Outline> outlines =
        List.of(
            OvalOutline.circle(400),
            new OvalOutline(500, 360),
            new RectangleOutline(600, 420),
            new RoundedOutline(500, 400, 60));
    int rings = 0;
    for (int i = 0; i < 120; i++) {
      Outline outline = outlines.get(i % outlines.size());
      double w = 12 + random.nextDouble() * 40;
      Map<String, Double> measures = new HashMap<>();
      measures.put("gap", 4 + random.nextDouble() * 20);
      measures.put("inset", 20 + random.nextDouble() * 60);
      for (LayOption option :
          Bench.lay(ring(measures, Map.of()), outline, Shapes.block(w, 14, 80, 60))) {
        RingRows rows = (RingRows) option.arrangement();
        assertThat(rows.count() * rows.pitchMm())
            .isCloseTo(rows.rows().getFirst().lengthMm(), within(1e-9));
        assertThat(option.items()).hasSize(rows.count());
        assertThat(Bench.apart(option.items())).isTrue();
        assertThat(option.items()).allMatch(Item::isWhole);
        rings++;
      }
    }
    assertThat(rings).isGreaterThan(300);
  }

  @Test
  void noOtherCountWithinTheAllowedChangeIsNearerToTheWish() {
    Random random = new Random(32);
    for (int i = 0; i < 500; i++) {
      double w = 10 + random.nextDouble() * 60;
      double gap = 2 + random.nextDouble() * 30;
      double around = w + gap + random.nextDouble() * 1500;
      RunWish wish = new RunWish(gap, 0, 0.15);
      List<Integer> counts = Ring.counts(around, w, wish);
      double best =
          counts.stream()
              .mapToDouble(n -> Math.abs(around / n - w - gap))
              .min()
              .orElse(Double.POSITIVE_INFINITY);
      for (int n = 1; n * w <= around; n++) {
        double change = Math.abs(around / n - w - gap);
        assertThat(change).isGreaterThanOrEqualTo(best - 1e-9);
        if (change <= gap * 0.15) {
          assertThat(counts).contains(n);
        }
      }
    }
  }

  @Test
  void rowsOnAConeKeepTheirCountAndEachHasItsOwnCircumference() {
    ConeOutline planter = new ConeOutline(754, 565, 230);
    List<LayOption> options =
        Bench.lay(
            ring(
                Map.of("gap", 12.0, "inset", 40.0, "rows", 3.0, "apart", 50.0),
                Map.of("around", "WALL")),
            planter,
            Shapes.block(16, 16, 40, 40));
    LayOption best = options.getFirst();
    RingRows rows = (RingRows) best.arrangement();
    assertThat(rows.rows()).hasSize(3);
    // each millimetre down takes (754 - 565) / 230 off the way round
    for (int r = 0; r < 3; r++) {
      assertThat(rows.rows().get(r).lengthMm())
          .isCloseTo(754 - (40 + 50 * r) * (754 - 565) / 230.0, within(1e-6));
    }
    int n = rows.count();
    for (int r = 0; r < 3; r++) {
      for (int i = 0; i < n; i++) {
        Point p = best.items().get(r * n + i).centre();
        assertThat(planter.downMm(p)).isCloseTo(40 + 50 * r, within(1e-6));
        double over = r == 1 ? 0.5 : 0;
        double expected = (0.5 + (i + over) / n) % 1;
        double off = Math.abs(planter.turnShare(p) - expected) % 1;
        assertThat(Math.min(off, 1 - off)).isCloseTo(0, within(1e-9));
      }
    }
  }

  @Test
  void aRingPastTheMiddleOfTheFaceOrRoundAFlatWallSaysSo() {
    assertThat(answer(ring(Map.of("inset", 210.0), Map.of()), OvalOutline.circle(400)))
        .isEqualTo(new LayAnswer.NoRoom(LayAnswer.Reason.NO_LINE));
    assertThat(
            answer(
                ring(Map.of("inset", 20.0), Map.of("around", "WALL")),
                new RectangleOutline(300, 300)))
        .isEqualTo(new LayAnswer.NoRoom(LayAnswer.Reason.NOT_ROLLED_UP));
  }

  private static LayAnswer answer(LayRule rule, Outline outline) {
    var design = Shapes.block(40, 30, 60, 50);
    return rule.lay(
        new Laying(
            craftmap.core.lay.Room.on(
                Bench.face(outline, craftmap.core.surface.Marks.NONE), design.kind()),
            design));
  }

  @Test
  void noSheetOfAPassLiesOnAnotherPrintOfItWhateverTheTurns() {
    // twelve round a circle of 246: some are turned by a hair less than a quarter or a full turn
    Ring ring =
        ring(
            Map.of("gap", 10.0, "x", 200.0, "y", 200.0, "diameter", 246.0),
            Map.of("around", "CIRCLE"));
    var stencil = Shapes.block(50, 50, 90, 90);
    int checked = 0;
    for (LayOption option : Bench.lay(ring, new RectangleOutline(400, 400), stencil)) {
      List<Item> items = option.items();
      StencilPasses passes =
          StencilPasses.of(
              items.stream()
                  .map(i -> new StencilPasses.Position(i.box(), i.sheet(stencil)))
                  .toList(),
              5);
      for (List<Integer> pass : passes.passes()) {
        for (int a : pass) {
          for (int b : pass) {
            double wet =
                Planar.intersection(
                        items.get(a).sheet(stencil).polygon(), items.get(b).box().polygon())
                    .getArea();
            assertThat(a == b || wet < 0.01).as("%s on %s", a, b).isTrue();
            checked++;
          }
        }
      }
    }
    assertThat(checked).isPositive();
  }

  @Test
  void aBlemishUnderACopyIsToldHiddenWhateverTheTurn() {
    Ring ring =
        ring(
            Map.of("gap", 10.0, "x", 200.0, "y", 200.0, "diameter", 246.0),
            Map.of("around", "CIRCLE"));
    for (LayOption option :
        Bench.lay(ring, new RectangleOutline(400, 400), Shapes.block(50, 50, 90, 90))) {
      for (Item item : option.items()) {
        Blemish chip = Blemish.of("b", 1, "chip", item.centre(), 8);
        assertThat(BlemishCover.of(chip, option.items()).state())
            .isEqualTo(BlemishCover.State.COVERED);
      }
    }
  }
}
