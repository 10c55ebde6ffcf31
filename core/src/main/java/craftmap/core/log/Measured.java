package craftmap.core.log;

import org.apache.commons.statistics.distribution.TDistribution;

/**
 * What measured values say together, on a scale of ratios: half as much is as far off as twice as
 * much. The logarithms are taken for normal with a mean and a spread that are both not known; the
 * prior is the conjugate one (normal-inverse-gamma; Gelman and others, Bayesian Data Analysis,
 * chapter 3.3), by which what is typical counts as one observation, and one telling is usually
 * within a quarter of what is true.
 */
record Measured(int count, double sum, double squares) {
  static final Measured NONE = new Measured(0, 0, 0);

  private static final double TYPICAL_COUNTS = 1;
  private static final double SHAPE = 2;
  private static final double USUAL_SPREAD = 0.25;
  private static final double SCALE = (SHAPE - 1) * USUAL_SPREAD * USUAL_SPREAD;
  private static final double UPPER = 0.975;

  Measured and(double value) {
    double log = Math.log(value);
    return new Measured(count + 1, sum + log, squares + log * log);
  }

  double value(double typical) {
    return Math.exp(middle(typical));
  }

  private double middle(double typical) {
    return (TYPICAL_COUNTS * Math.log(typical) + sum) / (TYPICAL_COUNTS + count);
  }

  Estimate estimate(double typical) {
    double middle = middle(typical);
    double weight = TYPICAL_COUNTS + count;
    double shape = SHAPE + count / 2.0;
    double scale = SCALE;
    if (count > 0) {
      double mean = sum / count;
      double off = mean - Math.log(typical);
      scale +=
          Math.max(0, squares - count * mean * mean) / 2
              + TYPICAL_COUNTS * count * off * off / (2 * weight);
    }
    double reach =
        TDistribution.of(2 * shape).inverseCumulativeProbability(UPPER)
            * Math.sqrt(scale / (shape * weight));
    return new Estimate(
        Math.exp(middle), Math.exp(middle - reach), Math.exp(middle + reach), count);
  }
}
