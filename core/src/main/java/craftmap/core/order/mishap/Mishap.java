package craftmap.core.order.mishap;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.RefusedInput;
import java.util.regex.Pattern;

/**
 * Something that went wrong with a step, and what is done about it.
 *
 * @param step its key
 * @param share how much of it went wrong, or is left to do: 0 to 1
 */
public record Mishap(String step, Trouble trouble, Remedy remedy, double share) {
  /** Stands before the keys of the steps that mend something. */
  public static final String MEND = "mend:";

  private static final Pattern IDS = Pattern.compile("[A-Za-z0-9-]{1,36}");
  private static final FigureRange SHARE = new FigureRange("", 0.01, 1, 1);

  public Mishap {
    SHARE.check("share", share);
  }

  public static void checkId(String id) {
    if (!IDS.matcher(id).matches()) {
      throw new RefusedInput(
          "id", given(id), said("is-not-accepted"), said("1-to-characters", given(36)));
    }
  }

  /** The key of a step that mends it. */
  public static String key(String id, int n) {
    return MEND + id + ":" + n;
  }

  public static boolean isMend(String key) {
    return key.startsWith(MEND);
  }

  /** The id of what a step mends. */
  public static String idOf(String mendKey) {
    String rest = mendKey.substring(MEND.length());
    return rest.substring(0, rest.indexOf(':'));
  }
}
