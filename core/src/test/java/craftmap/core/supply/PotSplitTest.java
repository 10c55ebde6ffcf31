package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PotSplitTest {
  private static PotSplit.Use use(String id, String pot, double ml) {
    return new PotSplit.Use(id, pot, ml);
  }

  private static PotSplit.Room room(String pot, double ml) {
    return new PotSplit.Room(pot, ml);
  }

  @Test
  void theSmallestChangeGetsAllCoatsOutOfOnePotEach() {
    List<PotSplit.Use> uses =
        List.of(use("front", "old", 31.5), use("lid", "old", 18.2), use("sides", "old", 44.1));
    PotSplit split = PotSplit.of(uses, List.of(room("old", 55), room("new", 118))).orElseThrow();
    assertThat(split.runOver()).isEmpty();
    // with the sides out of the new pot the other two fit; no other one alone would do
    assertThat(split.pots())
        .containsAllEntriesOf(Map.of("front", "old", "lid", "old", "sides", "new"));
    assertThat(split.isAsPlanned(uses)).isFalse();
  }

  @Test
  void whatFitsAsItIsPlannedStays() {
    List<PotSplit.Use> uses = List.of(use("front", "old", 31.5), use("lid", "old", 18.2));
    PotSplit split = PotSplit.of(uses, List.of(room("new", 118), room("old", 49.7))).orElseThrow();
    assertThat(split.isAsPlanned(uses)).isTrue();
  }

  @Test
  void aCoatThatIsMoreThanAnyPotRunsOver() {
    PotSplit split =
        PotSplit.of(
                List.of(use("front", "old", 90.3), use("lid", "old", 18.2)),
                List.of(room("old", 60.4), room("new", 59.9)))
            .orElseThrow();
    assertThat(split.runOver()).containsExactly("front");
    assertThat(split.pots()).containsOnlyKeys("lid");
  }

  @Test
  void thereIsNoneWhereThePotsTogetherHaveNotGotEnough() {
    assertThat(
            PotSplit.of(
                List.of(use("front", "old", 90.3)), List.of(room("old", 60), room("new", 30.2))))
        .isEmpty();
  }

  /** No way of giving each use a pot leaves fewer that run over, nor as few with fewer changes. */
  @ParameterizedTest
  @ValueSource(ints = {5, 29, 313, 4021})
  void noOtherWayRunsOverLess(int seed) {
    Random dice = new Random(seed);
    for (int run = 0; run < 120; run++) {
      List<PotSplit.Room> rooms = new ArrayList<>();
      int pots = 2 + dice.nextInt(2);
      for (int p = 0; p < pots; p++) {
        rooms.add(room("pot" + p, dice.nextInt(4) == 0 ? 0 : 7 + dice.nextDouble() * 140));
      }
      List<PotSplit.Use> uses = new ArrayList<>();
      int many = 1 + dice.nextInt(6);
      for (int u = 0; u < many; u++) {
        uses.add(use("use" + u, "pot" + dice.nextInt(pots), 0.7 + dice.nextDouble() * 61));
      }
      double wanted = uses.stream().mapToDouble(PotSplit.Use::quantity).sum();
      double there = rooms.stream().mapToDouble(PotSplit.Room::quantity).sum();
      var split = PotSplit.of(uses, rooms);
      assertThat(split.isPresent()).isEqualTo(wanted <= there + 1e-6);
      if (split.isEmpty()) {
        continue;
      }
      assertNoPotGivesMoreThanItHas(split.get(), uses, rooms);
      int moved =
          (int)
              uses.stream()
                  .filter(u -> split.get().pots().containsKey(u.id()))
                  .filter(u -> !split.get().pots().get(u.id()).equals(u.potId()))
                  .count();
      int[] least = {Integer.MAX_VALUE, Integer.MAX_VALUE};
      tryAll(uses, rooms, 0, new HashMap<>(), 0, 0, least);
      assertThat(new int[] {split.get().runOver().size(), moved})
          .as("%s out of %s", uses, rooms)
          .containsExactly(least);
    }
  }

  private static void assertNoPotGivesMoreThanItHas(
      PotSplit split, List<PotSplit.Use> uses, List<PotSplit.Room> rooms) {
    assertThat(split.pots().size() + split.runOver().size()).isEqualTo(uses.size());
    for (PotSplit.Room room : rooms) {
      double taken =
          uses.stream()
              .filter(u -> room.potId().equals(split.pots().get(u.id())))
              .mapToDouble(PotSplit.Use::quantity)
              .sum();
      assertThat(taken).isLessThanOrEqualTo(room.quantity() + 1e-5);
    }
  }

  private static void tryAll(
      List<PotSplit.Use> uses,
      List<PotSplit.Room> rooms,
      int at,
      Map<String, Double> taken,
      int over,
      int moved,
      int[] least) {
    if (at == uses.size()) {
      if (over < least[0] || over == least[0] && moved < least[1]) {
        least[0] = over;
        least[1] = moved;
      }
      return;
    }
    PotSplit.Use use = uses.get(at);
    for (PotSplit.Room room : rooms) {
      double with = taken.getOrDefault(room.potId(), 0.0) + use.quantity();
      if (with <= room.quantity() + 1e-6) {
        Map<String, Double> next = new HashMap<>(taken);
        next.put(room.potId(), with);
        int more = room.potId().equals(use.potId()) ? 0 : 1;
        tryAll(uses, rooms, at + 1, next, over, moved + more, least);
      }
    }
    tryAll(uses, rooms, at + 1, taken, over + 1, moved, least);
  }

  @Test
  void manyCoatsOutOfManyPotsAreAnsweredAtOnce() {
    Random dice = new Random(88);
    List<PotSplit.Use> uses = new ArrayList<>();
    for (int u = 0; u < 60; u++) {
      uses.add(use("use" + u, "pot0", 3 + dice.nextDouble() * 40));
    }
    double wanted = uses.stream().mapToDouble(PotSplit.Use::quantity).sum();
    List<PotSplit.Room> rooms =
        List.of(
            room("pot0", wanted * 0.31), room("pot1", wanted * 0.4), room("pot2", wanted * 0.3));
    PotSplit split = PotSplit.of(uses, rooms).orElseThrow();
    assertNoPotGivesMoreThanItHas(split, uses, rooms);
    assertThat(split.runOver().size()).isLessThan(4);
  }
}
