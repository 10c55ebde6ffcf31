package craftmap.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class StockLengthsTest {
  @Test
  void theWorkedPiecesComeOutOfThreeLengths() {
    StockLengths.Plan plan =
        StockLengths.plan(List.of(540.0, 540.0, 300.0, 300.0, 300.0, 260.0, 260.0, 180.0), 1070, 3);
    assertThat(plan.lengths()).hasSize(3);
    assertThat(plan.isProven()).isTrue();
    check(plan, 8, 3);
  }

  private static void check(StockLengths.Plan plan, int pieces, double saw) {
    int all = 0;
    for (StockLengths.Length length : plan.lengths()) {
      double used = length.piecesMm().stream().mapToDouble(p -> p).sum();
      int cuts = length.piecesMm().size() - 1;
      assertThat(used + cuts * saw).isLessThanOrEqualTo(plan.stockMm() + 1e-6);
      all += length.piecesMm().size();
    }
    assertThat(all).isEqualTo(pieces);
  }

  @Test
  void noPlanWithFewerLengthsExistsOnSmallCases() {
    Random random = new Random(61);
    for (int i = 0; i < 150; i++) {
      List<Double> pieces = new ArrayList<>();
      int n = 3 + random.nextInt(6);
      for (int k = 0; k < n; k++) {
        pieces.add(120.0 + random.nextInt(700));
      }
      StockLengths.Plan plan = StockLengths.plan(pieces, 1000, 3);
      check(plan, n, 3);
      assertThat(plan.isProven()).isTrue();
      pieces.sort(Comparator.reverseOrder());
      assertThat(plan.lengths().size()).isEqualTo(fewest(pieces, 0, new ArrayList<>()));
    }
  }

  private static int fewest(List<Double> pieces, int i, List<Double> free) {
    if (i == pieces.size()) {
      return free.size();
    }
    double p = pieces.get(i) + 3;
    int best = Integer.MAX_VALUE;
    for (int k = 0; k < free.size(); k++) {
      if (free.get(k) >= p - 1e-9) {
        free.set(k, free.get(k) - p);
        best = Math.min(best, fewest(pieces, i + 1, free));
        free.set(k, free.get(k) + p);
      }
    }
    free.add(1003 - p);
    best = Math.min(best, fewest(pieces, i + 1, free));
    free.removeLast();
    return best;
  }

  @Test
  void amongEqualPlansTheLongestSingleLeftoverWins() {
    // 600 + 380 and 500 + 490 fill two lengths; 300 is left for the third, whose rest is longest
    StockLengths.Plan plan = StockLengths.plan(List.of(600.0, 500.0, 490.0, 380.0, 300.0), 1000, 0);
    assertThat(plan.lengths()).hasSize(3);
    assertThat(plan.longestLeftoverMm()).isCloseTo(700, within(1e-9));
  }

  @Test
  void aPieceLongerThanAStockLengthIsJoinedAndNonsenseIsRefused() {
    StockLengths.Plan plan = StockLengths.plan(List.of(2500.0), 1000, 3);
    assertThat(plan.joined()).isEqualTo(1);
    assertThat(plan.lengths()).hasSize(3);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> StockLengths.plan(List.of(-1.0), 1000, 3))
        .withMessageContaining("piece");
  }

  @Tag("thorough")
  @Test
  void thirtyPiecesAreCutFromProvenFewestLengths() {
    for (int seed = 0; seed < 12; seed++) {
      Random random = new Random(seed);
      List<Double> pieces = new ArrayList<>();
      for (int i = 0; i < 30; i++) {
        pieces.add(80.0 + random.nextInt(720));
      }
      StockLengths.Plan plan = StockLengths.plan(pieces, 2400, 3);
      assertThat(plan.isProven()).as("seed " + seed).isTrue();
      check(plan, 30, 3);
    }
  }

  @Test
  void lengthAfterLengthFindsWhatPieceAfterPieceMightAndSaysWhatCannotBe() {
    Random random = new Random(67);
    for (int i = 0; i < 60; i++) {
      // three full lengths cut at random: they go back into three, and never into two
      List<Double> cut = new ArrayList<>();
      for (int length = 0; length < 3; length++) {
        double left = 1000;
        while (left > 300) {
          double piece = 60 + random.nextInt(200);
          cut.add(piece);
          left -= piece;
        }
        cut.add(left);
      }
      double[] pieces =
          cut.stream().sorted(Comparator.reverseOrder()).mapToDouble(p -> p).toArray();
      assertThat(Completion.of(pieces, 1000, 3, 200_000).in()).isPresent();
      Completion.Answer fewer = Completion.of(pieces, 1000, 2, 200_000);
      assertThat(fewer.in()).isEmpty();
      assertThat(fewer.impossible()).isTrue();
    }
  }

  @Test
  void behindTheLastPieceTheSawTakesItsWidthOnceMore() {
    StockLengths.Plan plan = StockLengths.plan(List.of(619.68), 1262.6, 3);
    assertThat(plan.longestLeftoverMm()).isCloseTo(639.92, within(1e-9));
    // a piece that ends flush, or leaves less than the saw takes, leaves nothing
    assertThat(StockLengths.plan(List.of(1262.6), 1262.6, 3).longestLeftoverMm()).isZero();
    assertThat(StockLengths.plan(List.of(1261.0), 1262.6, 3).longestLeftoverMm()).isZero();
  }

  @Test
  void whatIsLeftAndWhatIsCutAndWhatTheSawTakesIsTheStock() {
    Random random = new Random(88);
    for (int i = 0; i < 200; i++) {
      double stock = 400 + random.nextDouble() * 2000;
      double saw = random.nextDouble() * 4;
      List<Double> pieces = new ArrayList<>();
      for (int k = 0; k < 1 + random.nextInt(9); k++) {
        pieces.add(20 + random.nextDouble() * 1.4 * stock);
      }
      for (StockLengths.Length l : StockLengths.plan(pieces, stock, saw).lengths()) {
        double used = l.piecesMm().stream().mapToDouble(p -> p + saw).sum();
        assertThat(l.leftoverMm()).isCloseTo(Math.max(0, stock - used), within(1e-6));
      }
    }
  }

  @Test
  void aWardrobeOfManyShortLengthsIsWorkedOutAllTheSame() {
    StockLengths.Plan plan = StockLengths.plan(List.of(2_000.0, 2_000.0, 600.0, 600.0), 24, 2);
    // each side is whole lengths and a rest: 83 and 8, twice; 25 whole ones, twice
    assertThat(plan.lengths()).hasSize(2 * 83 + 2 * 25 + 1);
    assertThat(plan.isProven()).isTrue();
    assertThat(plan.joined()).isEqualTo(4);
  }
}
