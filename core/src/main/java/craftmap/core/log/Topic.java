package craftmap.core.log;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.util.Arrays;
import java.util.List;

/**
 * What something is learned about.
 *
 * @param of the craft, or the medium's id
 * @param with the tool, or the way in which a medium is used; empty where that makes no difference
 */
public record Topic(About about, String of, String with) {
  private static final String APART = "|";

  /** Kinds of figure, and what observations of them look like. */
  public enum About {
    /** Minutes that a kind of work takes. */
    PACE,
    /** How far a medium goes with a tool, in m² a litre, with what stays in the tool. */
    SPREAD,
    /** How many times what stays on the piece is taken out of the pot. */
    TAKES,
    /** What share one coat hides of what is under it. */
    HIDES,
    /** How many times as long as its label says a medium takes to dry. */
    DRIES;

    /** Whether an observation tells two values that it lies between, rather than one. */
    public boolean isBracketed() {
      return this == HIDES || this == DRIES;
    }
  }

  /** What is used in a way of its own, that no tool tells. */
  public static final String THROUGH_OPENINGS = "THROUGH_OPENINGS";

  public static final String WIPED_BACK = "WIPED_BACK";
  public static final String PASTE = "PASTE";
  public static final String CASTINGS = "CASTINGS";

  public static Topic spread(String mediumId, String with) {
    return new Topic(About.SPREAD, mediumId, with);
  }

  public static Topic takes(String what) {
    return new Topic(About.TAKES, what, "");
  }

  public static Topic hides(String mediumId) {
    return new Topic(About.HIDES, mediumId, "");
  }

  public static Topic dries(String mediumId) {
    return new Topic(About.DRIES, mediumId, "");
  }

  public String key() {
    return String.join(APART, about.name(), of, with);
  }

  /** The topic of a key. */
  public static Topic read(String key) {
    String[] parts = key.split("\\|", -1);
    List<About> abouts =
        Arrays.stream(About.values()).filter(a -> a.name().equals(parts[0])).toList();
    if (parts.length != 3 || abouts.isEmpty()) {
      throw new RefusedInput(
          "topic", given(key), said("is-not-accepted"), said("what-something-is-learned-about"));
    }
    return new Topic(abouts.getFirst(), parts[1], parts[2]);
  }
}
