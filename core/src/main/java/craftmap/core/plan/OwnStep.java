package craftmap.core.plan;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A step of the artist's own, that nothing in the plan asks for.
 *
 * @param takes hands on
 * @param group the group of faces it is done to; none where the piece is not needed for it
 * @param rests how long has to pass until what was said to come after it may begin
 */
public record OwnStep(String name, Duration takes, Optional<String> group, Duration rests) {
  /** Stands before the keys of these steps, so that none of the plan's own is called the same. */
  public static final String KEY = "own:";

  /** Neither like a step that the plan asks for, nor like a part of another. */
  private static final Pattern KEYS = Pattern.compile(KEY + "[A-Za-z0-9-]{1,60}");

  private static final int LONGEST_NAME = 80;

  /** Two months: nothing that is used here rests for longer. */
  public static final double MOST_REST_HOURS = 24 * 60;

  private static final FigureRange RESTS = new FigureRange("h", 0, MOST_REST_HOURS, 1);

  static void checkKey(String key) {
    if (!KEYS.matcher(key).matches()) {
      throw new RefusedInput(
          "step", given(key), said("is-not-accepted"), said("begins-with", given(KEY)));
    }
  }

  public OwnStep {
    name = name.strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          given(name),
          said("is-not-accepted"),
          said("1-to-characters", given(LONGEST_NAME)));
    }
    Ordering.checkTime(takes);
    RESTS.check("hours-to-rest", rests.toSeconds() / 3600.0);
  }
}
