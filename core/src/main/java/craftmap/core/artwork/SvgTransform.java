package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads an SVG transform list; the list's first transform is the outermost. */
final class SvgTransform {
  private static final Pattern ONE = Pattern.compile("\\G[\\s,]*([a-zA-Z]+)\\s*\\(([^()]*)\\)");

  private SvgTransform() {}

  static AffineTransform read(String text) {
    AffineTransform all = new AffineTransform();
    Matcher m = ONE.matcher(text);
    int end = 0;
    while (m.find(end)) {
      all.concatenate(one(text, m.group(1), numbers(text, m.group(2))));
      end = m.end();
    }
    if (!text.substring(end).isBlank()) {
      throw refused(text);
    }
    return all;
  }

  private static AffineTransform one(String text, String name, double[] n) {
    AffineTransform t = new AffineTransform();
    switch (name + n.length) {
      case "translate1" -> t.translate(n[0], 0);
      case "translate2" -> t.translate(n[0], n[1]);
      case "scale1" -> t.scale(n[0], n[0]);
      case "scale2" -> t.scale(n[0], n[1]);
      case "rotate1" -> t.rotate(Math.toRadians(n[0]));
      case "rotate3" -> t.rotate(Math.toRadians(n[0]), n[1], n[2]);
      case "skewX1" -> t.shear(Math.tan(Math.toRadians(n[0])), 0);
      case "skewY1" -> t.shear(0, Math.tan(Math.toRadians(n[0])));
      case "matrix6" -> t.setTransform(n[0], n[1], n[2], n[3], n[4], n[5]);
      default -> throw refused(text);
    }
    return t;
  }

  private static double[] numbers(String text, String list) {
    try {
      double[] read =
          Arrays.stream(list.strip().split("[\\s,]+")).mapToDouble(Double::parseDouble).toArray();
      if (!Arrays.stream(read).allMatch(Double::isFinite)) {
        throw refused(text);
      }
      return read;
    } catch (NumberFormatException notANumber) {
      throw refused(text);
    }
  }

  private static RefusedInput refused(String text) {
    return new RefusedInput(
        "transform",
        text.length() <= 40 ? given(text) : said("shortened", given(text.substring(0, 40))),
        said("is-not-a-transform-list"),
        said("translate-scale-rotate-skewx-skewy-or-matrix-with-their"));
  }
}
