package craftmap.core.finding;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/**
 * Something to know about a plan: by which rule, how bad, about what, and the figures that say so.
 * The figures come in the order in which the rule's words take them; the words lie elsewhere.
 */
public record Finding(FindingRule rule, Level level, About about, List<Figure> figures) {
  public Finding {
    figures = List.copyOf(figures);
  }

  static Finding of(FindingRule rule, Level level, About about, Figure... figures) {
    return new Finding(rule, level, about, List.of(figures));
  }
}
