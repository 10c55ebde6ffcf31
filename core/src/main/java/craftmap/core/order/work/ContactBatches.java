package craftmap.core.order.work;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Pieces stuck on with contact adhesive: all of a batch are coated one after the other, then closed
 * in the same order, each within the window from the end of its coat to the beginning of its
 * closing.
 *
 * @param sizes of the batches, as even as they go
 * @param pause from the last coat of the largest batch until the first piece may be closed
 * @param atMost from the last coat until the first piece has to be closed, so that none is late
 */
public record ContactBatches(List<Integer> sizes, Duration pause, Duration atMost) {
  public ContactBatches {
    sizes = List.copyOf(sizes);
  }

  /**
   * As few batches as the window allows; none where not even one piece can be closed in time.
   *
   * @param open from when a coated piece may be closed
   * @param shut until when
   */
  public static Optional<ContactBatches> of(
      int pieces, Duration coat, Duration close, Duration open, Duration shut) {
    int most = 0;
    while (most < pieces && fits(most + 1, coat, close, open, shut)) {
      most++;
    }
    if (most == 0) {
      return Optional.empty();
    }
    int batches = Math.ceilDiv(pieces, most);
    List<Integer> sizes = new ArrayList<>();
    for (int i = 0; i < batches; i++) {
      sizes.add(pieces / batches + (i < pieces % batches ? 1 : 0));
    }
    int largest = sizes.getFirst();
    return Optional.of(
        new ContactBatches(
            sizes,
            begins(largest, coat, close, open).minus(coat.multipliedBy(largest)),
            shut.minus(longer(coat, close).multipliedBy(largest - 1L))));
  }

  private static Duration longer(Duration a, Duration b) {
    return a.compareTo(b) >= 0 ? a : b;
  }

  /** When the first may be closed, from the beginning of the first coat. */
  private static Duration begins(int batch, Duration coat, Duration close, Duration open) {
    Duration begins = coat.multipliedBy(batch);
    for (int i : new int[] {1, batch}) {
      Duration needed = open.plus(coat.multipliedBy(i)).minus(close.multipliedBy(i - 1L));
      begins = begins.compareTo(needed) >= 0 ? begins : needed;
    }
    return begins;
  }

  /** The gap of a piece goes evenly from the first to the last: the ends tell for all. */
  private static boolean fits(
      int batch, Duration coat, Duration close, Duration open, Duration shut) {
    Duration begins = begins(batch, coat, close, open);
    for (int i : new int[] {1, batch}) {
      Duration gap = begins.plus(close.multipliedBy(i - 1L)).minus(coat.multipliedBy(i));
      if (gap.compareTo(shut) > 0) {
        return false;
      }
    }
    return true;
  }
}
