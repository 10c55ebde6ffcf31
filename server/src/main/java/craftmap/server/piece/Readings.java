package craftmap.server.piece;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftmap.core.log.Learned;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.changes.Changes;
import craftmap.server.changes.WorkedOut;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What plans came to lately: the map, the route and Gather ask for the same ones, and the week for
 * all of them, time and again. A reading follows from the plan, the tape, and what it saw of the
 * shelf; one that misses something from the shelf is not kept.
 */
final class Readings {
  /** More than are looked at for what is left to do in a studio, one after the other. */
  private static final int MOST = 64;

  /** What is kept of readings, with each weighing at least one; of pieces with few items, all. */
  private static final int MOST_WEIGHT = 400;

  private static final int ITEMS_OF_ONE_WEIGHT = 200;

  /** What a reading follows from, besides the shelf. */
  record Question(String studioId, TapeDivision tape, Learned learned, Plan plan) {}

  /**
   * The same with the shelf.
   *
   * @param shelf other as soon as anything is that may be seen of it
   */
  private record At(Question question, Changes.Stamp shelf) {}

  /** A reading, and what it saw. */
  private record Read(SeenShelf seen, PlanReading reading) {
    int weight() {
      return 1
          + reading.lays().stream()
                  .filter(LayReading.Laid.class::isInstance)
                  .map(LayReading.Laid.class::cast)
                  .mapToInt(l -> l.items().size() * (1 + l.options().size()))
                  .sum()
              / ITEMS_OF_ONE_WEIGHT;
    }
  }

  private final WorkedOut<At, PlanReading> lays = new WorkedOut<>(MOST);
  private final WorkedOut<At, CoatsReading> coats = new WorkedOut<>(MOST);

  /**
   * Each as it was read last. Most of what is put on the shelf is of no concern to most pieces, and
   * to see whether it is takes a hundredth of reading a piece anew.
   */
  private final Cache<Question, Read> last =
      Caffeine.newBuilder()
          .maximumWeight(MOST_WEIGHT)
          .weigher((Question question, Read read) -> read.weight())
          .build();

  /**
   * What a plan comes to.
   *
   * @param stamp other as soon as anything is that may be seen of the shelf
   * @param shelf as it is now
   */
  PlanReading of(
      Question question,
      Changes.Stamp stamp,
      Supplier<Shelf> shelf,
      Function<Shelf, PlanReading> work) {
    At at = new At(question, stamp);
    PlanReading reading = lays.of(at, () -> again(question, shelf.get(), work));
    if (misses(reading)) {
      lays.forget(at);
    }
    return reading;
  }

  private PlanReading again(Question question, Shelf shelf, Function<Shelf, PlanReading> work) {
    Read before = last.getIfPresent(question);
    if (before != null && before.seen().isSeenOn(shelf)) {
      return before.reading();
    }
    SeenShelf seen = new SeenShelf(shelf);
    PlanReading reading = work.apply(seen);
    if (!misses(reading)) {
      last.put(question, new Read(seen, reading));
    }
    return reading;
  }

  private static boolean misses(PlanReading reading) {
    return reading.lays().stream().anyMatch(LayReading.Missing.class::isInstance);
  }

  /** Of the coats, whose stamp tells the levels of all pots too. */
  CoatsReading coats(Question question, Changes.Stamp stamp, Supplier<CoatsReading> work) {
    return coats.of(new At(question, stamp), work);
  }
}
