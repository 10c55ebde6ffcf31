package craftmap.core.order.climate;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far what was put on has dried, from minute to minute after a beginning: it goes on at night,
 * at the night's temperature. A minute at a climate counts as a minute of the label's time divided
 * by the law's factor; something is as dry as its label says once that adds up to the label's time.
 */
public final class Drying {
  private static final double HAIR = 1e-9;

  private final int minutes;

  /** When each stretch of one climate begins, most of them an hour long; at the end, the end. */
  private final int[] begins;

  private final Stretches stretches;

  /** By law: the label's minutes that have passed when each stretch begins. */
  private final double[][] passed = new double[DryingLaw.values().length][];

  /** By law: the label's minutes that pass in a minute of each stretch. */
  private final double[][] each = new double[DryingLaw.values().length][];

  public Drying(Instant from, int minutes, ZoneId zone, DayClimate day) {
    this.minutes = minutes;
    List<Climate> climates = new ArrayList<>();
    List<Integer> starts = new ArrayList<>();
    ZonedDateTime at = from.atZone(zone);
    int t = 0;
    while (t < minutes) {
      starts.add(t);
      // the clock on the wall tells the hour, also where a day has 23 or 25 of them
      climates.add(day.at(at.getHour()));
      int left = Math.min(minutes - t, 60 - at.getMinute());
      t += left;
      at = at.plusMinutes(left);
    }
    int n = climates.size();
    starts.add(minutes);
    begins = starts.stream().mapToInt(start -> start).toArray();
    stretches = new Stretches(begins);
    for (DryingLaw law : DryingLaw.values()) {
      double[] upTo = new double[n + 1];
      double[] by = new double[n];
      for (int k = 0; k < n; k++) {
        by[k] = 1 / law.factor(climates.get(k));
        upTo[k + 1] = upTo[k] + (begins[k + 1] - begins[k]) * by[k];
      }
      passed[law.ordinal()] = upTo;
      each[law.ordinal()] = by;
    }
  }

  /** The label's minutes that have passed at a minute. */
  private double at(int minute, DryingLaw law) {
    return at(minute, stretches.lastBy(minute), law);
  }

  private double at(int minute, int k, DryingLaw law) {
    double upTo = passed[law.ordinal()][k];
    return begins[k] == minute ? upTo : upTo + (minute - begins[k]) * each[law.ordinal()][k];
  }

  /**
   * The first whole minute at which so much of a label's time has passed since another; one past
   * the end where it has not by then.
   */
  public int after(int since, Duration label, DryingLaw law) {
    if (since >= minutes) {
      return minutes + 1;
    }
    int in = stretches.lastBy(since);
    double wanted = at(since, in, law) + label.toSeconds() / 60.0 - HAIR;
    double[] upTo = passed[law.ordinal()];
    if (upTo[upTo.length - 1] < wanted) {
      return minutes + 1;
    }
    int k = lastBelow(upTo, in, wanted);
    double by = each[law.ordinal()][k];
    int i = Math.max(0, (int) ((wanted - upTo[k]) / by) - 1);
    while (upTo[k] + i * by < wanted && begins[k] + i < begins[k + 1]) {
      i++;
    }
    return Math.max(since, begins[k] + i);
  }

  /**
   * The last from one on that is less; that one where none is. Most times are hours, so it is near:
   * looked for in ever longer steps, then by halves.
   */
  private static int lastBelow(double[] upTo, int from, double bound) {
    int low = from;
    int step = 1;
    while (low + step < upTo.length && upTo[low + step] < bound) {
      low += step;
      step *= 2;
    }
    int high = Math.min(low + step, upTo.length);
    while (high - low > 1) {
      int middle = (low + high) >>> 1;
      if (upTo[middle] < bound) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** So many minutes pass at least until so much of a label's time has, whenever it begins. */
  public int least(Duration label, DryingLaw law) {
    double most = Arrays.stream(each[law.ordinal()]).max().orElse(1);
    return (int) ((label.toSeconds() / 60.0 - HAIR) / most);
  }

  /** The last whole minute at which no more of a label's time has passed since another. */
  public int before(int since, Duration label, DryingLaw law) {
    if (since >= minutes) {
      return minutes;
    }
    int in = stretches.lastBy(since);
    double most = at(since, in, law) + label.toSeconds() / 60.0 + HAIR;
    double[] upTo = passed[law.ordinal()];
    if (upTo[upTo.length - 1] <= most) {
      return minutes;
    }
    int k = lastBelow(upTo, in, Math.nextUp(most));
    double by = each[law.ordinal()][k];
    int i = (int) ((most - upTo[k]) / by) + 1;
    while (upTo[k] + i * by > most || begins[k] + i >= begins[k + 1]) {
      i--;
    }
    return begins[k] + i;
  }

  /** What of a label's time has passed between two minutes. */
  public double passed(int from, int to, DryingLaw law) {
    return at(to, law) - at(from, law);
  }
}
