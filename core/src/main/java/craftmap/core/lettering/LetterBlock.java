package craftmap.core.lettering;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;

/**
 * Words in one line or several, one under the other.
 *
 * @param lines from the top; those without words are left out
 * @param align how they stand to each other
 * @param leadInCapitals from the foot of one line to the foot of the next, in capital heights
 */
public record LetterBlock(List<Letters> lines, Align align, double leadInCapitals) {
  public static final int MOST_LINES = 12;

  /** How lines of different width stand to each other. */
  public enum Align {
    CENTRED,
    FLUSH_LEFT,
    FLUSH_RIGHT
  }

  public LetterBlock {
    lines = lines.stream().filter(l -> !l.isEmpty()).toList();
    if (lines.size() > MOST_LINES) {
      throw new RefusedInput(
          "lines-of-the-words",
          given(lines.size()),
          said("are-too-many"),
          said("at-most", given(MOST_LINES)));
    }
  }

  /** Each line of a text by itself; refused where a letter is missing or a line too long. */
  public static LetterBlock of(
      String text, LetterStyle style, double trackingShare, Align align, double leadInCapitals) {
    return new LetterBlock(
        text.lines().map(line -> new Letters(line, style, trackingShare)).toList(),
        align,
        leadInCapitals);
  }

  /** Whether a text has more than one line with words on it. */
  public static boolean isSeveralLines(String text) {
    return text.lines().filter(line -> !line.isBlank()).count() > 1;
  }

  public boolean isEmpty() {
    return lines.isEmpty();
  }

  /** How wide the ink of the widest line is, in capital heights. */
  public double widthInCapitals() {
    return lines.stream().mapToDouble(Letters::widthInCapitals).max().orElse(0);
  }

  /** Capitals as high as given; ink of the widest line begins at x 0, the first foot is y 0. */
  public List<Area> straight(double capMm) {
    double widest = widthInCapitals();
    List<Area> all = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      double spare = widest - lines.get(i).widthInCapitals();
      double aside =
          switch (align) {
            case FLUSH_LEFT -> 0;
            case CENTRED -> spare / 2;
            case FLUSH_RIGHT -> spare;
          };
      AffineTransform onto =
          AffineTransform.getTranslateInstance(aside * capMm, i * leadInCapitals * capMm);
      lines.get(i).straight(capMm).forEach(a -> all.add(a.createTransformedArea(onto)));
    }
    return all;
  }
}
