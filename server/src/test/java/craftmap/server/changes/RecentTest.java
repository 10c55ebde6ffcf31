package craftmap.server.changes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

class RecentTest {
  private static final int MOST = 997;

  /** By a list that is put in order by hand, whatever is put, asked for, weighed and removed. */
  @Test
  void whatNobodyAskedForTheLongestGoesFirst() {
    Random dice = new Random(90_127);
    for (int round = 0; round < 40; round++) {
      Recent<Integer, String> recent = new Recent<>(MOST);
      List<Integer> order = new ArrayList<>();
      Map<Integer, Integer> weights = new LinkedHashMap<>();
      for (int i = 0; i < 300; i++) {
        int key = dice.nextInt(30);
        switch (dice.nextInt(4)) {
          case 0 -> {
            recent.remove(key);
            order.remove((Integer) key);
            weights.remove(key);
          }
          case 1 -> {
            assertThat(recent.get(key).isPresent()).isEqualTo(weights.containsKey(key));
            if (order.remove((Integer) key)) {
              order.add(key);
            }
          }
          default -> {
            int weight = 1 + dice.nextInt(i % 2 == 0 ? MOST : 40);
            recent.put(key, "thing " + key, weight);
            order.remove((Integer) key);
            order.add(key);
            weights.put(key, weight);
            while (weights.values().stream().mapToInt(w -> w).sum() > MOST) {
              weights.remove(order.removeFirst());
            }
          }
        }
      }
      for (int key = 0; key < 30; key++) {
        assertThat(recent.get(key).isPresent())
            .as("round %d, %d", round, key)
            .isEqualTo(weights.containsKey(key));
      }
    }
  }

  @Test
  void whatIsNotWeighedYetStaysAndWeighsNothing() {
    Recent<String, String> recent = new Recent<>(10);
    assertThat(recent.putIfAbsent("under way", "mine")).isEmpty();
    assertThat(recent.putIfAbsent("under way", "another's")).contains("mine");
    for (int i = 0; i < 20; i++) {
      recent.put("done " + i, "it", 7);
    }
    assertThat(recent.get("under way")).contains("mine");
    recent.weigh("under way", new String("mine"), 9);
    assertThat(recent.get("done 19")).as("that was none of what is there").isPresent();
    recent.weigh("under way", "mine", 9);
    assertThat(recent.get("under way")).contains("mine");
    assertThat(recent.get("done 19")).as("both were too much").isEmpty();
  }

  @Test
  void onlyWhatIsStillThereIsRemoved() {
    Recent<String, String> recent = new Recent<>(10);
    recent.put("front", "first", 3);
    recent.put("front", "second", 4);
    recent.remove("front", "first");
    assertThat(recent.get("front")).contains("second");
    recent.remove("front", "second");
    assertThat(recent.get("front")).isEmpty();
    recent.put("left", "all that may be kept", 10);
    assertThat(recent.get("left")).as("what went weighs nothing any more").isPresent();
  }

  @Test
  void manyAtOnceLeaveNoMoreThanMayBeKept() throws Exception {
    Recent<Integer, Integer> recent = new Recent<>(MOST);
    List<Callable<Void>> all = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      Random dice = new Random(311 + i);
      all.add(
          () -> {
            for (int k = 0; k < 5_000; k++) {
              int key = dice.nextInt(64);
              switch (dice.nextInt(3)) {
                case 0 -> recent.get(key);
                case 1 -> recent.remove(key);
                default -> recent.put(key, 1 + key * 3, 1 + key * 3);
              }
            }
            return null;
          });
    }
    try (var people = Executors.newFixedThreadPool(8)) {
      for (Future<Void> done : people.invokeAll(all)) {
        done.get();
      }
    }
    int weight = 0;
    for (int key = 0; key < 64; key++) {
      weight += recent.get(key).orElse(0);
    }
    assertThat(weight).isBetween(1, MOST);
    recent.put(99, 99, MOST);
    assertThat(recent.get(99)).as("and nothing that is gone is still counted").isPresent();
  }
}
