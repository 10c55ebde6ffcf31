package craftmap.core.coats;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;
import java.util.Optional;

/**
 * Something to know about a build-up: by which rule, how bad, at which band, what and why, and what
 * would mend it.
 *
 * @param rule short and stable: notes that stay in a plan name it
 * @param safety it is never overruled, only taken note of
 * @param band the key of the band it belongs to; none where it is about all of them
 * @param note what the artist noted when it was overruled, or taken note of
 */
public record CoatFinding(
    String rule,
    Level level,
    boolean safety,
    Optional<String> band,
    Figure.Said what,
    Figure.Said why,
    List<CoatMend> mends,
    Optional<String> note) {
  public CoatFinding {
    mends = List.copyOf(mends);
  }

  public boolean isSameAs(CoatFinding other) {
    return rule.equals(other.rule) && band.equals(other.band);
  }

  /** With only those mends. */
  public CoatFinding mendedBy(List<CoatMend> others) {
    return new CoatFinding(rule, level, safety, band, what, why, others, note);
  }

  public CoatFinding noted(Optional<String> other) {
    return new CoatFinding(rule, level, safety, band, what, why, mends, other);
  }

  /** Whether it still asks for something. */
  public boolean isOpen() {
    return note.isEmpty();
  }
}
