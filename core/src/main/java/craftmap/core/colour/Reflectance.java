package craftmap.core.colour;

import java.util.Arrays;

/**
 * How much of the light of each wavelength a paint throws back, from 380 to 730 nm in steps of 10,
 * each between 0 and 1.
 *
 * <p>A colour does not tell its spectrum: the smoothest one that looks like it under D65 stands in,
 * the one whose slope is least while every value stays between nothing and all of the light. Found
 * by Newton's method on the hyperbolic tangent that keeps it there. Observer: CIE 1931, 2 degrees;
 * illuminant: CIE D65.
 */
final class Reflectance {
  static final int BANDS = 36;

  private static final double[] X = {
    0.001368, 0.004243, 0.01431, 0.04351, 0.13438, 0.2839, 0.34828, 0.3362, 0.2908, 0.19536,
    0.09564, 0.03201, 0.0049, 0.0093, 0.06327, 0.1655, 0.2904, 0.43345, 0.5945, 0.7621, 0.9163,
    1.0263, 1.0622, 1.0026, 0.85445, 0.6424, 0.4479, 0.2835, 0.1649, 0.0874, 0.04677, 0.0227,
    0.011359, 0.00579, 0.002899, 0.00144
  };
  private static final double[] Y = {
    0.000039, 0.00012, 0.000396, 0.00121, 0.004, 0.0116, 0.023, 0.038, 0.06, 0.09098, 0.13902,
    0.20802, 0.323, 0.503, 0.71, 0.862, 0.954, 0.99495, 0.995, 0.952, 0.87, 0.757, 0.631, 0.503,
    0.381, 0.265, 0.175, 0.107, 0.061, 0.032, 0.017, 0.00821, 0.004102, 0.002091, 0.001047, 0.00052
  };
  private static final double[] Z = {
    0.00645, 0.02005, 0.06785, 0.2074, 0.6456, 1.3856, 1.74706, 1.77211, 1.6692, 1.28764, 0.81295,
    0.46518, 0.272, 0.1582, 0.07825, 0.04216, 0.0203, 0.00875, 0.0039, 0.0021, 0.00165, 0.0011,
    0.0008, 0.00034, 0.00019, 0.00005, 0.00002, 0, 0, 0, 0, 0, 0, 0, 0, 0
  };
  private static final double[] D65 = {
    49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861,
    115.923, 108.811, 109.354, 107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788,
    88.6856, 90.0062, 89.5991, 87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842,
    69.7213, 71.6091, 74.349, 61.604, 69.8856
  };

  /** What each wavelength gives to X, Y and Z; all of them together are white. */
  static final double[] WEIGHT_X = weights(X, 0.95047);

  static final double[] WEIGHT_Y = weights(Y, 1);
  static final double[] WEIGHT_Z = weights(Z, 1.08883);

  /** What throws back all light of a wavelength, or none, no smooth curve comes to. */
  private static final double LEAST = 1e-4;

  private static final int MOST_STEPS = 200;
  private static final double LONGEST_STEP = 0.5;
  private static final double CLOSE = 1e-9;

  private Reflectance() {}

  private static double[] weights(double[] observer, double white) {
    double[] w = new double[BANDS];
    double sum = 0;
    for (int i = 0; i < BANDS; i++) {
      w[i] = observer[i] * D65[i];
      sum += w[i];
    }
    for (int i = 0; i < BANDS; i++) {
      w[i] *= white / sum;
    }
    return w;
  }

  /** The smoothest that looks like a colour. */
  static double[] of(Colour colour) {
    double[] light = colour.linear();
    for (int i = 0; i < light.length; i++) {
      light[i] = Math.clamp(light[i], LEAST, 1 - LEAST);
    }
    double[] wanted = {
      0.4124564 * light[0] + 0.3575761 * light[1] + 0.1804375 * light[2],
      0.2126729 * light[0] + 0.7151522 * light[1] + 0.0721750 * light[2],
      0.0193339 * light[0] + 0.1191920 * light[1] + 0.9503041 * light[2]
    };
    return smoothest(wanted);
  }

