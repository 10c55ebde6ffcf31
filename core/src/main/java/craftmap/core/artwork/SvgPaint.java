package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Presentation of an element as SVG says it, by attributes or in its style, and what it inherits.
 */
final class SvgPaint {
  private static final Pattern RGB =
      Pattern.compile("rgb\\(\\s*(\\d{1,3})\\s*,\\s*(\\d{1,3})\\s*,\\s*(\\d{1,3})\\s*\\)");
  private static final Map<String, String> NAMED =
      Map.ofEntries(
          Map.entry("black", "#000000"),
          Map.entry("white", "#FFFFFF"),
          Map.entry("red", "#FF0000"),
          Map.entry("green", "#008000"),
          Map.entry("lime", "#00FF00"),
          Map.entry("blue", "#0000FF"),
          Map.entry("yellow", "#FFFF00"),
          Map.entry("orange", "#FFA500"),
          Map.entry("purple", "#800080"),
          Map.entry("fuchsia", "#FF00FF"),
          Map.entry("magenta", "#FF00FF"),
          Map.entry("aqua", "#00FFFF"),
          Map.entry("cyan", "#00FFFF"),
          Map.entry("teal", "#008080"),
          Map.entry("navy", "#000080"),
          Map.entry("maroon", "#800000"),
          Map.entry("olive", "#808000"),
          Map.entry("gray", "#808080"),
          Map.entry("grey", "#808080"),
          Map.entry("silver", "#C0C0C0"),
          Map.entry("brown", "#A52A2A"),
          Map.entry("pink", "#FFC0CB"),
          Map.entry("gold", "#FFD700"),
          Map.entry("beige", "#F5F5DC"),
          Map.entry("ivory", "#FFFFF0"),
          Map.entry("currentcolor", "#000000"));

  private final Map<String, String> values;
  private final double opacity;

  private SvgPaint(Map<String, String> values, double opacity) {
    this.values = values;
    this.opacity = opacity;
  }

  static SvgPaint initial() {
    return new SvgPaint(Map.of(), 1);
  }

  /** This element's presentation over what is around it. */
  SvgPaint over(Map<String, String> own) {
    Map<String, String> all = new HashMap<>(values);
    own.forEach((key, value) -> all.put(key, value.strip()));
    all.remove("opacity");
    String faded = own.get("opacity");
    return new SvgPaint(all, faded == null ? opacity : opacity * share("opacity", faded));
  }

  boolean isHidden() {
    return "none".equals(values.get("display")) || "hidden".equals(values.get("visibility"));
  }

  boolean isEvenOdd() {
    return "evenodd".equals(values.get("fill-rule"));
  }

  Optional<Ink> fill() {
    return ink("fill", "black", "fill-opacity");
  }

  Optional<Ink> stroke() {
    return strokeWidth() > 0 ? ink("stroke", "none", "stroke-opacity") : Optional.empty();
  }

  double strokeWidth() {
    String width = values.getOrDefault("stroke-width", "1").replaceFirst("px$", "");
    double read = SvgNumbers.list(width, 1, said("stroke-width"))[0];
    if (read < 0) {
      throw new RefusedInput(
          "stroke-width", given(width), said("is-below-nothing"), said("0-or-more"));
    }
    return read;
  }

  String value(String name, String otherwise) {
    return values.getOrDefault(name, otherwise);
  }

  private Optional<Ink> ink(String name, String otherwise, String opacityName) {
    String text = values.getOrDefault(name, otherwise).toLowerCase(Locale.ENGLISH);
    if (text.equals("none") || text.equals("transparent")) {
      return Optional.empty();
    }
    double covers = opacity;
    if (values.containsKey(opacityName)) {
      covers *= share(opacityName, values.get(opacityName));
    }
    Colour colour = colour(name, text);
    return covers > 0 ? Optional.of(new Ink(colour, covers)) : Optional.empty();
  }

  private static Colour colour(String name, String text) {
    String named = NAMED.get(text);
    if (named != null) {
      return new Colour(named);
    }
    if (text.matches("#[0-9a-f]{3}")) {
      StringBuilder full = new StringBuilder("#");
      text.chars().skip(1).forEach(c -> full.append((char) c).append((char) c));
      return new Colour(full.toString());
    }
    if (text.matches("#[0-9a-f]{6}")) {
      return new Colour(text);
    }
    Matcher rgb = RGB.matcher(text);
    if (rgb.matches()) {
      return new Colour(
          "#%02X%02X%02X".formatted(channel(rgb, 1), channel(rgb, 2), channel(rgb, 3)));
    }
    throw new RefusedInput(
        name.equals("fill") ? said("fill") : said("stroke"),
        given(text.substring(0, Math.min(40, text.length()))),
        said("is-not-a-plain-colour"),
        said("rrggbb-rgb-r-g-b-or-a-common-name"));
  }

  private static int channel(Matcher rgb, int group) {
    return Math.min(255, Integer.parseInt(rgb.group(group)));
  }

  private static double share(String name, String text) {
    boolean percent = text.strip().endsWith("%");
    String plain = text.strip().replaceFirst("%$", "");
    double share = SvgNumbers.list(plain, 1, given(name))[0] / (percent ? 100 : 1);
    return Math.clamp(share, 0, 1);
  }
}
