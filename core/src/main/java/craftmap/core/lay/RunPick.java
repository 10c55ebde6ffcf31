package craftmap.core.lay;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The artist's own choice among the options, kept while sizes change around it. */
public record RunPick(RunKind kind, int count) {

  /** The picked option: the same kind, with the same count or the nearest on offer. */
  public Optional<LayOption> among(List<LayOption> options) {
    return options.stream()
        .filter(o -> o.row().kind() == kind)
        .min(Comparator.comparingInt(o -> Math.abs(o.row().count() - count)));
  }
}
