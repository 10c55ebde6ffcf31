package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import java.awt.geom.AffineTransform;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The page of an SVG file in millimetres.
 *
 * @param trueSize whether its unit is one of a ruler; screen pixels are not, they count 96 to the
 *     inch until a known measure says otherwise
 */
record SvgPage(double widthMm, double heightMm, boolean trueSize, AffineTransform toSheet) {
  private static final double MM_PER_PIXEL = 25.4 / 96;
  private static final Pattern SIDE =
      Pattern.compile("\\+?((?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)\\s*([a-zA-Z%]*)");
  private static final Map<String, Double> RULER =
      Map.of("mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6);

  private record Side(double mm, boolean onRuler) {}

  static SvgPage of(String width, String height, String viewBox, Map<String, String> own) {
    double[] box = viewBox == null ? null : SvgNumbers.list(viewBox, 4, said("view-box"));
    if (box != null && (!(box[2] > 0) || !(box[3] > 0))) {
      throw new RefusedInput(
          "view-box", given(viewBox), said("has-no-size"), said("a-width-and-height-above-0"));
    }
    Side w = side("sheet-width", width).orElse(null);
    Side h = side("sheet-height", height).orElse(null);
    if (box == null && (w == null || h == null)) {
      throw new RefusedInput(
          "sheet",
          said("no-size"),
          said("has-neither-width-and-height-nor-a-view-box"),
          said("one-of-them"));
    }
    if (w == null && h == null) {
      w = new Side(box[2] * MM_PER_PIXEL, false);
      h = new Side(box[3] * MM_PER_PIXEL, false);
    } else if (w == null) {
      w = new Side(h.mm() * box[2] / box[3], h.onRuler());
    } else if (h == null) {
      h = new Side(w.mm() * box[3] / box[2], w.onRuler());
    }
    double widthMm = LengthRange.SIZE.check("sheet-width", w.mm());
    double heightMm = LengthRange.SIZE.check("sheet-height", h.mm());
    boolean stretched = "none".equals(own.getOrDefault("preserveAspectRatio", "").strip());
    return new SvgPage(
        widthMm, heightMm, w.onRuler() && h.onRuler(), toSheet(widthMm, heightMm, box, stretched));
  }

  private static Optional<Side> side(String field, String text) {
    if (text == null || text.strip().endsWith("%") || text.strip().equals("auto")) {
      return Optional.empty();
    }
    Matcher m = SIDE.matcher(text.strip());
    String unit = m.matches() ? m.group(2).toLowerCase(java.util.Locale.ENGLISH) : "?";
    if (unit.isEmpty() || unit.equals("px")) {
      return Optional.of(new Side(Double.parseDouble(m.group(1)) * MM_PER_PIXEL, false));
    }
    Double mm = RULER.get(unit);
    if (mm == null) {
      throw new RefusedInput(
          field,
          given(text.substring(0, Math.min(40, text.length()))),
          said("is-not-a-length"),
          said("a-length-in-mm-cm-in-pt-pc-or"));
    }
    return Optional.of(new Side(Double.parseDouble(m.group(1)) * mm, true));
  }

  /** The view box in the middle of the page and whole, unless it is to be stretched. */
  private static AffineTransform toSheet(
      double widthMm, double heightMm, double[] box, boolean stretched) {
    if (box == null) {
      return AffineTransform.getScaleInstance(MM_PER_PIXEL, MM_PER_PIXEL);
    }
    double kx = widthMm / box[2];
    double ky = heightMm / box[3];
    AffineTransform t = new AffineTransform();
    if (stretched) {
      t.scale(kx, ky);
    } else {
      double k = Math.min(kx, ky);
      t.translate((widthMm - k * box[2]) / 2, (heightMm - k * box[3]) / 2);
      t.scale(k, k);
    }
    t.translate(-box[0], -box[1]);
    return t;
  }
}
