package craftmap.core.lay.rule.field;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Prints;
import craftmap.core.design.Rights;
import craftmap.core.design.Shapes;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ScatterTest {
  private static final Design DOT =
      DesignKind.DOTS.read(
          new Card("dot", "Dot", "dot", "", Rights.MAY_BE_SOLD),
          new MeasureSheet(Map.of("diameter", 8.0), Map.of()),
          Optional.empty());

  private static Scatter scatter(Map<String, Double> measures, String amount) {
    return Scatter.read(new MeasureSheet(measures, Map.of("amount", amount)));
  }

  @Test
  void scatteredDotsKeepTheirDistanceStayOnTheFaceAndOffKeepOuts() {
    Box plate = new Box(120, 60, 50, 50);
    Face face = Bench.face(new RectangleOutline(300, 200), Bench.plate(plate));
    for (LayOption option : Bench.lay(scatter(Map.of("gap", 10.0), "UNTIL_FULL"), face, DOT)) {
      List<Item> items = option.items();
      for (int i = 0; i < items.size(); i++) {
        Box box = items.get(i).box().around();
        assertThat(box.leftMm()).isGreaterThanOrEqualTo(0);
        assertThat(box.rightMm()).isLessThanOrEqualTo(300);
        assertThat(box.topMm()).isGreaterThanOrEqualTo(0);
        assertThat(box.bottomMm()).isLessThanOrEqualTo(200);
        assertThat(items.get(i).print().intersects(craftmap.core.plane.Planar.polygon(plate)))
            .isFalse();
        for (int k = 0; k < i; k++) {
          assertThat(items.get(i).centre().distanceMm(items.get(k).centre()))
              .isGreaterThanOrEqualTo(18);
        }
      }
    }
  }

  @Test
  void growingStopsWhenTheFaceLooksFull() {
    LayOption full =
        Bench.lay(scatter(Map.of("gap", 10.0), "UNTIL_FULL"), OvalOutline.circle(240), DOT)
            .getFirst();
    // hexagonal packing holds at most area / (pitch^2 sqrt(3)/2); a random one settles near 0.6
    double most = Math.PI * 116 * 116 / (18 * 18 * Math.sqrt(3) / 2);
    assertThat(full.items().size()).isBetween((int) (0.5 * most), (int) (0.95 * most));
    assertThat(((Scattering) full.arrangement()).full()).isTrue();
  }

  @Test
  void theSameSeedGivesTheSameScatterAndAnotherSeedAnother() {
    var face = new RectangleOutline(200, 150);
    var first = Bench.lay(scatter(Map.of("count", 30.0, "seed", 7.0), "COUNT"), face, DOT);
    var again = Bench.lay(scatter(Map.of("count", 30.0, "seed", 7.0), "COUNT"), face, DOT);
    var other = Bench.lay(scatter(Map.of("count", 30.0, "seed", 70.0), "COUNT"), face, DOT);
    assertThat(first.getFirst().items()).isEqualTo(again.getFirst().items()).hasSize(30);
    assertThat(other.getFirst().items()).isNotEqualTo(first.getFirst().items());
    assertThat(first).hasSize(3);
  }

  /** Numbers that any machine must throw: a change here changes every scatter that was planned. */
  @Test
  void theDiceAreTheSameOnEveryMachine() {
    Dice dice = new Dice(42);
    double sum = 0;
    for (int i = 0; i < 1000; i++) {
      double next = dice.next();
      assertThat(next).isBetween(0.0, 1.0);
      sum += next;
    }
    assertThat(sum / 1000).isCloseTo(0.5, within(0.03));
    Dice again = new Dice(42);
    assertThat(new double[] {again.next(), again.next(), again.next()})
        .containsExactly(0.05668172408952643, 0.007788267490759115, 0.039028638913209734);
  }

  @Test
  void aDensityCountsByTheFreeArea() {
    LayOption some =
        Bench.lay(
                scatter(Map.of("gap", 2.0, "density", 10.0), "DENSITY"),
                new RectangleOutline(300, 200),
                DOT)
            .getFirst();
    assertThat(some.items()).hasSize(60); // 6 square decimetres
  }

  private static Scatter full(double gap, int seed) {
    return new Scatter(gap, Scatter.Amount.UNTIL_FULL, 40, 4, Scatter.Turning.AS_DRAWN, seed);
  }

  private static Design dots(double across) {
    return DesignKind.DOTS.read(
        Prints.card(),
        new MeasureSheet(Map.of("diameter", across, "gap", 12.0), Map.of()),
        Optional.empty());
  }

  @Test
  void roundThingsKeepTheDistanceOfTheirRims() {
    for (Design round : List.of(dots(18), Prints.roundCutOut(18))) {
      for (int seed = 1; seed <= 5; seed++) {
        List<Item> items =
            Bench.lay(full(10, seed), new RectangleOutline(290, 140), round).getFirst().items();
        // thrown until nothing fits; the sheet holds about 36 at that distance
        assertThat(items.size()).as(round.kind() + " " + seed).isGreaterThanOrEqualTo(33);
        double nearest = Double.POSITIVE_INFINITY;
        for (Item a : items) {
          for (Item b : items) {
            if (a != b) {
              nearest = Math.min(nearest, a.centre().distanceMm(b.centre()));
            }
          }
        }
        assertThat(nearest).isBetween(28 - 0.01, 29.0);
      }
    }
  }

  @Test
  void whatIsNotRoundKeepsTheDistanceOfItsOutlines() {
    Design strip = Shapes.block(60, 12, 80, 30);
    Scatter any = new Scatter(8, Scatter.Amount.UNTIL_FULL, 40, 4, Scatter.Turning.ANY_WAY, 3);
    List<Item> items = Bench.lay(any, new RectangleOutline(500, 300), strip).getFirst().items();
    for (Item a : items) {
      for (Item b : items) {
        assertThat(a == b || a.print().distance(b.print()) > 8 - 0.01).isTrue();
      }
    }
    // circles round strips of 60 would have room for about 25
    assertThat(items.size()).isGreaterThan(40);
  }

  @Test
  void throwsNextToEachOtherShareNothing() {
    Set<Point> seen = new HashSet<>();
    for (int seed = 1; seed <= 4; seed++) {
      for (LayOption option : Bench.lay(full(10, seed), new RectangleOutline(290, 140), dots(18))) {
        assertThat(seen.add(option.items().getFirst().centre())).isTrue();
      }
    }
  }

  @Test
  void ofAsManyTheMoreEvenThrowComesFirst() {
    for (int i = 0; i < 6; i++) {
      Scatter rule = new Scatter(4, Scatter.Amount.COUNT, 14, 4, Scatter.Turning.AS_DRAWN, 1 + i);
      List<Double> apart =
          Bench.lay(rule, new RectangleOutline(400, 300), dots(18)).stream()
              .map(o -> ((Scattering) o.arrangement()).leastApartMm())
              .toList();
      assertThat(apart).isSortedAccordingTo(Comparator.reverseOrder());
    }
  }
}
