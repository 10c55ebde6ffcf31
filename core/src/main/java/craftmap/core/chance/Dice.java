package craftmap.core.chance;

/**
 * Chance that can be repeated: the same seed throws the same numbers on every machine. The
 * generator is the well-known one that adds an odd constant and mixes the bits.
 */
public final class Dice {
  private static final double UNIT = 0x1.0p-53;

  private long state;

  public Dice(long seed) {
    this.state = seed * 0xD1342543DE82EF95L + 0x632BE59BD9B4E019L;
  }

  /** From 0 up to, not including, 1. */
  public double next() {
    state += 0x9E3779B97F4A7C15L;
    long z = state;
    z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
    z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
    return ((z ^ (z >>> 31)) >>> 11) * UNIT;
  }

  /** From -1 to 1, the middle as likely as the ends. */
  public double aside() {
    return 2 * next() - 1;
  }
}
