package craftmap.core.cut.nest;

import com.github.skjolber.packing.api.Container;
import com.github.skjolber.packing.api.ContainerItem;
import com.github.skjolber.packing.api.PackagerResult;
import com.github.skjolber.packing.api.StackableItem;
import com.github.skjolber.packing.packer.laff.LargestAreaFitFirstPackager;
import com.github.skjolber.packing.packer.plain.PlainPackager;
import craftmap.core.cut.StockLengths;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * How few sheets: parts of sheets that were cut at random, of which the fewest is known, beside a
 * general packing library, which is asked for flat boxes of one millimetre.
 */
@Tag("bench")
class NestBench {
  private static final Box SHEET = new Box(0, 0, 500, 700);
  private static final int CASES = 100;

  /** Sheets over the fewest, and how often there were none. */
  private static final class Score {
    private int over;
    private int met;
    private double waste;
    private double slowestMs;
    private double allMs;

    void add(int sheets, int fewest, double ms) {
      over += sheets - fewest;
      met += sheets == fewest ? 1 : 0;
      // the parts fill the fewest sheets without a gap
      waste += 1 - (double) fewest / sheets;
      slowestMs = Math.max(slowestMs, ms);
      allMs += ms;
    }

    String show() {
      return "fewest in %d of %d, %.2f sheets over and %.1f %% waste in the mean; mean %.0f ms, slowest %.0f ms"
          .formatted(
              met, CASES, (double) over / CASES, 100 * waste / CASES, allMs / CASES, slowestMs);
    }
  }

  private interface Way {
    int sheets(List<NestPart> parts);
  }

  private static Score score(int pieces, int sheets, Way way) {
    Score score = new Score();
    for (int seed = 0; seed < CASES; seed++) {
      List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), pieces, sheets);
      long from = System.nanoTime();
      int opened = way.sheets(parts);
      score.add(opened, sheets, (System.nanoTime() - from) / 1e6);
    }
    return score;
  }

  private static int ours(List<NestPart> parts, NestSearch search) {
    Nested nested =
        Nesting.plan(
            NestTask.of(parts, List.of(NestStock.sheets(SHEET, parts.size())), 0),
            search,
            done -> true);
    return nested.newSheets();
  }

  private static List<StackableItem> items(List<NestPart> parts) {
    List<StackableItem> items = new ArrayList<>();
    for (NestPart p : parts) {
      items.add(
          new StackableItem(
              com.github.skjolber.packing.api.Box.newBuilder()
                  .withSize((int) p.widthMm(), (int) p.heightMm(), 1)
                  .withWeight(1)
                  .build(),
              1));
    }
    return items;
  }

  private static List<ContainerItem> containers(int most) {
    Container sheet =
        Container.newBuilder()
            .withDescription("sheet")
            .withSize((int) SHEET.widthMm(), (int) SHEET.heightMm(), 1)
            .withEmptyWeight(1)
            .withMaxLoadWeight(1000)
            .build();
    return ContainerItem.newListBuilder().withContainer(sheet, most).build();
  }

  /** The better of the library's two ways that end in time with so many parts. */
  private static int library(List<NestPart> parts) {
    PackagerResult plain =
        PlainPackager.newBuilder()
            .build()
            .newResultBuilder()
            .withContainers(containers(parts.size()))
            .withMaxContainerCount(parts.size())
            .withStackables(items(parts))
            .build();
    PackagerResult largest =
        LargestAreaFitFirstPackager.newBuilder()
            .build()
            .newResultBuilder()
            .withContainers(containers(parts.size()))
            .withMaxContainerCount(parts.size())
            .withStackables(items(parts))
            .build();
    if (!plain.isSuccess() && !largest.isSuccess()) {
      throw new IllegalStateException("impossible state: each part fits a sheet of its own");
    }
    return Math.min(
        plain.isSuccess() ? plain.size() : Integer.MAX_VALUE,
        largest.isSuccess() ? largest.size() : Integer.MAX_VALUE);
  }

  @ParameterizedTest
  @CsvSource({"10, 1", "20, 1", "40, 1", "10, 3", "20, 3"})
  void partsBackOntoTheirSheets(int pieces, int sheets) {
    String what = "%d sheets in %d parts each".formatted(sheets, pieces);
    NestSearch.Preference largest = NestSearch.Preference.LARGEST_LEFTOVER;
    System.out.println(
        what
            + ", at once: "
            + score(pieces, sheets, p -> ours(p, NestSearch.quick(largest))).show());
    NestSearch longer = new NestSearch(largest, 1, 4_000, 18, 5);
    System.out.println(what + ", searched: " + score(pieces, sheets, p -> ours(p, longer)).show());
    System.out.println(what + ", library: " + score(pieces, sheets, NestBench::library).show());
  }

  @ParameterizedTest
  @CsvSource({"30, 200"})
  void lengthsFromStock(int pieces, int cases) {
    int proven = 0;
    double all = 0;
    double slowest = 0;
    for (int seed = 0; seed < cases; seed++) {
      Random random = new Random(seed);
      List<Double> lengths = new ArrayList<>();
      for (int i = 0; i < pieces; i++) {
        lengths.add(80.0 + random.nextInt(720));
      }
      long from = System.nanoTime();
      StockLengths.Plan plan = StockLengths.plan(lengths, 2400, 3);
      double ms = (System.nanoTime() - from) / 1e6;
      proven += plan.isProven() ? 1 : 0;
      all += ms;
      slowest = Math.max(slowest, ms);
    }
    System.out.printf(
        "%d lengths from stock of 2400: proven in %d of %d, mean %.1f ms, slowest %.0f ms%n",
        pieces, proven, cases, all / cases, slowest);
  }
}
