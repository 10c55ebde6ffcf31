package craftmap.server.piece.document;

import craftmap.core.lay.rule.RuleKind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/** A rule by its measures, and by its points or words where it has any. */
public record RuleDoc(
    RuleKind kind,
    Map<String, Double> measures,
    Map<String, String> choices,
    List<PointDoc> points,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String text) {
  public RuleDoc {
    measures = measures == null ? Map.of() : Map.copyOf(measures);
    choices = choices == null ? Map.of() : Map.copyOf(choices);
    points = points == null ? List.of() : List.copyOf(points);
  }
}
