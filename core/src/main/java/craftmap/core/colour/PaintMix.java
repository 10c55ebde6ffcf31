package craftmap.core.colour;

import java.util.List;

/**
 * Paints stirred together in whole parts by volume, and the colour that this comes to by Kubelka
 * and Munk: K/S = (1 - R)^2 / 2R of each wavelength adds up by the parts, and R = 1 + K/S -
 * sqrt((K/S)^2 + 2 K/S). With one constant for each paint, all are taken to scatter alike: a swatch
 * is worth more.
 *
 * @param differs from what was wanted, by CIEDE2000
 */
public record PaintMix(List<Part> parts, Lab looks, double differs) {
  /** Parts of one paint, by its id. */
  public record Part(String paintId, int parts) {}

  /** A paint to mix from. */
  public record Paint(String id, Colour colour) {}

  public PaintMix {
    parts = List.copyOf(parts);
  }

  public int allParts() {
    return parts.stream().mapToInt(Part::parts).sum();
  }

  public Colour colour() {
    return looks.colour();
  }

  /** How much of a part there is in a quantity of the mix. */
  public double of(Part part, double quantity) {
    return quantity * part.parts() / allParts();
  }

  /** What paints come to when they are mixed, however many. */
  public static Lab mixed(List<Colour> colours, List<Integer> parts) {
    double[] sum = new double[Reflectance.BANDS];
    int all = parts.stream().mapToInt(p -> p).sum();
    for (int i = 0; i < colours.size(); i++) {
      double[] ks = absorbed(Reflectance.of(colours.get(i)));
      for (int band = 0; band < sum.length; band++) {
        sum[band] += ks[band] * parts.get(i) / all;
      }
    }
    return Reflectance.lab(thrownBack(sum));
  }

  static double[] absorbed(double[] thrownBack) {
    double[] ks = new double[thrownBack.length];
    for (int i = 0; i < ks.length; i++) {
      ks[i] = (1 - thrownBack[i]) * (1 - thrownBack[i]) / (2 * thrownBack[i]);
    }
    return ks;
  }

  static double[] thrownBack(double[] ks) {
    double[] r = new double[ks.length];
    for (int i = 0; i < r.length; i++) {
      r[i] = 1 + ks[i] - Math.sqrt(ks[i] * ks[i] + 2 * ks[i]);
    }
    return r;
  }
}
