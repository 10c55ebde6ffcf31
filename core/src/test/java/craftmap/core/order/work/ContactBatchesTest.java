package craftmap.core.order.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ContactBatchesTest {
  private static Optional<ContactBatches> of(int pieces, int coat, int close, int from, int to) {
    return ContactBatches.of(
        pieces,
        Duration.ofMinutes(coat),
        Duration.ofMinutes(close),
        Duration.ofMinutes(from),
        Duration.ofMinutes(to));
  }

  @Test
  void twelvePiecesAreOneBatchAndTwentyAreTwo() {
    assertThat(of(12, 2, 2, 10, 30).orElseThrow().sizes()).containsExactly(12);
    assertThat(of(16, 2, 2, 10, 30).orElseThrow().sizes()).containsExactly(16);
    assertThat(of(20, 2, 2, 10, 30).orElseThrow().sizes()).containsExactly(10, 10);
    // with three minutes to close one, eleven are the most
    assertThat(of(11, 2, 3, 10, 30).orElseThrow().sizes()).containsExactly(11);
    assertThat(of(12, 2, 3, 10, 30).orElseThrow().sizes()).containsExactly(6, 6);
  }

  @Test
  void aSingleOneWaitsUntilItIsTacky() {
    assertThat(of(1, 2, 2, 10, 30).orElseThrow().pause()).isEqualTo(Duration.ofMinutes(10));
    assertThat(of(12, 2, 2, 10, 30).orElseThrow().pause()).isEqualTo(Duration.ZERO);
  }

  /** Every piece is closed within its window, and one more in a batch would not be. */
  @Test
  void everyPieceIsClosedInTimeAndOneMoreWouldNotBe() {
    Random dice = new Random(271);
    for (int i = 0; i < 500; i++) {
      int pieces = 1 + dice.nextInt(40);
      int coat = 31 + dice.nextInt(300);
      int close = 17 + dice.nextInt(300);
      int from = dice.nextInt(1500);
      int to = from + dice.nextInt(2500);
      ContactBatches batches =
          ContactBatches.of(
                  pieces,
                  Duration.ofSeconds(coat),
                  Duration.ofSeconds(close),
                  Duration.ofSeconds(from),
                  Duration.ofSeconds(to))
              .orElse(null);
      if (batches == null) {
        continue;
      }
      assertThat(batches.sizes().stream().mapToInt(s -> s).sum()).isEqualTo(pieces);
      int largest = batches.sizes().getFirst();
      long pause = batches.pause().toSeconds();
      long atMost = batches.atMost().toSeconds();
      assertThat(misses(largest, coat, close, from, to, pause)).isFalse();
      assertThat(misses(largest, coat, close, from, to, atMost)).isFalse();
      assertThat(misses(largest, coat, close, from, to, atMost + 1)).isTrue();
      assertThat(pause == 0 || misses(largest, coat, close, from, to, pause - 1)).isTrue();
      int fewer = batches.sizes().size() - 1;
      if (fewer > 0) {
        // in one batch fewer the largest is late however long one waits before closing
        int larger = Math.ceilDiv(pieces, fewer);
        for (long wait = 0; wait <= to; wait++) {
          assertThat(misses(larger, coat, close, from, to, wait)).isTrue();
        }
      }
    }
  }

  private static boolean misses(int batch, int coat, int close, int from, int to, long wait) {
    for (int i = 1; i <= batch; i++) {
      long gap = (long) batch * coat + wait + (i - 1L) * close - (long) i * coat;
      if (gap < from || gap > to) {
        return true;
      }
    }
    return false;
  }
}
