package craftmap.core.colour;

/**
 * A colour by lightness (0 black to 100 white), a (green below 0, red above) and b (blue below,
 * yellow above): CIE 1976 L*a*b* under D65, from sRGB as IEC 61966-2-1 defines it.
 */
public record Lab(double lightness, double a, double b) {
  private static final double WHITE_X = 0.95047;
  private static final double WHITE_Z = 1.08883;
  private static final double TWENTY_FIVE_7 = 6_103_515_625.0;
  private static final double KNEE = 216.0 / 24389;
  private static final double SLOPE = 24389.0 / 27;

  static Lab ofLinear(double red, double green, double blue) {
    return ofXyz(
        0.4124564 * red + 0.3575761 * green + 0.1804375 * blue,
        0.2126729 * red + 0.7151522 * green + 0.0721750 * blue,
        0.0193339 * red + 0.1191920 * green + 0.9503041 * blue);
  }

  /** From CIE 1931 tristimulus values under D65, Y being 1 for white. */
  static Lab ofXyz(double bigX, double bigY, double bigZ) {
    double x = root(bigX / WHITE_X);
    double y = root(bigY);
    double z = root(bigZ / WHITE_Z);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  private static double root(double t) {
    return t > KNEE ? Math.cbrt(t) : (SLOPE * t + 16) / 116;
  }

  /** The nearest that a screen can show. */
  public Colour colour() {
    double fy = (lightness + 16) / 116;
    double x = WHITE_X * cube(fy + a / 500);
    double y = cube(fy);
    double z = WHITE_Z * cube(fy - b / 200);
    return Colour.ofLinear(
        3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
        -0.9692660 * x + 1.8760108 * y + 0.0415560 * z,
        0.0556434 * x - 0.2040259 * y + 1.0572252 * z);
  }

  private static double cube(double f) {
    double cubed = f * f * f;
    return cubed > KNEE ? cubed : (116 * f - 16) / SLOPE;
  }

  /** As far from this towards another as a share says: 0 is this, 1 the other. */
  public Lab towards(Lab other, double share) {
    return new Lab(
        lightness + (other.lightness - lightness) * share,
        a + (other.a - a) * share,
        b + (other.b - b) * share);
  }

  /** The CIE 1976 difference: 1 is just seen, 10 is another shade, 50 another colour. */
  public double differenceFrom(Lab other) {
    double dl = lightness - other.lightness;
    double da = a - other.a;
    double db = b - other.b;
    return Math.sqrt(dl * dl + da * da + db * db);
  }

  /**
   * The CIEDE2000 difference, by the formulae and constants of the CIE: it weighs lightness, chroma
   * and hue as the eye does.
   */
  public double ciede2000From(Lab other) {
    double mean7 = seventh((chroma() + other.chroma()) / 2);
    double g = 0.5 * (1 - Math.sqrt(mean7 / (mean7 + TWENTY_FIVE_7)));
    Lab one = new Lab(lightness, a * (1 + g), b);
    Lab two = new Lab(other.lightness, other.a * (1 + g), other.b);
    double c1 = one.chroma();
    double c2 = two.chroma();
    double h1 = one.hueDeg();
    double h2 = two.hueDeg();
    boolean grey = c1 * c2 == 0;
    double dh = grey ? 0 : h2 - h1;
    dh = dh > 180 ? dh - 360 : dh < -180 ? dh + 360 : dh;
    double hue = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));
    double meanHue =
        grey
            ? h1 + h2
            : Math.abs(h1 - h2) <= 180
                ? (h1 + h2) / 2
                : (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
    double t =
        1
            - 0.17 * cos(meanHue - 30)
            + 0.24 * cos(2 * meanHue)
            + 0.32 * cos(3 * meanHue + 6)
            - 0.20 * cos(4 * meanHue - 63);
    double light = (one.lightness + two.lightness) / 2 - 50;
    double chroma = (c1 + c2) / 2;
    double sl = 1 + 0.015 * light * light / Math.sqrt(20 + light * light);
    double sc = 1 + 0.045 * chroma;
    double sh = 1 + 0.015 * chroma * t;
    double chroma7 = seventh(chroma);
    double off = (meanHue - 275) / 25;
    double turned = 30 * Math.exp(-off * off);
    double rt =
        -2 * Math.sqrt(chroma7 / (chroma7 + TWENTY_FIVE_7)) * Math.sin(Math.toRadians(2 * turned));
    double dl = (two.lightness - one.lightness) / sl;
    double dc = (c2 - c1) / sc;
    double dhue = hue / sh;
    return Math.sqrt(dl * dl + dc * dc + dhue * dhue + rt * dc * dhue);
  }

  private static double seventh(double of) {
    double third = of * of * of;
    return third * third * of;
  }

  private static double cos(double deg) {
    return Math.cos(Math.toRadians(deg));
  }

  public double chroma() {
    return Math.hypot(a, b);
  }

  /** The hue as an angle in degrees from 0 to below 360: red near 30, yellow 90, green 150. */
  public double hueDeg() {
    double h = Math.toDegrees(Math.atan2(b, a));
    return h < 0 ? h + 360 : h;
  }
}
