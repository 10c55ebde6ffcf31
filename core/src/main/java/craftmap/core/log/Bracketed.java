package craftmap.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What observations say together of which only two ends are known: it hid after three coats, so one
 * coat hides no less than the least share for which three are enough, and less than that for which
 * two are. The posterior is worked out on a grid.
 */
record Bracketed(List<Range> ranges) {
  static final Bracketed NONE = new Bracketed(List.of());

  /** What one observation leaves open. */
  record Range(double low, double high) {}

  /**
   * How a figure is spread out, so that it has no ends.
   *
   * @param typicalIsOff by how much what is typical may be off
   * @param seenIsOff by how much one case may differ from what is true
   */
  private enum Scale {
    SHARE(0.9, 0.15, Scale::logit, x -> 1 / (1 + Math.exp(-x))),
    RATIO(0.35, 0.15, Math::log, Math::exp);

    private final double typicalIsOff;
    private final double seenIsOff;
    private final DoubleUnaryOperator out;
    private final DoubleUnaryOperator back;

    Scale(
        double typicalIsOff, double seenIsOff, DoubleUnaryOperator out, DoubleUnaryOperator back) {
      this.typicalIsOff = typicalIsOff;
      this.seenIsOff = seenIsOff;
      this.out = out;
      this.back = back;
    }

    private static double logit(double share) {
      return Math.log(share / (1 - share));
    }
  }

  private static final int STEPS = 1200;
  private static final double REACH = 6;
  private static final double NOT_QUITE = 0.02;
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

  Bracketed {
    ranges = List.copyOf(ranges);
  }

  Bracketed and(double low, double high) {
    List<Range> more = new ArrayList<>(ranges);
    more.add(new Range(low, high));
    return new Bracketed(more);
  }

  /** Of a share; what is typical is no certainty, be it of one that hides all. */
  Estimate share(double typical) {
    Estimate learned = estimate(Scale.SHARE, Math.clamp(typical, NOT_QUITE, 1 - NOT_QUITE));
    if (ranges.size() != 1) {
      return learned;
    }
    // seen once, it is as it was seen: the next plan over that ground says what was told
    Range only = ranges.getFirst();
    double value = within(learned.value(), only.low(), Math.min(only.high(), 1));
    return new Estimate(value, Math.min(value, learned.low()), Math.max(value, learned.high()), 1);
  }

  /** Well inside: what is on the edge is rounded out of it. */
  private static double within(double value, double low, double high) {
    double edge = (high - low) / 100;
    return Math.clamp(value, low + edge, Math.max(low + edge, high - edge));
  }

  /**
   * Of a ratio: what is likeliest, which moves no further from the label than what was seen asks
   * for. Who finds something dry seldom knows how long it has been.
   */
  Estimate ratio() {
    return estimate(Scale.RATIO, 1);
  }

  private Estimate estimate(Scale scale, double typical) {
    double middle = scale.out.applyAsDouble(typical);
    double step = 2 * REACH * scale.typicalIsOff / STEPS;
    double[] at = new double[STEPS + 1];
    double[] log = new double[STEPS + 1];
    double most = Double.NEGATIVE_INFINITY;
    int likeliest = 0;
    for (int i = 0; i <= STEPS; i++) {
      at[i] = middle - REACH * scale.typicalIsOff + i * step;
      double off = (at[i] - middle) / scale.typicalIsOff;
      log[i] = -off * off / 2;
      for (Range range : ranges) {
        log[i] += Math.log(chance(scale, range, at[i]));
      }
      if (log[i] > most) {
        most = log[i];
        likeliest = i;
      }
    }
    double[] upTo = new double[STEPS + 1];
    double all = 0;
    for (int i = 0; i <= STEPS; i++) {
      all += Math.exp(log[i] - most);
      upTo[i] = all;
    }
    return new Estimate(
        scale.back.applyAsDouble(scale == Scale.RATIO ? at[likeliest] : quantile(at, upTo, 0.5)),
        scale.back.applyAsDouble(quantile(at, upTo, 0.025)),
        scale.back.applyAsDouble(quantile(at, upTo, 0.975)),
        ranges.size());
  }

  private static double chance(Scale scale, Range range, double at) {
    double low = range.low() <= 0 ? Double.NEGATIVE_INFINITY : out(scale, range.low());
    double high =
        range.high() >= (scale == Scale.SHARE ? 1 : Observation.FOR_EVER)
            ? Double.POSITIVE_INFINITY
            : out(scale, range.high());
    double chance = NORMAL.probability((low - at) / scale.seenIsOff, (high - at) / scale.seenIsOff);
    // never impossible: somebody may have looked wrongly
    return chance + 1e-12;
  }

  private static double out(Scale scale, double value) {
    return scale.out.applyAsDouble(
        scale == Scale.SHARE ? Math.clamp(value, 1e-9, 1 - 1e-9) : value);
  }

  private static double quantile(double[] at, double[] upTo, double part) {
    double wanted = part * upTo[upTo.length - 1];
    for (int i = 0; i < upTo.length; i++) {
      if (upTo[i] >= wanted) {
        double before = i == 0 ? 0 : upTo[i - 1];
        double step = i == 0 ? 0 : at[i] - at[i - 1];
        return at[i] - step * (upTo[i] - wanted) / Math.max(upTo[i] - before, 1e-300);
      }
    }
    return at[at.length - 1];
  }
}
