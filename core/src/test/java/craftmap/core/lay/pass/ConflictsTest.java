package craftmap.core.lay.pass;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.graph.Graph;
import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class ConflictsTest {
  private static boolean disturb(StencilPasses.Position a, StencilPasses.Position b) {
    return lies(a, b) || lies(b, a);
  }

  private static boolean lies(StencilPasses.Position sheet, StencilPasses.Position print) {
    List<TurnedBox> prints = new ArrayList<>(print.again());
    prints.add(print.print());
    return prints.stream()
        .anyMatch(p -> sheet.sheet().polygon().intersection(p.polygon()).getArea() > 1e-3);
  }

  /** By their outlines, each held against each: a sheet may not be laid on what is still wet. */
  @Tag("thorough")
  @Test
  void whoeverDisturbsAnotherIsKnownToBoth() {
    Random random = new Random(7_703);
    for (int round = 0; round < 60; round++) {
      List<StencilPasses.Position> all = positions(random);
      Graph graph = Conflicts.among(all);
      assertThat(graph.size()).isEqualTo(all.size());
      for (int i = 0; i < all.size(); i++) {
        int one = i;
        int[] expected =
            IntStream.range(0, all.size())
                .filter(k -> k != one && disturb(all.get(one), all.get(k)))
                .toArray();
        assertThat(graph.of(i)).as("round %d, position %d", round, i).containsExactly(expected);
      }
    }
  }

  /** Turned prints in sheets with a rim, some of them met again beyond the seam of a roll. */
  private static List<StencilPasses.Position> positions(Random random) {
    double wide = 11.3 + random.nextDouble() * 60;
    double high = 7.9 + random.nextDouble() * 30;
    double rim = random.nextDouble() * 19.7;
    double field = 90 + random.nextDouble() * 700;
    boolean rolled = random.nextInt(3) == 0;
    List<StencilPasses.Position> all = new ArrayList<>();
    for (int i = random.nextInt(50); i >= 0; i--) {
      Point at = new Point(random.nextDouble() * field, random.nextDouble() * field);
      double turn = random.nextInt(3) == 0 ? 0 : random.nextDouble() * 360;
      TurnedBox print = new TurnedBox(at, wide, high, turn);
      all.add(
          new StencilPasses.Position(
              print,
              new TurnedBox(at, wide + 2 * rim, high + 2 * rim, turn),
              rolled ? List.of(print.movedBy(field, 0), print.movedBy(-field, 0)) : List.of()));
    }
    return all;
  }

  @Test
  void nobodyDisturbsNobody() {
    assertThat(Conflicts.among(List.of()).size()).isZero();
  }
}
