package craftmap.core.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LetterBlockTest {
  private static LetterBlock block(String text, LetterBlock.Align align, double lead) {
    return LetterBlock.of(text, LetterStyle.OLD_ROMAN, 0.06, align, lead);
  }

  private static Rectangle2D around(List<Area> ink) {
    return ink.stream().map(Area::getBounds2D).reduce(Rectangle2D::createUnion).orElseThrow();
  }

  @Test
  void oneLineIsSetAsItIsWithoutABlock() {
    Letters line = new Letters("Low tide", LetterStyle.OLD_ROMAN, 0.06);
    LetterBlock block = block("Low tide", LetterBlock.Align.CENTRED, 1.6);
    assertThat(block.widthInCapitals()).isEqualTo(line.widthInCapitals());
    assertThat(around(block.straight(23.7))).isEqualTo(around(line.straight(23.7)));
    assertThat(LetterBlock.isSeveralLines("Low tide\n  \n")).isFalse();
  }

  /** Over seeded words: lines lie one lead apart, and none is wider than the widest. */
  @Tag("thorough")
  @ParameterizedTest
  @EnumSource(LetterBlock.Align.class)
  void linesStandALeadApartAndInLineWithEachOther(LetterBlock.Align align) {
    String[] words = {"Tea", "Herbs", "Salt", "Marsh mint", "Sea", "Ninety-one", "Hen"};
    Random random = new Random(20_261_204);
    for (int k = 0; k < 25; k++) {
      String upper = words[random.nextInt(words.length)];
      String lower = words[random.nextInt(words.length)];
      double cap = 5 + random.nextDouble() * 40;
      double lead = 0.9 + random.nextDouble() * 2;
      LetterBlock both = block(upper + "\n" + lower, align, lead);
      Rectangle2D first = around(new Letters(upper, LetterStyle.OLD_ROMAN, 0.06).straight(cap));
      Rectangle2D second = around(new Letters(lower, LetterStyle.OLD_ROMAN, 0.06).straight(cap));
      Rectangle2D all = around(both.straight(cap));
      double widest = Math.max(first.getWidth(), second.getWidth());
      assertThat(all.getWidth()).isCloseTo(widest, within(1e-6));
      assertThat(all.getMaxY())
          .isCloseTo(Math.max(first.getMaxY(), second.getMaxY() + lead * cap), within(1e-6));
      assertThat(both.widthInCapitals() * cap).isCloseTo(widest, within(1e-6));
    }
  }

  @Test
  void centredLinesShareTheirMiddle() {
    double cap = 31.3;
    LetterBlock block = block("Marsh mint\nTea", LetterBlock.Align.CENTRED, 3);
    List<Area> ink = block.straight(cap);
    Rectangle2D upper = around(ink.stream().filter(a -> a.getBounds2D().getMaxY() < cap).toList());
    Rectangle2D lower = around(ink.stream().filter(a -> a.getBounds2D().getMaxY() >= cap).toList());
    assertThat(lower.getCenterX()).isCloseTo(upper.getCenterX(), within(1e-6));
  }

  @Test
  void emptyLinesAreLeftOutAndTooManyAreRefused() {
    assertThat(block("Tea\n\n \nSalt", LetterBlock.Align.FLUSH_LEFT, 1.5).lines()).hasSize(2);
    assertThat(block(" \n ", LetterBlock.Align.FLUSH_LEFT, 1.5).isEmpty()).isTrue();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> block("Tea\n".repeat(13), LetterBlock.Align.FLUSH_LEFT, 1.5))
        .satisfies(r -> assertThat(r.getMessage()).contains("lines-of-the-words", "12"));
  }
}
