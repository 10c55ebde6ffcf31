package craftmap.core.lettering;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
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
          "words",
          said("characters", count(text.length())),
          said("are-too-long"),
          said("at-most", given(LONGEST)));
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
          "words",
          given(missing),
          said("has-no-letter-in-this-style"),
          said("other-signs-or-another-style"));
    }
  }

  public boolean isEmpty() {
    return text.isEmpty();
  }

  /**
   * On a straight line, capitals as high as given; ink begins at x 0, the foot is y 0. Letters that
   * touch come as one area, all others each by itself.
   */
  public List<Area> straight(double capMm) {
    double left = set().stream().mapToDouble(Set::inkLeft).min().orElse(0);
    return placed(
        set -> {
          AffineTransform to = AffineTransform.getTranslateInstance((set.x - left) * capMm, 0);
          to.scale(capMm, capMm);
          return to;
        });
  }

  /**
   * Along a circle, its middle at 0, 0 and the words' middle at the top, or at the foot. Each
   * letter stands upright on the line at its own middle.
   */
  public List<Area> onArc(double capMm, double radiusMm, boolean atTheFoot) {
    double first = set().stream().mapToDouble(Set::inkLeft).min().orElse(0);
    double last = set().stream().mapToDouble(Set::inkRight).max().orElse(0);
    double middle = (first + last) / 2 * capMm;
    return placed(set -> onCircle(set, capMm, radiusMm, middle, atTheFoot));
  }

  private static AffineTransform onCircle(
      Set set, double capMm, double radiusMm, double middle, boolean atTheFoot) {
    double own = set.advance * capMm / 2;
    double angle = (set.x * capMm + own - middle) / radiusMm * (atTheFoot ? -1 : 1);
    double x = StrictMath.sin(angle) * radiusMm;
    double y = StrictMath.cos(angle) * radiusMm * (atTheFoot ? 1 : -1);
    AffineTransform stand = AffineTransform.getTranslateInstance(x, y);
    stand.rotate(atTheFoot ? -angle : angle);
    if (atTheFoot) {
      stand.translate(0, capMm); // the words hang on the inside, their tops towards the middle
    }
    stand.translate(-own, 0);
    stand.scale(capMm, capMm);
    return stand;
  }

  /** How wide the ink of a straight line is, in capital heights. */
  public double widthInCapitals() {
    double left = set().stream().mapToDouble(Set::inkLeft).min().orElse(0);
    double right = set().stream().mapToDouble(Set::inkRight).max().orElse(0);
    return right - left;
  }

  /** Each letter where it stands, joined with those that it reaches into. */
  private List<Area> placed(Function<Set, AffineTransform> stand) {
    List<Area> apart = new ArrayList<>();
    for (Set set : set()) {
      Area letter = new Area(new Path2D.Double(set.letter.curves(), stand.apply(set)));
      List<Area> met =
          apart.stream().filter(a -> a.getBounds2D().intersects(letter.getBounds2D())).toList();
      apart.removeAll(met);
      met.forEach(letter::add);
      apart.add(letter);
    }
    return apart;
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
}
