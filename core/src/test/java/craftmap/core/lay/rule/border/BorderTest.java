package craftmap.core.lay.rule.border;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.ArchOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.QuadOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.TrapeziumOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class BorderTest {
  private static final Stencil LEAF = Shapes.block(48, 30, 80, 60);
  private static final Stencil CORNER = Shapes.block(70, 70, 100, 100);

  private static List<LayOption> border(
      Outline outline, Border border, Optional<craftmap.core.design.Design> corner) {
    LayAnswer answer =
        border.lay(new Laying(Room.on(Bench.face(outline, Marks.NONE), LEAF.kind()), LEAF, corner));
    return answer instanceof LayAnswer.Options o ? o.ranked() : List.of();
  }

  @Test
  void theWorkedBorderOf880By440() {
    LayOption pieces =
        border(
                new RectangleOutline(880, 440),
                new Border(0, new RunWish(12, 0, 0.25)),
                Optional.of(CORNER))
            .stream()
            .filter(o -> o.arrangement().way() == Way.OnBorder.BORDER_PIECES)
            .findFirst()
            .orElseThrow();
    BorderSides sides = (BorderSides) pieces.arrangement();
    assertThat(sides.sides()).extracting(BorderSides.Side::count).containsExactly(12, 5, 12, 5);
    assertThat(sides.sides().get(0).gapMm()).isCloseTo(12.615, within(5e-4));
    assertThat(sides.sides().get(1).gapMm()).isCloseTo(10.0, within(1e-6));
    assertThat(pieces.items()).hasSize(2 * 12 + 2 * 5 + 4);
  }

  @Test
  void noOtherCountsBringTheGapsOfAllSidesNearerToEachOther() {
    Random random = new Random(41);
    for (int i = 0; i < 200; i++) {
      int sides = 3 + random.nextInt(2);
      double w = 10 + random.nextDouble() * 50;
      RunWish wish = new RunWish(4 + random.nextDouble() * 20, 0, 0.3);
      List<IntToDoubleFunction> gaps = new ArrayList<>();
      double[] lengths = new double[sides];
      for (int s = 0; s < sides; s++) {
        lengths[s] = 150 + random.nextDouble() * 500;
        double length = lengths[s];
        gaps.add(n -> (length - n * w) / (n + 1));
      }
      List<List<EvenSides.Choice>> chosen = EvenSides.choose(gaps, 0, wish, 1);
      double least = Double.POSITIVE_INFINITY;
      for (List<Double> combination : combinations(gaps, wish, 0)) {
        least =
            Math.min(
                least,
                combination.stream().mapToDouble(g -> g).max().orElseThrow()
                    - combination.stream().mapToDouble(g -> g).min().orElseThrow());
      }
      if (Double.isFinite(least)) {
        double range =
            chosen.getFirst().stream().mapToDouble(EvenSides.Choice::gapMm).max().orElseThrow()
                - chosen.getFirst().stream()
                    .mapToDouble(EvenSides.Choice::gapMm)
                    .min()
                    .orElseThrow();
        assertThat(range).isCloseTo(least, within(1e-6));
      }
    }
  }

  /** Every way to take one allowed count for each side; none where a side has no allowed count. */
  private static List<List<Double>> combinations(
      List<IntToDoubleFunction> gaps, RunWish wish, int side) {
    if (side == gaps.size()) {
      return List.of(List.of());
    }
    List<List<Double>> all = new ArrayList<>();
    List<List<Double>> rest = combinations(gaps, wish, side + 1);
    for (int n = 0; n < 80; n++) {
      double gap = gaps.get(side).applyAsDouble(n);
      if (gap >= 0 && Math.abs(gap - wish.gapMm()) <= wish.gapMm() * wish.allowedChange()) {
        for (List<Double> others : rest) {
          List<Double> one = new ArrayList<>(others);
          one.add(gap);
          all.add(one);
        }
      }
    }
    return all;
  }

  @Tag("thorough")
  @Test
  void onAnyOutlineCopiesStayOnTheFaceAndApartAndFollowTheTrueEdges() {
    List<Outline> outlines =
        List.of(
            new RectangleOutline(700, 500),
            new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.empty()),
            new TrapeziumOutline(520, 700, 500),
            new ArchOutline(600, 700, 200, ArchOutline.Curve.SEGMENT),
            OvalOutline.circle(500),
            new OvalOutline(700, 500));
    for (Outline outline : outlines) {
      Border border = new Border(15, new RunWish(14, 0, 0.3));
      List<LayOption> options = new ArrayList<>(border(outline, border, Optional.empty()));
      options.addAll(border(outline, border, Optional.of(CORNER)));
      assertThat(options).as("%s", outline).isNotEmpty();
      for (LayOption option : options) {
        boolean mitred = option.arrangement().way().name().contains("MITRED");
        assertThat(mitred || Bench.apart(option.items())).as("%s", option.arrangement()).isTrue();
        for (Item item : option.items()) {
          assertThat(outline.region().buffer(1e-3).covers(item.print())).isTrue();
          double fromEdge = outline.region().getBoundary().distance(item.print());
          // along a bend the corners of a straight motif reach a little over the line
          assertThat(fromEdge).isGreaterThan(12);
        }
      }
    }
  }

  @Test
  void onAnOutOfSquareFrontEachSideIsTurnedAlongItsOwnEdge() {
    QuadOutline front = new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.empty());
    LayOption open =
        border(front, new Border(20, new RunWish(14, 0, 0.3)), Optional.empty()).stream()
            .filter(o -> o.arrangement().way() == Way.OnBorder.BORDER_OPEN)
            .findFirst()
            .orElseThrow();
    double[] turns =
        open.items().stream().mapToDouble(i -> i.at().turnDeg()).distinct().sorted().toArray();
    assertThat(turns).hasSize(4);
    var corners = front.corners();
    double foot = craftmap.core.plane.Turns.direction(corners.get(2), corners.get(3));
    assertThat(java.util.Arrays.stream(turns).anyMatch(t -> Math.abs(t - foot) < 1e-3)).isTrue();
  }

  @Test
  void foldedRoundACornerTheTwoHalvesMeetOnTheMitre() {
    LayOption folded =
        border(
                new RectangleOutline(600, 400),
                new Border(10, new RunWish(14, 0, 0.4)),
                Optional.empty())
            .stream()
            .filter(o -> o.arrangement().way() == Way.OnBorder.BORDER_MITRED_ON_MOTIF)
            .findFirst()
            .orElseThrow();
    List<Item> cut = folded.items().stream().filter(i -> !i.isWhole()).toList();
    assertThat(cut).hasSize(8);
    double shares = cut.stream().mapToDouble(Item::share).sum();
    assertThat(shares).isCloseTo(4, within(1e-6)); // two halves in each corner
  }

  @Tag("thorough")
  @Test
  void sidesThatDifferLeastComeFirstThenTheGapNearestToTheWish() {
    Random random = new Random(33);
    for (int i = 0; i < 60; i++) {
      double w = 300 + random.nextDouble() * 700;
      double h = 250 + random.nextDouble() * 500;
      double motif = 30 + random.nextDouble() * 30;
      Border border = new Border(12, new RunWish(8 + random.nextDouble() * 12, 0, 0.25));
      List<LayOption> open =
          Bench.lay(border, new RectangleOutline(w, h), Shapes.block(motif, 24, 90, 60)).stream()
              .filter(o -> o.arrangement().way() == Way.OnBorder.BORDER_OPEN)
              .filter(o -> o.items().stream().allMatch(Item::isWhole))
              .toList();
      for (int k = 1; k < open.size(); k++) {
        double before = ((BorderSides) open.get(k - 1).arrangement()).differMm();
        double after = ((BorderSides) open.get(k).arrangement()).differMm();
        assertThat(before).isLessThanOrEqualTo(after + 1e-6);
      }
    }
  }
}
