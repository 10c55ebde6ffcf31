package craftmap.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.IntConsumer;

/** People who work on, whatever is killed meanwhile. */
abstract class AtWork implements AutoCloseable {
  private static final Duration LONGEST = Duration.ofMinutes(3);

  private final ExecutorService people;
  private final List<Future<?>> all = new ArrayList<>();
  private final Semaphore kept = new Semaphore(0);
  private volatile Instant since = Instant.now();
  private volatile boolean over;

  AtWork(int writers) {
    people = Executors.newFixedThreadPool(writers);
  }

  /** They begin, each with a number of their own, and work until it is over. */
  final void begin(int writers, IntConsumer works) {
    for (int w = 0; w < writers; w++) {
      int writer = w;
      all.add(people.submit(() -> works.accept(writer)));
    }
  }

  final boolean isOver() {
    return over;
  }

  /** What may be under way at any time. */
  final int underWay() {
    return over ? 0 : all.size();
  }

  /** Somebody was told that what was sent then is kept. */
  final void isKept(Instant sent) {
    if (sent.isAfter(since)) {
      kept.release();
    }
  }

  /**
   * Until so many more were told that what they did from now on is kept; what was under way does
   * not count.
   */
  final void untilKept(int more) throws InterruptedException {
    since = Instant.now();
    kept.drainPermits();
    assertThat(kept.tryAcquire(more, LONGEST.toSeconds(), TimeUnit.SECONDS))
        .as("nothing is kept any more; faults: %s", faults())
        .isTrue();
  }

  /** They go home. */
  final void end() throws InterruptedException, ExecutionException {
    over = true;
    for (Future<?> one : all) {
      one.get();
    }
  }

  @Override
  public final void close() {
    over = true;
    people.close();
  }

  /** What was answered as a fault of ours. */
  abstract List<String> faults();
}
