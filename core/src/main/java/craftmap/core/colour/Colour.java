package craftmap.core.colour;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.Locale;
import java.util.regex.Pattern;

/** A colour as a screen shows it, written {@code #RRGGBB}. */
public record Colour(String hex) {
  private static final Pattern HEX = Pattern.compile("#[0-9A-F]{6}");

  public Colour {
    String upper = hex == null ? "" : hex.toUpperCase(Locale.ROOT);
    if (!HEX.matcher(upper).matches()) {
      throw new RefusedInput(
          "colour",
          hex == null ? said("empty") : given(hex),
          said("is-not-a-colour"),
          said("a-colour-such-as-1f4650"));
    }
    hex = upper;
  }

  /** Relative luminance, 0 (black) to 1 (white), by the sRGB transfer curve. */
  public double luminance() {
    double[] light = linear();
    return 0.2126 * light[0] + 0.7152 * light[1] + 0.0722 * light[2];
  }

  private static double linear(int channel) {
    double c = channel / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  /**
   * From linear light in each channel, 0 to 1; what a screen cannot show is shown as near as can
   * be.
   */
  static Colour ofLinear(double red, double green, double blue) {
    return ofRgb(channel(red), channel(green), channel(blue));
  }

  private static int channel(double light) {
    double c = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    return (int) Math.round(Math.clamp(c, 0, 1) * 255);
  }

  /** How much light of red, green and blue it throws back, each 0 to 1. */
  double[] linear() {
    int rgb = Integer.parseInt(hex.substring(1), 16);
    return new double[] {linear(rgb >> 16 & 0xff), linear(rgb >> 8 & 0xff), linear(rgb & 0xff)};
  }

  /** The colour of channels from 0 to 255. */
  public static Colour ofRgb(int red, int green, int blue) {
    return new Colour("#%02X%02X%02X".formatted(red, green, blue));
  }

  /**
   * How it looks as a thin print over a ground that shines through: what the print lets through of
   * what the ground throws back, channel by channel.
   */
  public Colour over(Colour ground) {
    int a = Integer.parseInt(hex.substring(1), 16);
    int b = Integer.parseInt(ground.hex.substring(1), 16);
    return ofRgb(through(a >> 16, b >> 16), through(a >> 8, b >> 8), through(a, b));
  }

  private static int through(int print, int ground) {
    return Math.round((print & 0xff) * (ground & 0xff) / 255f);
  }

  /** How the eye sees it. */
  public Lab lab() {
    double[] light = linear();
    return Lab.ofLinear(light[0], light[1], light[2]);
  }
}
