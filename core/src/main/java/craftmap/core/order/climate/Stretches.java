package craftmap.core.order.climate;

/**
 * Stretches of time one after the other, by the minutes at which they begin. Which of them a minute
 * lies in is asked so often while an order is looked for that searching by halves was a sixth of
 * it; here it is looked up by the hour, about, and gone on from there.
 */
public final class Stretches {
  /** About an hour, within which few stretches begin. */
  private static final int STEP = 64;

  private final int[] begins;

  /** Of the beginning of each step of so many minutes: how many have begun before it. */
  private final int[] before;

  /**
   * What begins when.
   *
   * @param begins minutes from 0 on, the first one first
   */
  public Stretches(int[] begins) {
    this.begins = begins.clone();
    int steps = begins.length == 0 ? 0 : begins[begins.length - 1] / STEP + 2;
    this.before = new int[steps];
    int i = 0;
    for (int k = 0; k < steps; k++) {
      while (i < begins.length && begins[i] < k * STEP) {
        i++;
      }
      before[k] = i;
    }
  }

  /** The number of the last that begins no later than a minute; below 0 where none does. */
  public int lastBy(int minute) {
    if (minute < 0 || before.length == 0) {
      return -1;
    }
    int i = before[Math.min(minute / STEP, before.length - 1)];
    while (i < begins.length && begins[i] <= minute) {
      i++;
    }
    return i - 1;
  }
}
