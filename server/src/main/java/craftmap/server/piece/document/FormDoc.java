package craftmap.server.piece.document;

import craftmap.core.form.FormKind;
import java.util.Map;

/**
 * A form of furniture with the measures that were taken; others are typical.
 *
 * @param measures lengths in millimetres, and counts
 */
public record FormDoc(FormKind kind, Map<String, Double> measures, Map<String, String> choices) {
  public FormDoc {
    measures = measures == null ? Map.of() : Map.copyOf(measures);
    choices = choices == null ? Map.of() : Map.copyOf(choices);
  }
}
