package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
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

  /** What is lost stays so: after every so manieth kill, and in the end, all of it is looked at. */
  private static final int LOOKS_ONE_IN = 10;

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
  private final List<Duration> waited = new ArrayList<>();

  /** Kills one or the other time and again, and sees that people go on soon. */
  private App killed(App first, AtWork people, Consumer<App> looks, String... options)
      throws InterruptedException {
    Random dice = new Random(20_261);
    List<String> again = new ArrayList<>(List.of(options));
    again.addAll(List.of("--port", "" + first.port()));
    App app = first;
    for (int round = 0; round < ROUNDS; round++) {
      people.untilKept(KEPT_BETWEEN_TWO);
      Victim victim = Victim.values()[dice.nextInt(3)];
      Instant killed = Instant.now();
      switch (victim) {
        case DATABASE -> app.killDatabase();
        case SERVER -> app.killServer();
        case BOTH -> app.killHard();
      }
      if (victim != Victim.DATABASE) {
        app = App.start(folder, again.toArray(String[]::new));
      }
      people.untilKept(1);
      Duration took = Duration.between(killed, Instant.now());
      waited.add(took);
      System.out.printf("%d: %s, %d ms%n", round, victim, took.toMillis());
      assertThat(took).as("%s in round %d", victim, round).isLessThan(LONGEST);
      if (round % LOOKS_ONE_IN == 0) {
        looks.accept(app);
      }
    }
    return app;
  }

  private void tells(AtWork people) {
    List<Duration> sorted = waited.stream().sorted().toList();
    System.out.printf(
        "CAMPAIGN one machine, %d kills: %s; until somebody went on: half %d ms, 95 of 100 %d ms,"
            + " longest %d ms, %d of them more than %d s%n",
        ROUNDS,
        people,
        sorted.get(sorted.size() / 2).toMillis(),
        sorted.get(sorted.size() * 95 / 100).toMillis(),
        sorted.getLast().toMillis(),
        sorted.stream().filter(w -> w.compareTo(SOON) > 0).count(),
        SOON.toSeconds());
  }

  @Test
  void whatWasKeptIsKeptHoweverOftenItIsKilled() throws Exception {
    App app = App.start(folder, "--empty");
    try (Crowd crowd = new Crowd(app.address(), WRITERS)) {
      app = killed(app, crowd, at -> crowd.isAllThere(at.address()), "--empty");
      crowd.end();
      tells(crowd);
      assertThat(crowd.faults()).as("faults of ours").isEmpty();
      crowd.isAllThere(app.address());
    } finally {
      app.close();
    }
  }

  @Test
  void whatIsTickedCutAndTappedIsBookedWholeHoweverOftenItIsKilled() throws Exception {
    App app = App.start(folder);
    try (Bookers bookers = new Bookers(app.address(), WRITERS)) {
      app = killed(app, bookers, at -> {});
      bookers.end();
      tells(bookers);
      assertThat(bookers.faults()).as("faults of ours").isEmpty();
      bookers.isWhole();
    } finally {
      app.close();
    }
  }
}
