package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Two hundred people of one studio, five at each of forty pieces: each looks at the piece and
 * changes a lay of their own, one change in ten seconds. What everybody was told is saved is there
 * in the end. {@code mvn -Pbench -pl core,web,server -am test -Dtest=PeopleBench}; the figures go
 * into docs/reliability.md by hand.
 */
@Tag("bench")
class PeopleBench extends ServerTest {
  private static final int PIECES = 40;
  private static final int PEOPLE_AT_EACH = 5;
  private static final long FOR_SECONDS = 90;
  private static final double LEAST_PAUSE_S = 5;
  private static final double MOST_PAUSE_S = 15;

  private final Queue<Double> reading = new ConcurrentLinkedQueue<>();
  private final Queue<Double> saving = new ConcurrentLinkedQueue<>();
  private final AtomicInteger asked = new AtomicInteger();
  private final Queue<String> wrong = new ConcurrentLinkedQueue<>();

  /** Somebody with a lay of their own. */
  private final class Person implements Runnable {
    private final String piece;
    private final String layId;
    private final Random dice;
    private double saved;

    private Person(String piece, String layId, int number) {
      this.piece = piece;
      this.layId = layId;
      this.dice = new Random(7_919L * number);
    }

    @Override
    public void run() {
      long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(FOR_SECONDS);
      pause(dice.nextDouble() * MOST_PAUSE_S);
      JsonNode seen = look();
      while (System.nanoTime() < until) {
        pause(LEAST_PAUSE_S + (MOST_PAUSE_S - LEAST_PAUSE_S) * dice.nextDouble());
        double gap = 15 + 10 * dice.nextDouble();
        ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
        edit.putObject("measures").put("gap", gap);
        long begun = System.nanoTime();
        Answer answer = edit(seen, edit);
        saving.add((System.nanoTime() - begun) / 1e6);
        if (answer.status() == 200) {
          saved = gap;
        } else if (answer.status() == 409) {
          asked.incrementAndGet();
        } else {
          wrong.add(answer.status() + " " + answer.detail());
        }
        seen = look();
      }
    }

    private JsonNode look() {
      long begun = System.nanoTime();
      Answer answer = get("/api/pieces/" + piece);
      reading.add((System.nanoTime() - begun) / 1e6);
      if (answer.status() != 200) {
        wrong.add(answer.status() + " " + answer.detail());
      }
      return answer.body();
    }

    private void pause(double seconds) {
      LockSupport.parkNanos((long) (seconds * 1e9));
    }
  }

  @Test
  void twoHundredPeople() throws Exception {
    List<Person> people = new ArrayList<>();
    for (int p = 0; p < PIECES; p++) {
      JsonNode chest = newChest("Of the school " + p);
      JsonNode plan = chest.path("document");
      for (int l = 0; l < PEOPLE_AT_EACH; l++) {
        plan = withFernBand(plan, "band" + l, 41.3 + 71.7 * l);
      }
      String id = save(chest, plan, "laid", null).body().path("id").asString();
      for (int l = 0; l < PEOPLE_AT_EACH; l++) {
        people.add(new Person(id, "band" + l, people.size()));
      }
    }
    List<Thread> all = people.stream().map(p -> Thread.ofVirtual().start(p)).toList();
    for (Thread one : all) {
      one.join();
    }
    for (Person person : people) {
      JsonNode lays = get("/api/pieces/" + person.piece).body().at("/document/lays");
      for (JsonNode lay : lays) {
        if (lay.path("id").asString().equals(person.layId) && person.saved > 0) {
          assertThat(lay.at("/rule/measures/gap").asDouble())
              .as("what was told is saved")
              .isEqualTo(person.saved);
        }
      }
    }
    System.out.printf("%d people, %d s%n", people.size(), FOR_SECONDS);
    say("reading a piece", reading);
    say("saving a change", saving);
    System.out.printf("asked %d times, went wrong %d times%n", asked.get(), wrong.size());
    assertThat(wrong).isEmpty();
  }

  private static void say(String what, Queue<Double> ms) {
    double[] sorted = ms.stream().mapToDouble(Double::doubleValue).toArray();
    Arrays.sort(sorted);
    System.out.printf(
        "%s: %d, median %.1f ms, 95 %% %.1f ms, 99 %% %.1f ms, longest %.0f ms%n",
        what,
        sorted.length,
        sorted[sorted.length / 2],
        sorted[(int) (sorted.length * 0.95)],
        sorted[(int) (sorted.length * 0.99)],
        sorted[sorted.length - 1]);
  }
}
