package craftmap.core.lay.rule;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The artist's own choice among the options, kept while sizes change around it.
 *
 * @param across the second count of what has two, such as columns and rows; 1 for others
 */
public record Pick(Way way, int count, int across) {

  /** The picked option: the same way, with the same counts or the nearest on offer. */
  public Optional<LayOption> among(List<LayOption> options) {
    return options.stream()
        .filter(o -> o.arrangement().way() == way)
        .min(
            Comparator.comparingInt(
                o ->
                    Math.abs(o.arrangement().count() - count)
                        + Math.abs(o.arrangement().across() - across)));
  }
}
