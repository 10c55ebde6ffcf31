package craftmap.core.order.climate;

import craftmap.core.medium.Base;

/** By which law a time on a label becomes the time it takes here. */
public enum DryingLaw {
  /** Water goes as fast as the air takes it up. */
  WATER {
    @Override
    double free(Climate climate) {
      return Climate.OF_LABELS.deficitKpa() / Math.max(climate.deficitKpa(), NEARLY_NOTHING);
    }
  },
  /** Solvents and cures go twice as fast for every ten degrees. */
  WARMTH {
    @Override
    double free(Climate climate) {
      return Math.pow(2, (Climate.OF_LABELS.celsius() - climate.celsius()) / TWICE_AS_FAST);
    }
  },
  /** What rests by the clock takes as long in any air. */
  CLOCK {
    @Override
    double free(Climate climate) {
      return 1;
    }
  };

  /** Outside of this nobody knows: neither law holds for long. */
  public static final double LEAST = 0.5;

  public static final double MOST = 4;

  private static final double TWICE_AS_FAST = 10;
  private static final double NEARLY_NOTHING = 1e-9;

  abstract double free(Climate climate);

  /** So many times as long as the label says, kept within what is known. */
  public double factor(Climate climate) {
    return Math.clamp(free(climate), LEAST, MOST);
  }

  /** The law that what has this base dries by; it cures by {@link #WARMTH}, whatever it is. */
  public static DryingLaw of(Base base) {
    return switch (base) {
      case WATER, CASEIN, LATEX -> WATER;
      case OIL, SOLVENT, WAX, RESIN, SHELLAC -> WARMTH;
    };
  }
}
