package craftmap.core.surface.outline;

import craftmap.core.plane.Point;
import java.util.List;
import java.util.Map;

/** An outline as it is written down: its kind, its measures by name, its points if it has any. */
public record OutlineNote(
    OutlineKind kind,
    Map<String, Double> measures,
    Map<String, String> choices,
    List<Point> points) {
  public OutlineNote {
    measures = Map.copyOf(measures);
    choices = Map.copyOf(choices);
    points = List.copyOf(points);
  }

  static OutlineNote of(OutlineKind kind, Map<String, Double> measures) {
    return new OutlineNote(kind, measures, Map.of(), List.of());
  }
}
