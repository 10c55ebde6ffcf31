package craftmap.server.changes;

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

  private final Recent<Q, CompletableFuture<T>> lately;
  private final ToIntFunction<T> weight;

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
    lately = new Recent<>(most);
    this.weight = thing -> Math.clamp(weight.applyAsInt(thing), 1, Math.max(1, most / A_FEW));
  }

  public T of(Q question, Supplier<T> work) {
    CompletableFuture<T> mine = new CompletableFuture<>();
    CompletableFuture<T> known = lately.putIfAbsent(question, mine).orElse(null);
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
    return lately
        .get(question)
        .filter(known -> known.isDone() && !known.isCompletedExceptionally())
        .map(CompletableFuture::join);
  }

  private T now(Q question, CompletableFuture<T> mine, Supplier<T> work) {
    try {
      T worked = work.get();
      mine.complete(worked);
      lately.weigh(question, mine, weight.applyAsInt(worked));
      return worked;
    } catch (RuntimeException | Error failed) {
      lately.remove(question, mine);
      mine.completeExceptionally(failed);
      throw failed;
    }
  }

  public void forget(Q question) {
    lately.remove(question);
  }
}
