package craftmap.core.measure;

import java.time.Duration;

/** Stretches of time from the minutes that labels and typical values are given in. */
public final class Times {
  private static final double SECONDS = 60;

  private Times() {}

  /** To the second: nobody works by less. */
  public static Duration ofMinutes(double minutes) {
    return Duration.ofSeconds(Math.round(minutes * SECONDS));
  }

  public static double minutes(Duration time) {
    return time.toSeconds() / SECONDS;
  }
}
