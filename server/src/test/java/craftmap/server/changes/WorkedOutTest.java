package craftmap.server.changes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class WorkedOutTest {
  private final WorkedOut<String, String> worked = new WorkedOut<>(4);

  @AfterEach
  void endTheTransaction() {
    TransactionSynchronizationManager.setActualTransactionActive(false);
  }

  @Test
  void isWorkedOutOnceForAllWhoAsk() {
    AtomicInteger times = new AtomicInteger();
    for (int i = 0; i < 3; i++) {
      assertThat(worked.of("front", () -> "read " + times.incrementAndGet())).isEqualTo("read 1");
    }
  }

  /** However many heavy things are asked for, what is kept weighs no more than it may. */
  @Test
  void whatIsKeptOfHeavyThingsWeighsNoMoreThanItMay() {
    Random dice = new Random(1_207);
    WorkedOut<Integer, Integer> heavy = new WorkedOut<>(1_000, Integer::intValue);
    Map<Integer, Integer> weights = new TreeMap<>();
    for (int i = 0; i < 300; i++) {
      int weight = 1 + dice.nextInt(i % 3 == 0 ? 240 : 17);
      weights.put(i, weight);
      heavy.of(i, () -> weight);
      int kept = 0;
      for (Map.Entry<Integer, Integer> of : weights.entrySet()) {
        kept += heavy.known(of.getKey()).orElse(0);
      }
      assertThat(kept).isLessThanOrEqualTo(1_000);
    }
  }

  @Test
  void ofTheFewestThereAreNoMoreEither() {
    for (int most = 1; most <= 5; most++) {
      WorkedOut<Integer, String> few = new WorkedOut<>(most);
      for (int i = 0; i < 40; i++) {
        few.of(i, () -> "read");
      }
      long kept = IntStream.range(0, 40).filter(i -> few.known(i).isPresent()).count();
      assertThat(kept).as("of at most %d", most).isLessThanOrEqualTo(most);
    }
  }

  @Test
  void evenOfTheHeaviestAFewAreKept() {
    WorkedOut<Integer, Integer> heavy = new WorkedOut<>(1_000, Integer::intValue);
    for (int i = 0; i < 4; i++) {
      heavy.of(i, () -> 7_919);
    }
    for (int i = 0; i < 4; i++) {
      assertThat(heavy.known(i)).contains(7_919);
    }
  }

  /** Somebody goes on with a plan after others, and earlier ones of it, were looked at a lot. */
  @Test
  void whatWasJustWorkedOutIsThereHoweverOftenOthersWereAskedFor() {
    Random dice = new Random(4_409);
    WorkedOut<Integer, Integer> heavy = new WorkedOut<>(1_000, Integer::intValue);
    for (int i = 0; i < 200; i++) {
      int plan = i;
      int weight = 60 + dice.nextInt(120);
      heavy.of(plan, () -> weight);
      for (int asked = dice.nextInt(9); asked >= 0; asked--) {
        assertThat(heavy.of(plan, () -> -1)).as("plan %d", plan).isEqualTo(weight);
      }
      int before = Math.max(0, plan - dice.nextInt(5));
      assertThat(heavy.known(before)).as("one of the five latest, %d", before).isPresent();
    }
  }

  @Test
  void whatATransactionWorkedOutIsThereForOthers() {
    TransactionSynchronizationManager.setActualTransactionActive(true);
    worked.of("front", () -> "within the change");
    TransactionSynchronizationManager.setActualTransactionActive(false);
    assertThat(worked.of("front", () -> "again")).isEqualTo("within the change");
  }

  /**
   * Whoever works it out may be waiting for the very connection that the asking transaction has.
   */
  @Test
  @Timeout(value = 60, unit = TimeUnit.SECONDS, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
  void aTransactionNeverWaitsForOneWhoMayBeWaitingForIt() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch connection = new CountDownLatch(1);
    CompletableFuture<String> other =
        CompletableFuture.supplyAsync(
            () ->
                worked.of(
                    "front",
                    () -> {
                      begun.countDown();
                      await(connection);
                      return "by the other";
                    }));
    begun.await();
    TransactionSynchronizationManager.setActualTransactionActive(true);
    assertThat(worked.of("front", () -> "by the change")).isEqualTo("by the change");
    // nor for others that happen to lie beside it
    for (int i = 0; i < 100; i++) {
      String beside = "back " + i;
      assertThat(worked.of(beside, () -> beside)).isEqualTo(beside);
    }
    connection.countDown();
    assertThat(other.get()).isEqualTo("by the other");
  }

  @Test
  void whatFailedIsWorkedOutAnew() {
    assertThatThrownBy(
            () ->
                worked.of(
                    "front",
                    () -> {
                      throw new IllegalStateException("no connection");
                    }))
        .hasMessage("no connection");
    assertThat(worked.of("front", () -> "read")).isEqualTo("read");
  }

  @Test
  void whatIsForgottenIsWorkedOutAnew() {
    worked.of("front", () -> "with a design missing");
    worked.forget("front");
    assertThat(worked.of("front", () -> "whole")).isEqualTo("whole");
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }
}
