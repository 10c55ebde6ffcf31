package craftmap.core.lay.pass;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WalkTest {
  private static List<Point> places(Random random, int n) {
    return IntStream.range(0, n)
        .mapToObj(
            i -> new Point(random.nextDouble() * 913.7 - 40, random.nextDouble() * 388.3 - 20))
        .toList();
  }

  private static List<Integer> walk(List<Point> places) {
    return Walk.through(IntStream.range(0, places.size()).boxed().toList(), places::get);
  }

  private static double length(List<Point> way) {
    double sum = 0;
    for (int i = 1; i < way.size(); i++) {
      sum += way.get(i - 1).distanceMm(way.get(i));
    }
    return sum;
  }

  private static List<Point> turned(List<Point> way, int from, int to) {
    List<Point> other = new ArrayList<>(way.subList(0, from));
    other.addAll(way.subList(from, to + 1).reversed());
    other.addAll(way.subList(to + 1, way.size()));
    return other;
  }

  /** As the class promises: whichever stretch one would walk the other way, it is no shorter. */
  @Test
  void noStretchIsShorterTheOtherWayRound() {
    Random random = new Random(5_087);
    for (int round = 0; round < 120; round++) {
      List<Point> places = places(random, 1 + random.nextInt(34));
      List<Integer> order = walk(places);
      assertThat(order)
          .as("everywhere once")
          .containsExactlyInAnyOrderElementsOf(IntStream.range(0, places.size()).boxed().toList());
      List<Point> way = order.stream().map(places::get).toList();
      double now = length(way);
      for (int from = 1; from < way.size(); from++) {
        for (int to = from + 1; to < way.size(); to++) {
          assertThat(length(turned(way, from, to)))
              .as("round %d: %s from %d to %d", round, way, from, to)
              .isGreaterThan(now - 1e-5);
        }
      }
    }
  }

  @Test
  void itBeginsFurthestToTheTopLeft() {
    Random random = new Random(911);
    for (int round = 0; round < 60; round++) {
      List<Point> places = places(random, 2 + random.nextInt(40));
      Point first = places.get(walk(places).getFirst());
      assertThat(places).allMatch(p -> p.xMm() + p.yMm() >= first.xMm() + first.yMm() - 1e-5);
    }
  }

  /** A longer one is not turned about, and is always on to the nearest. */
  @Test
  void aLongWalkGoesOnToTheNearest() {
    List<Point> places = places(new Random(77), 260);
    List<Integer> order = walk(places);
    for (int i = 0; i + 1 < order.size(); i++) {
      Point here = places.get(order.get(i));
      double next = here.distanceMm(places.get(order.get(i + 1)));
      List<Integer> open = order.subList(i + 1, order.size());
      assertThat(open).allMatch(k -> here.distanceMm(places.get(k)) >= next - 1e-3);
    }
  }

  @Test
  void ofEqualWaysTheEarlierPlaceIsGoneToFirst() {
    List<Point> row =
        List.of(new Point(0, 0), new Point(10.3, 0), new Point(0, 10.3), new Point(10.3, 10.3));
    assertThat(walk(row)).containsExactly(0, 1, 3, 2);
  }

  /** Counted without a way through them, there are as many passes and washes. */
  @Test
  void whatIsOnlyCountedComesToTheSame() {
    Random random = new Random(30_713);
    for (int round = 0; round < 80; round++) {
      List<StencilPasses.Position> positions =
          places(random, random.nextInt(70)).stream()
              .map(
                  p ->
                      new StencilPasses.Position(
                          new TurnedBox(p, 41.3, 23.9, 0), new TurnedBox(p, 83.7, 61.1, 0)))
              .toList();
      int uses = 1 + random.nextInt(7);
      StencilPasses planned = StencilPasses.of(positions, uses);
      assertThat(StencilPasses.count(positions, uses))
          .isEqualTo(
              new StencilPasses.Counted(
                  planned.passes().size(), planned.washes(), planned.fewest()));
    }
  }
}
