package craftmap.core.colour;

/**
 * A colour by lightness (0 black to 100 white), a (green below 0, red above) and b (blue below,
 * yellow above): CIE 1976 L*a*b* under D65, from sRGB as IEC 61966-2-1 defines it.
 */
public record Lab(double lightness, double a, double b) {
  private static final double WHITE_X = 0.95047;
  private static final double WHITE_Z = 1.08883;
  private static final double KNEE = 216.0 / 24389;
  private static final double SLOPE = 24389.0 / 27;

  static Lab ofLinear(double red, double green, double blue) {
    double x = root((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / WHITE_X);
    double y = root(0.2126729 * red + 0.7151522 * green + 0.0721750 * blue);
    double z = root((0.0193339 * red + 0.1191920 * green + 0.9503041 * blue) / WHITE_Z);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  private static double root(double t) {
    return t > KNEE ? Math.cbrt(t) : (SLOPE * t + 16) / 116;
  }

  /** The CIE 1976 difference: 1 is just seen, 10 is another shade, 50 another colour. */
  public double differenceFrom(Lab other) {
    double dl = lightness - other.lightness;
    double da = a - other.a;
    double db = b - other.b;
    return Math.sqrt(dl * dl + da * da + db * db);
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
