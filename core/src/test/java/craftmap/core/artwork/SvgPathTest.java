package craftmap.core.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SvgPathTest {
  private static final String KINDS = "MLQCZ";

  /** A path as absolute commands with two decimals, as one would write it by hand. */
  private static String written(Path2D path) {
    StringBuilder out = new StringBuilder();
    double[] at = new double[6];
    for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
      int kind = it.currentSegment(at);
      out.append(KINDS.charAt(kind));
      int numbers = new int[] {2, 2, 4, 6, 0}[kind];
      for (int i = 0; i < numbers; i++) {
        String number = String.format(Locale.ROOT, "%.2f", at[i] + 0.0);
        out.append(i == 0 ? "" : " ").append(number.replaceAll("\\.?0+$", ""));
      }
    }
    return out.toString();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // every command, absolute
        "M1 2 L3 4 H10 V20 Z | M1 2L3 4L10 4L10 20Z",
        "M0 0 Q1 2 3 4 T 7 8 | M0 0Q1 2 3 4Q5 6 7 8",
        "M0 0 C1 1 2 2 3 0 S5 1 6 0 | M0 0C1 1 2 2 3 0C4 -2 5 1 6 0",
        // and relative to where the pen is
        "m1 2 l3 4 h10 v-20 z | M1 2L4 6L14 6L14 -14Z",
        "m5 5 q1 2 3 4 t 7 8 | M5 5Q6 7 8 9Q10 11 15 17",
        "m5 5 c1 1 2 2 3 0 s2 1 3 0 | M5 5C6 6 7 7 8 5C9 3 10 6 11 5",
        // after a move come lines, without their letter
        "M1 1 2 2 3 3 | M1 1L2 2L3 3",
        "m1 1 2 2 3 3 | M1 1L3 3L6 6",
        // a smooth curve after anything else begins without a bend
        "M0 0 L4 4 S6 0 8 4 | M0 0L4 4C4 4 6 0 8 4",
        "M0 0 C1 1 2 2 4 4 T8 4 | M0 0C1 1 2 2 4 4Q4 4 8 4",
        // numbers run into each other
        "M.5.5-1e1-2L1.5e0,,3 | M0.5 0.5L-10 -2L1.5 3",
        "M-.5-.5L+3+4 | M-0.5 -0.5L3 4",
        // a new part begins where the last was closed
        "M1 1 L5 1 L5 5 z l2 2 | M1 1L5 1L5 5ZL3 3",
        "M1 1 L5 1 z m1 1 l1 0 | M1 1L5 1ZM2 2L3 2",
      })
  void whatIsWrittenIsWhatIsDrawn(String data, String drawn) {
    assertThat(written(SvgPath.read(data))).isEqualTo(drawn);
  }

  @Test
  void nothingIsNoPath() {
    assertThat(written(SvgPath.read("  \n"))).isEmpty();
  }

  /** Flags may be glued to what follows; the arc ends where it is told to, on its circle. */
  @ParameterizedTest
  @ValueSource(
      strings = {"M10 0 A10 10 0 0 1 0 10", "M10,0a10 10 0 01-10 10", "M10 0a10 10 0 0 1-10,10"})
  void anArcIsOfItsCircle(String data) {
    double[] at = new double[6];
    List<double[]> ends = new ArrayList<>();
    for (PathIterator it = SvgPath.read(data).getPathIterator(null, 0.001);
        !it.isDone();
        it.next()) {
      it.currentSegment(at);
      ends.add(at.clone());
    }
    for (double[] end : ends) {
      assertThat(Math.hypot(end[0], end[1])).isCloseTo(10, within(0.01));
      assertThat(end[0]).isGreaterThan(-1e-9);
      assertThat(end[1]).isGreaterThan(-1e-9);
    }
    assertThat(ends.getLast()[0]).isCloseTo(0, within(1e-9));
    assertThat(ends.getLast()[1]).isCloseTo(10, within(1e-9));
  }

  /** Over seeded paths: told from where the pen is, it is the same path. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void relativeCommandsDrawTheSame(long seed) {
    Random chance = new Random(seed);
    for (int i = 0; i < 30; i++) {
      StringBuilder absolute = new StringBuilder("M0 0");
      StringBuilder relative = new StringBuilder("m0 0");
      double x = 0;
      double y = 0;
      for (int s = 0; s < 12; s++) {
        char command = "LHVCSQTA".charAt(chance.nextInt(8));
        absolute.append(command);
        relative.append(Character.toLowerCase(command));
        int points =
            switch (command) {
              case 'C' -> 3;
              case 'S', 'Q' -> 2;
              default -> 1;
            };
        if (command == 'A') {
          String arc = (20 + chance.nextInt(90)) + " 37.3 " + chance.nextInt(180) + " 0 1 ";
          absolute.append(arc);
          relative.append(arc);
        }
        for (int p = 0; p < points; p++) {
          double px = command == 'V' ? x : Math.round(4000 * chance.nextDouble()) / 10.0;
          double py = command == 'H' ? y : Math.round(4000 * chance.nextDouble()) / 10.0;
          absolute.append(numbers(command, px, py));
          relative.append(numbers(command, px - x, py - y));
          if (p == points - 1) {
            x = px;
            y = py;
          }
        }
      }
      double[] a = new double[6];
      double[] b = new double[6];
      PathIterator one = SvgPath.read(absolute.toString()).getPathIterator(null);
      PathIterator two = SvgPath.read(relative.toString()).getPathIterator(null);
      for (; !one.isDone(); one.next(), two.next()) {
        assertThat(two.isDone()).isFalse();
        assertThat(one.currentSegment(a)).isEqualTo(two.currentSegment(b));
        assertThat(a).containsExactly(b, within(1e-4));
      }
      assertThat(two.isDone()).isTrue();
    }
  }

  private static String numbers(char command, double x, double y) {
    return switch (command) {
      case 'H' -> " " + x;
      case 'V' -> " " + y;
      default -> " " + x + " " + y;
    };
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "L1 2 | does-not-begin-with-a-move",
        "1 2 | has-a-number-where-a-command-belongs-at-character 1",
        "M1 2 Z 3 4 | has-a-number-where-a-command-belongs-at-character 8",
        "M1 2 L3 | lacks-a-number-at-character 8",
        "M1 2 L3 x | lacks-a-number-at-character 8",
        "M1 2 # | has-something-that-is-not-path-data-at-character 6",
        "M1 2 A1 1 0 2 0 3 3 | lacks-an-arc-flag-0-or-1-at-character 12",
        "M1e300 2 | has-a-number-beyond-all-measure-at-character 7",
      })
  void whatIsNoPathIsRefusedWhereItBegins(String data, String fault) {
    String[] parts = fault.split(" ");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> SvgPath.read(data))
        .satisfies(
            refused -> {
              assertThat(refused.getMessage()).contains(parts[0], "path");
              if (parts.length > 1) {
                assertThat(refused.getMessage()).contains(parts[1]);
              }
            });
  }
}
