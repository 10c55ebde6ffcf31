package craftmap.core.lettering;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Words set in a style.
 *
 * @param trackingShare between letters, besides what the font gives, in capital heights
 */
public record Letters(String text, LetterStyle style, double trackingShare) {
  public static final int LONGEST = 120;

  public Letters {
    text = text == null ? "" : text.strip().replaceAll("\\s+", " ");
    if (text.length() > LONGEST) {
      throw new RefusedInput(
          "Words", text.length() + " characters", "are too long", "at most " + LONGEST);
    }
    Letterforms forms = style.letterforms();
    String missing =
        text.codePoints()
            .filter(c -> !forms.has(c))
            .distinct()
            .mapToObj(Character::toString)
            .collect(Collectors.joining(" "));
    if (!missing.isEmpty()) {
      throw new RefusedInput(
          "Words", missing, "has no letter in this style", "other signs, or another style");
    }
  }

  public boolean isEmpty() {
    return text.isEmpty();
  }

  /** On a straight line, capitals as high as given; ink begins at x 0, the foot is y 0. */
  public Area straight(double capMm) {
    Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (Set set : set()) {
      all.append(at(set, capMm, set.x * capMm, 0, 0), false);
    }
    Area area = new Area(all);
    Rectangle2D ink = area.getBounds2D();
    area.transform(AffineTransform.getTranslateInstance(-ink.getX(), 0));
    return area;
  }

  /**
   * Along a circle, its middle at 0, 0 and the words' middle at the top, or at the foot. Each
   * letter stands upright on the line at its own middle.
   */
  public Area onArc(double capMm, double radiusMm, boolean atTheFoot) {
    List<Set> sets = set();
    double first = sets.getFirst().inkLeft();
    double last = sets.getLast().inkRight();
    double middle = (first + last) / 2 * capMm;
    Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (Set set : sets) {
      double own = set.advance * capMm / 2;
      double along = set.x * capMm + own - middle;
      double angle = along / radiusMm * (atTheFoot ? -1 : 1);
      double x = StrictMath.sin(angle) * radiusMm;
      double y = StrictMath.cos(angle) * radiusMm * (atTheFoot ? 1 : -1);
      AffineTransform stand = AffineTransform.getTranslateInstance(x, y);
      stand.rotate(atTheFoot ? -angle * 1 : angle);
      if (atTheFoot) {
        stand.translate(0, capMm); // the words hang on the inside, their tops towards the middle
      }
      stand.translate(-own, 0);
      stand.scale(capMm, capMm);
      all.append(set.letter.curves().getPathIterator(stand), false);
    }
    return new Area(all);
  }

  /** How wide the ink of a straight line is, in capital heights. */
  public double widthInCapitals() {
    return straight(1).getBounds2D().getWidth();
  }

  private record Set(Letterforms.Letter letter, double x, double advance) {
    double inkLeft() {
      return x + letter.curves().getBounds2D().getMinX();
    }

    double inkRight() {
      return x + letter.curves().getBounds2D().getMaxX();
    }
  }

  private List<Set> set() {
    Letterforms forms = style.letterforms();
    int[] signs = text.codePoints().toArray();
    List<Set> sets = new ArrayList<>();
    double x = 0;
    for (int i = 0; i < signs.length; i++) {
      Letterforms.Letter letter = forms.letter(signs[i]);
      if (i > 0) {
        x += forms.kerning(signs[i - 1], signs[i]) + trackingShare;
      }
      if (signs[i] != ' ') {
        sets.add(new Set(letter, x, letter.advance()));
      }
      x += letter.advance();
    }
    return sets;
  }

  private static Path2D at(Set set, double size, double x, double y, double turn) {
    AffineTransform to = AffineTransform.getTranslateInstance(x, y);
    to.rotate(turn);
    to.scale(size, size);
    return new Path2D.Double(set.letter.curves(), to);
  }
}