  /** Least sum of squared steps of z where (tanh z + 1) / 2 has the wanted X, Y and Z. */
  private static double[] smoothest(double[] wanted) {
    double[][] weight = {WEIGHT_X, WEIGHT_Y, WEIGHT_Z};
    double grey = Math.clamp(wanted[1], LEAST, 1 - LEAST);
    double[] z = new double[BANDS];
    // a grey as light as the colour is where one begins
    Arrays.fill(z, 0.5 * Math.log(grey / (1 - grey)));
    double[] lambda = new double[3];
    int n = BANDS + 3;
    for (int step = 0; step < MOST_STEPS; step++) {
      double[][] a = new double[n][n + 1];
      double worst = 0;
      for (int i = 0; i < BANDS; i++) {
        double t = Math.tanh(z[i]);
        double slope = (1 - t * t) / 2;
        double pull = 0;
        for (int k = 0; k < 3; k++) {
          pull += weight[k][i] * lambda[k];
          a[i][BANDS + k] = slope * weight[k][i];
          a[BANDS + k][i] = slope * weight[k][i];
          a[BANDS + k][n] -= weight[k][i] * (t + 1) / 2;
        }
        double bend = 0;
        if (i > 0) {
          a[i][i - 1] = -2;
          bend += 2 * (z[i] - z[i - 1]);
        }
        if (i < BANDS - 1) {
          a[i][i + 1] = -2;
          bend += 2 * (z[i] - z[i + 1]);
        }
        a[i][i] = (i == 0 || i == BANDS - 1 ? 2 : 4) - 2 * slope * t * pull;
        a[i][n] = -(bend + slope * pull);
        worst = Math.max(worst, Math.abs(a[i][n]));
      }
      for (int k = 0; k < 3; k++) {
        a[BANDS + k][n] += wanted[k];
        worst = Math.max(worst, Math.abs(a[BANDS + k][n]));
      }
      if (worst < CLOSE) {
        break;
      }
      double[] by = solve(a);
      double longest = 0;
      for (int i = 0; i < BANDS; i++) {
        longest = Math.max(longest, Math.abs(by[i]));
      }
      // far from where it ends a whole step goes astray
      double share = Math.min(1, LONGEST_STEP / Math.max(longest, LONGEST_STEP));
      for (int i = 0; i < BANDS; i++) {
        z[i] += share * by[i];
      }
      for (int k = 0; k < 3; k++) {
        lambda[k] += share * by[BANDS + k];
      }
    }
    double[] thrownBack = new double[BANDS];
    for (int i = 0; i < BANDS; i++) {
      thrownBack[i] = (Math.tanh(z[i]) + 1) / 2;
    }
    return thrownBack;
  }

  /** By elimination, the largest pivot first; the last column is the right side. */
  private static double[] solve(double[][] a) {
    int n = a.length;
    for (int c = 0; c < n; c++) {
      int pivot = c;
      for (int r = c + 1; r < n; r++) {
        if (Math.abs(a[r][c]) > Math.abs(a[pivot][c])) {
          pivot = r;
        }
      }
      double[] swap = a[c];
      a[c] = a[pivot];
      a[pivot] = swap;
      for (int r = c + 1; r < n; r++) {
        double f = a[r][c] / a[c][c];
        if (f != 0) {
          for (int k = c; k <= n; k++) {
            a[r][k] -= f * a[c][k];
          }
        }
      }
    }
    double[] x = new double[n];
    for (int r = n - 1; r >= 0; r--) {
      double sum = a[r][n];
      for (int k = r + 1; k < n; k++) {
        sum -= a[r][k] * x[k];
      }
      x[r] = sum / a[r][r];
    }
    return x;
  }

  /** How the eye sees what throws that much back. */
  static Lab lab(double[] thrownBack) {
    return Lab.ofXyz(sum(WEIGHT_X, thrownBack), luminance(thrownBack), sum(WEIGHT_Z, thrownBack));
  }

  static double luminance(double[] thrownBack) {
    return sum(WEIGHT_Y, thrownBack);
  }

  /** Four sums side by side: one alone waits for itself, and this is asked millions of times. */
  private static double sum(double[] weight, double[] thrownBack) {
    double a = 0;
    double b = 0;
    double c = 0;
    double d = 0;
    for (int i = 0; i < BANDS; i += 4) {
      a += weight[i] * thrownBack[i];
      b += weight[i + 1] * thrownBack[i + 1];
      c += weight[i + 2] * thrownBack[i + 2];
      d += weight[i + 3] * thrownBack[i + 3];
    }
    return a + b + (c + d);
  }
}
