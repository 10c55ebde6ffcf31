package craftmap.server.piece.document;

import craftmap.core.surface.outline.OutlineKind;
import java.util.List;
import java.util.Map;

/** An outline by its measures, or by its points. */
public record OutlineDoc(
    OutlineKind kind,
    Map<String, Double> measures,
    Map<String, String> choices,
    List<PointDoc> points) {
  public OutlineDoc {
    measures = measures == null ? Map.of() : Map.copyOf(measures);
    choices = choices == null ? Map.of() : Map.copyOf(choices);
    points = points == null ? List.of() : List.copyOf(points);
  }
}
