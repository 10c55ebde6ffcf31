package craftmap.core.order.climate;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * How far what was put on has dried, minute by minute from a beginning: it goes on at night, at the
 * night's temperature. A minute at a climate counts as a minute of the label's time divided by the
 * law's factor; something is as dry as its label says once that adds up to the label's time.
 */
public final class Drying {
  private static final double HAIR = 1e-9;

  private final int minutes;

  /** By law: the label's minutes that have passed since the beginning. */
  private final double[][] passed = new double[DryingLaw.values().length][];

  public Drying(Instant from, int minutes, ZoneId zone, DayClimate day) {
    this.minutes = minutes;
    for (DryingLaw law : DryingLaw.values()) {
      passed[law.ordinal()] = new double[minutes + 1];
    }
    ZonedDateTime at = from.atZone(zone);
    int t = 0;
    while (t < minutes) {
      // the clock on the wall tells the hour, also where a day has 23 or 25 of them
      Climate climate = day.at(at.getHour());
      int left = Math.min(minutes - t, 60 - at.getMinute());
      for (DryingLaw law : DryingLaw.values()) {
        double[] of = passed[law.ordinal()];
        double each = 1 / law.factor(climate);
        for (int i = 1; i <= left; i++) {
          of[t + i] = of[t] + i * each;
        }
      }
      t += left;
      at = at.plusMinutes(left);
    }
  }

  /** How many minutes are looked at. */
  public int minutes() {
    return minutes;
  }

  /**
   * The first whole minute at which so much of a label's time has passed since another; one past
   * the end where it has not by then.
   */
  public int after(int since, Duration label, DryingLaw law) {
    if (since >= minutes) {
      return minutes + 1;
    }
    double[] of = passed[law.ordinal()];
    double wanted = of[since] + label.toSeconds() / 60.0 - HAIR;
    if (of[minutes] < wanted) {
      return minutes + 1;
    }
    int low = since;
    int high = minutes;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (of[middle] >= wanted) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /** The last whole minute at which no more of a label's time has passed since another. */
  public int before(int since, Duration label, DryingLaw law) {
    if (since >= minutes) {
      return minutes;
    }
    double[] of = passed[law.ordinal()];
    double most = of[since] + label.toSeconds() / 60.0 + HAIR;
    int low = since;
    int high = minutes;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (of[middle] <= most) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }

  /** What of a label's time has passed between two minutes. */
  public double passed(int from, int to, DryingLaw law) {
    return passed[law.ordinal()][to] - passed[law.ordinal()][from];
  }
}
