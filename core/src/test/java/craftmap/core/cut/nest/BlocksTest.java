package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BlocksTest {
  private static final Box SHEET = new Box(0, 0, 487, 713);

  private static List<Blocks.Block> blocks(List<NestPart> parts) {
    List<Blocks.Block> blocks = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      blocks.add(Blocks.Block.of(i, parts.get(i).widthMm(), parts.get(i).heightMm()));
    }
    return blocks;
  }

  /** Joins parts of these widths and heights, for a sheet of 500 by 700. */
  private static List<Blocks.Block> joined(double... sizes) {
    List<Blocks.Block> blocks = new ArrayList<>();
    for (int i = 0; i < sizes.length; i += 2) {
      blocks.add(Blocks.Block.of(i / 2, sizes[i], sizes[i + 1]));
    }
    return Blocks.join(blocks, 500, 700, Blocks.Effort.of(300), () -> true);
  }

  @Test
  void partsThatShareASideAreJoinedUpToTheWholeSheet() {
    List<Blocks.Block> joined = joined(200, 300, 300, 300, 500, 250, 120, 150, 380, 150);
    assertThat(joined).hasSize(1);
    assertThat(joined.getFirst().widthMm()).isEqualTo(500);
    assertThat(joined.getFirst().heightMm()).isEqualTo(700);
  }

  @Test
  void whatSharesNoSideStaysByItself() {
    assertThat(joined(100, 110, 120, 130, 140, 150)).hasSize(3);
  }

  /** A hair more than the arithmetic makes is another size: joined, the blocks would overlap. */
  @Test
  void sidesThatDifferByAHairAreNotJoined() {
    assertThat(joined(200, 300, 300, 300.00002)).hasSize(2);
    assertThat(joined(200, 300, 300, 300.00000002)).hasSize(1);
    // on either side of where a rounding would tell them apart
    assertThat(joined(200, 300.00004999999, 300, 300.00005000001)).hasSize(1);
  }

  @Test
  void stripsOfTwoSheetsAreSortedByTheirLengths() {
    // full-width strips of two sheets: which belong together is a question of heights alone
    List<Blocks.Block> joined = joined(500, 400, 500, 450, 500, 300, 500, 250);
    assertThat(joined).hasSize(2);
    assertThat(joined).allSatisfy(b -> assertThat(b.heightMm()).isEqualTo(700));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void nothingIsLostOrGainedByJoining(long seed) {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), 25, 1);
    List<Blocks.Block> joined = joined(parts, Blocks.Effort.of(300));
    areJoinedOf(joined, parts);
    double before = parts.stream().mapToDouble(p -> p.widthMm() * p.heightMm()).sum();
    double after = joined.stream().mapToDouble(Blocks.Block::areaMm2).sum();
    assertThat(after).isCloseTo(before, within(1e-3));
  }

  private static List<Blocks.Block> joined(List<NestPart> parts, Blocks.Effort effort) {
    return Blocks.join(blocks(parts), SHEET.widthMm(), SHEET.heightMm(), effort, () -> true);
  }

  /** A block is as large as what it is joined of, side by whole side, down to its parts. */
  private static void isJoinedOf(Blocks.Block block, List<NestPart> parts, TreeSet<Integer> seen) {
    if (block.part() >= 0) {
      NestPart part = parts.get(block.part());
      assertThat(block.widthMm()).isEqualTo(part.widthMm());
      assertThat(block.heightMm()).isEqualTo(part.heightMm());
      assertThat(seen.add(block.part())).as("part %d once", block.part()).isTrue();
      return;
    }
    Blocks.Block a = block.first();
    Blocks.Block b = block.second();
    double wide = block.beside() ? a.widthMm() + b.widthMm() : a.widthMm();
    double high = block.beside() ? a.heightMm() : a.heightMm() + b.heightMm();
    assertThat(block.widthMm()).isCloseTo(wide, within(1e-9));
    assertThat(block.heightMm()).isCloseTo(high, within(1e-9));
    if (block.beside()) {
      assertThat(a.heightMm()).isCloseTo(b.heightMm(), within(1e-6));
    } else {
      assertThat(a.widthMm()).isCloseTo(b.widthMm(), within(1e-6));
    }
    isJoinedOf(a, parts, seen);
    isJoinedOf(b, parts, seen);
  }

  private static void areJoinedOf(List<Blocks.Block> blocks, List<NestPart> parts) {
    TreeSet<Integer> seen = new TreeSet<>();
    for (Blocks.Block block : blocks) {
      isJoinedOf(block, parts, seen);
      assertThat(block.widthMm()).isLessThanOrEqualTo(SHEET.widthMm() + 1e-6);
      assertThat(block.heightMm()).isLessThanOrEqualTo(SHEET.heightMm() + 1e-6);
    }
    assertThat(seen).hasSize(parts.size());
  }

  /** Nearly always: that sides are equal may be chance, and then what they make up may be, too. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void sheetsThatWereCutApartComeBack(int sheets) {
    int back = 0;
    for (int seed = 0; seed < 40; seed++) {
      List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), 9, sheets);
      List<Blocks.Block> found = joined(parts, new Blocks.Effort(20, 20, 40));
      areJoinedOf(found, parts);
      back += found.size() == sheets ? 1 : 0;
    }
    assertThat(back).isGreaterThanOrEqualTo(39);
  }

  /** Parts that fill no sheet are joined as far as their sides go, and no part is lost by it. */
  @Test
  void partsOfAnySizeAreJoinedAlongWholeSidesOnly() {
    Random dice = new Random(5_003);
    for (int i = 0; i < 60; i++) {
      List<NestPart> parts = new ArrayList<>();
      double[] sides = dice.doubles(4, 17.3, 240.9).toArray();
      for (int p = 0; p < 3 + dice.nextInt(25); p++) {
        parts.add(NestPart.upright(sides[dice.nextInt(4)], sides[dice.nextInt(4)]));
      }
      List<Blocks.Block> found = joined(parts, new Blocks.Effort(4, 4, 4));
      areJoinedOf(found, parts);
      assertThat(found.size()).isLessThanOrEqualTo(parts.size());
    }
  }

  @Test
  void theSamePartsAreJoinedTheSameWay() {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(11), 17, 3);
    Blocks.Effort effort = new Blocks.Effort(6, 6, 9);
    assertThat(joined(parts, effort)).isEqualTo(joined(parts, effort));
  }

  @Tag("thorough")
  @Test
  void beginningAnewNeverLeavesMore() {
    for (int seed = 0; seed < 12; seed++) {
      List<NestPart> parts = CutApart.sheets(SHEET, new Random(seed), 20, 3);
      int once = joined(parts, new Blocks.Effort(5, 5, 1)).size();
      assertThat(joined(parts, new Blocks.Effort(5, 5, 20)).size()).isLessThanOrEqualTo(once);
    }
  }

  /** Whoever stops it has the best so far, all parts still in it. */
  @Test
  void itEndsBetweenTwoBeginningsWhereItIsStopped() {
    List<NestPart> parts = CutApart.sheets(SHEET, new Random(3), 30, 3);
    AtomicInteger asked = new AtomicInteger();
    List<Blocks.Block> found =
        Blocks.join(
            blocks(parts),
            SHEET.widthMm(),
            SHEET.heightMm(),
            new Blocks.Effort(2, 2, 1_000_000),
            () -> asked.incrementAndGet() < 3);
    areJoinedOf(found, parts);
    assertThat(asked.get()).isLessThanOrEqualTo(3);
  }

  @Test
  void moreTriesFollowMoreWays() {
    assertThat(Blocks.Effort.of(1)).isEqualTo(new Blocks.Effort(4, 4, 1));
    assertThat(Blocks.Effort.of(40)).isEqualTo(new Blocks.Effort(8, 5, 5));
    assertThat(Blocks.Effort.of(300)).isEqualTo(new Blocks.Effort(60, 14, 14));
    assertThat(Blocks.Effort.of(4_000)).isEqualTo(new Blocks.Effort(400, 51, 52));
    assertThat(Blocks.Effort.of(30_000)).isEqualTo(new Blocks.Effort(400, 60, 100));
  }
}
