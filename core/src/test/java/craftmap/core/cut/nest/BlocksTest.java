package craftmap.core.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BlocksTest {
  private static List<Blocks.Block> blocks(double... sizes) {
    List<Blocks.Block> blocks = new ArrayList<>();
    for (int i = 0; i < sizes.length; i += 2) {
      blocks.add(Blocks.Block.of(i / 2, sizes[i], sizes[i + 1]));
    }
    return blocks;
  }

  @Test
  void partsThatShareASideAreJoinedUpToTheWholeSheet() {
    List<Blocks.Block> joined =
        Blocks.join(blocks(200, 300, 300, 300, 500, 250, 120, 150, 380, 150), 500, 700, 60);
    assertThat(joined).hasSize(1);
    assertThat(joined.getFirst().widthMm()).isEqualTo(500);
    assertThat(joined.getFirst().heightMm()).isEqualTo(700);
  }

  @Test
  void whatSharesNoSideStaysByItself() {
    assertThat(Blocks.join(blocks(100, 110, 120, 130, 140, 150), 500, 700, 60)).hasSize(3);
  }

  @Test
  void stripsOfTwoSheetsAreSortedByTheirLengths() {
    // full-width strips of two sheets: which belong together is a question of heights alone
    List<Blocks.Block> joined =
        Blocks.join(blocks(500, 400, 500, 450, 500, 300, 500, 250), 500, 700, 60);
    assertThat(joined).hasSize(2);
    assertThat(joined).allSatisfy(b -> assertThat(b.heightMm()).isEqualTo(700));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void nothingIsLostOrGainedByJoining(long seed) {
    List<NestPart> parts =
        CutApart.sheets(new craftmap.core.plane.Box(0, 0, 500, 700), new Random(seed), 25, 1);
    List<Blocks.Block> single = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      single.add(Blocks.Block.of(i, parts.get(i).widthMm(), parts.get(i).heightMm()));
    }
    List<Blocks.Block> joined = Blocks.join(single, 500, 700, 60);
    double before = single.stream().mapToDouble(Blocks.Block::areaMm2).sum();
    double after = joined.stream().mapToDouble(Blocks.Block::areaMm2).sum();
    assertThat(after).isCloseTo(before, within(1e-3));
    List<Integer> numbers = new ArrayList<>();
    joined.forEach(b -> numbers(b, numbers));
    assertThat(numbers).hasSize(parts.size()).doesNotHaveDuplicates();
  }

  private static void numbers(Blocks.Block b, List<Integer> into) {
    if (b.part() >= 0) {
      into.add(b.part());
    } else {
      numbers(b.first(), into);
      numbers(b.second(), into);
    }
  }
}
