package craftmap.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The mixes of two or three paints in whole parts that come nearest to a colour. Every pair and
 * every triple is looked at, in 1 to 8 parts each and 12 in all, so nothing nearer is missed.
 *
 * <p>A mix is left aside unfinished only where its lightness alone is further off than the mixes
 * that are kept already: by CIEDE2000 the difference is never less than the lightness's own share
 * of it, because what is said of chroma and hue is never below nothing.
 */
public final class MixSearch {
  public static final int MOST_OF_ONE = 8;
  public static final int MOST_PARTS = 12;

  /** What lightness is divided by is at most this. */
  private static final double LIGHTNESS_WEIGHS_AT_MOST = 1.75;

  private static final Comparator<PaintMix> NEARER =
      Comparator.comparingDouble(PaintMix::differs)
          .thenComparing(m -> m.parts().size())
          .thenComparing(PaintMix::allParts)
          .thenComparing(m -> m.parts().toString());

  private final Lab wanted;
  private final List<PaintMix.Paint> paints;
  private final int kept;
  private final double[][] ks;
  private final List<PaintMix> best = new ArrayList<>();
  private double leastY = 0;
  private double mostY = Double.MAX_VALUE;
  private double bound = Double.MAX_VALUE;

  private MixSearch(Lab wanted, List<PaintMix.Paint> paints, int kept, double[][] ks) {
    this.wanted = wanted;
    this.paints = paints;
    this.kept = kept;
    this.ks = ks;
  }

  private static double[][] absorbed(List<PaintMix.Paint> paints) {
    return paints.stream()
        .map(p -> PaintMix.absorbed(Reflectance.of(p.colour())))
        .toArray(double[][]::new);
  }

  /**
   * The nearest, each of other paints than the others, the nearest first.
   *
   * @param kept how many at most
   */
  public static List<PaintMix> nearest(Lab wanted, List<PaintMix.Paint> paints, int kept) {
    MixSearch pairs = new MixSearch(wanted, paints, kept, absorbed(paints));
    pairs.pairs();
    // each first paint by itself, beginning with what the pairs came to
    return IntStream.range(0, paints.size())
        .parallel()
        .mapToObj(pairs::triplesWith)
        .flatMap(List::stream)
        .distinct()
        .sorted(NEARER)
        .limit(kept)
        .toList();
  }

  private List<PaintMix> triplesWith(int first) {
    MixSearch search = new MixSearch(wanted, paints, kept, ks);
    search.best.addAll(best);
    search.tighten();
    search.triples(first);
    return search.best;
  }

  private void pairs() {
    for (int a = 0; a < ks.length; a++) {
      for (int b = a + 1; b < ks.length; b++) {
        look(new int[] {a, b});
      }
    }
  }

  private void triples(int first) {
    for (int b = first + 1; b < ks.length; b++) {
      for (int c = b + 1; c < ks.length; c++) {
        look(new int[] {first, b, c});
      }
    }
  }

  /**
   * All parts of some paints; none where even the lightest and the darkest of them cannot reach.
   */
  private void look(int[] of) {
    if (!mayReach(of)) {
      return;
    }
    double[] sum = new double[Reflectance.BANDS];
    double[] nearest = {bound};
    int[] parts = null;
    for (int p = 1; p <= MOST_OF_ONE; p++) {
      for (int q = 1; q <= MOST_OF_ONE && p + q <= MOST_PARTS; q++) {
        if (of.length == 2) {
          if (gcd(p, q) == 1 && tried(of, p, q, 0, sum, nearest)) {
            parts = new int[] {p, q};
          }
          continue;
        }
        for (int r = 1; r <= MOST_OF_ONE && p + q + r <= MOST_PARTS; r++) {
          if (gcd(gcd(p, q), r) == 1 && tried(of, p, q, r, sum, nearest)) {
            parts = new int[] {p, q, r};
          }
        }
      }
    }
    if (parts != null) {
      keep(of, parts);
    }
  }

  private boolean mayReach(int[] of) {
    double lightest = 0;
    double darkest = 0;
    for (int i = 0; i < Reflectance.BANDS; i++) {
      double least = Double.MAX_VALUE;
      double most = 0;
      for (int p : of) {
        least = Math.min(least, ks[p][i]);
        most = Math.max(most, ks[p][i]);
      }
      lightest += Reflectance.WEIGHT_Y[i] * (1 + least - Math.sqrt(least * least + 2 * least));
      darkest += Reflectance.WEIGHT_Y[i] * (1 + most - Math.sqrt(most * most + 2 * most));
    }
    return lightest >= leastY && darkest <= mostY;
  }

  /** Whether a mix is nearer than the nearest of its paints so far. */
  private boolean tried(int[] of, int p, int q, int r, double[] thrownBack, double[] nearest) {
    double[] a = ks[of[0]];
    double[] b = ks[of[1]];
    double[] c = of.length == 3 ? ks[of[2]] : a;
    double all = p + q + r;
    double fa = p / all;
    double fb = q / all;
    double fc = r / all;
    for (int i = 0; i < thrownBack.length; i++) {
      double k = a[i] * fa + b[i] * fb + c[i] * fc;
      thrownBack[i] = 1 + k - Math.sqrt(k * k + 2 * k);
    }
    double y = Reflectance.luminance(thrownBack);
    if (y < leastY || y > mostY) {
      return false;
    }
    double differs = Reflectance.lab(thrownBack).ciede2000From(wanted);
    if (differs < nearest[0]) {
      nearest[0] = differs;
      return true;
    }
    return false;
  }

  private void keep(int[] of, int[] parts) {
    List<PaintMix.Part> mixed = new ArrayList<>();
    double[] sum = new double[Reflectance.BANDS];
    double all = 0;
    for (int p : parts) {
      all += p;
    }
    for (int i = 0; i < of.length; i++) {
      mixed.add(new PaintMix.Part(paints.get(of[i]).id(), parts[i]));
      for (int band = 0; band < sum.length; band++) {
        sum[band] += ks[of[i]][band] * parts[i] / all;
      }
    }
    Lab looks = Reflectance.lab(PaintMix.thrownBack(sum));
    best.add(new PaintMix(mixed, looks, looks.ciede2000From(wanted)));
    best.sort(NEARER);
    if (best.size() > kept) {
      best.removeLast();
    }
    tighten();
  }

  private void tighten() {
    if (best.size() == kept) {
      bound = best.getLast().differs();
      double off = bound * LIGHTNESS_WEIGHS_AT_MOST;
      leastY = luminance(wanted.lightness() - off);
      mostY = luminance(wanted.lightness() + off);
    }
  }

  /** Y of a lightness, by the CIE's definition turned round. */
  private static double luminance(double lightness) {
    double f = (lightness + 16) / 116;
    return lightness > 8 ? f * f * f : Math.max(0, lightness) * 27 / 24389;
  }

  private static int gcd(int a, int b) {
    return b == 0 ? a : gcd(b, a % b);
  }
}
