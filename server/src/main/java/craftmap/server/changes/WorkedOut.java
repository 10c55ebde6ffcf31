package craftmap.server.changes;

import com.github.benmanes.caffeine.cache.AsyncCache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was worked out lately, because one page asks for the same in several ways at once. Whoever
 * asks for what another is just working out waits for it, except within a transaction: the other
 * may be waiting for a connection, and whoever has one would then wait for it in vain. Nothing is
 * worked out under a lock of the cache, which a transaction could wait for just as well.
 */
public final class WorkedOut<Q, T> {
  private static final int A_FEW = 4;

  private final AsyncCache<Q, T> lately;

  public WorkedOut(int most) {
    this(most, _ -> 1);
  }

  /**
   * Of things that differ much in how much room they take.
   *
   * @param most of all together; one that alone is more than a quarter of it counts as a quarter,
   *     so that even of the heaviest a few are kept
   */
  public WorkedOut(int most, ToIntFunction<T> weight) {
    lately =
        Caffeine.newBuilder()
            .maximumWeight(most)
            .weigher(
                (Q _, T thing) ->
                    Math.clamp(weight.applyAsInt(thing), 1, Math.max(1, most / A_FEW)))
            .buildAsync();
  }

  public T of(Q question, Supplier<T> work) {
    CompletableFuture<T> mine = new CompletableFuture<>();
    CompletableFuture<T> known = lately.asMap().putIfAbsent(question, mine);
    if (known == null) {
      return now(question, mine, work);
    }
    if (!known.isDone() && TransactionSynchronizationManager.isActualTransactionActive()) {
      return work.get();
    }
    try {
      return known.join();
    } catch (CompletionException theirs) {
      // what the other failed on, such as its connection, need not be so here
      return work.get();
    }
  }

  /** What was worked out already, without working it out or waiting for anybody. */
  public Optional<T> known(Q question) {
    CompletableFuture<T> known = lately.getIfPresent(question);
    return known != null && known.isDone() && !known.isCompletedExceptionally()
        ? Optional.of(known.join())
        : Optional.empty();
  }

  private T now(Q question, CompletableFuture<T> mine, Supplier<T> work) {
    try {
      T worked = work.get();
      mine.complete(worked);
      return worked;
    } catch (RuntimeException | Error failed) {
      lately.asMap().remove(question, mine);
      mine.completeExceptionally(failed);
      throw failed;
    }
  }

  /** What is too much goes a moment later by itself; at once by this. */
  void settle() {
    lately.synchronous().cleanUp();
  }

  public void forget(Q question) {
    lately.synchronous().invalidate(question);
  }
}
