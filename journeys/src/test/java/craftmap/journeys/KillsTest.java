package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The server, its database or both are killed again and again while people work: what was said to
 * be kept is kept, and they can go on soon. {@code mvn -Pcampaign -pl journeys test
 * -Dtest=KillsTest -Djourneys.rounds=200}; what came of it stands in docs/reliability.md.
 */
@Tag("campaign")
class KillsTest {
  private static final int WRITERS = 5;
  private static final int ROUNDS = Integer.getInteger("journeys.rounds", 6);
  private static final int KEPT_BETWEEN_TWO = 30;

  /** What people should wait at most until they go on. */
  private static final Duration SOON = Duration.ofSeconds(15);

  /** From the kill to the next answer that something is kept. */
  private static final Duration LONGEST = Duration.ofSeconds(60);

  private enum Victim {
    SERVER,
    DATABASE,
    BOTH
  }

  @TempDir Path folder;

  @Test
  void whatWasKeptIsKeptHoweverOftenItIsKilled() throws Exception {
    Random dice = new Random(20_261);
    App app = App.start(folder, "--empty");
    String port = "" + app.port();
    List<Duration> waited = new ArrayList<>();
    try (Crowd crowd = new Crowd(app.address(), WRITERS)) {
      for (int round = 0; round < ROUNDS; round++) {
        crowd.untilKept(KEPT_BETWEEN_TWO);
        Victim victim = Victim.values()[dice.nextInt(3)];
        Instant killed = Instant.now();
        switch (victim) {
          case DATABASE -> app.killDatabase();
          case SERVER -> app.killServer();
          case BOTH -> app.killHard();
        }
        if (victim != Victim.DATABASE) {
          app = App.start(folder, "--empty", "--port", port);
        }
        crowd.untilKept(1);
        Duration took = Duration.between(killed, Instant.now());
        waited.add(took);
        System.out.printf("%d: %s, %d ms%n", round, victim, took.toMillis());
        assertThat(took).as("%s in round %d", victim, round).isLessThan(LONGEST);
        crowd.isAllThere(app.address());
      }
      crowd.end();
      List<Duration> sorted = waited.stream().sorted().toList();
      System.out.printf(
          "CAMPAIGN one machine, %d kills: %s; until somebody went on: half %d ms, 95 of 100 %d ms,"
              + " longest %d ms, %d of them more than %d s%n",
          ROUNDS,
          crowd,
          sorted.get(sorted.size() / 2).toMillis(),
          sorted.get(sorted.size() * 95 / 100).toMillis(),
          sorted.getLast().toMillis(),
          sorted.stream().filter(w -> w.compareTo(SOON) > 0).count(),
          SOON.toSeconds());
      assertThat(crowd.faults()).as("faults of ours").isEmpty();
      crowd.isAllThere(app.address());
    } finally {
      app.close();
    }
  }
}
