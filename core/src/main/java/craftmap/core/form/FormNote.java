package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A form as it is written down: its kind, and the measures and choices that were taken. What was
 * not taken is typical, and follows from the others.
 */
public record FormNote(FormKind kind, Map<String, Double> measures, Map<String, String> choices) {
  public FormNote {
    measures = Map.copyOf(measures);
    choices = Map.copyOf(choices);
  }

  /** With nothing taken yet. */
  public static FormNote typical(FormKind kind) {
    return new FormNote(kind, Map.of(), Map.of());
  }

  public Form read() {
    return kind.read(sheet());
  }

  /** Every question of the form, with what stands on its sheet. */
  public List<MeasureSheet.Entry> entries() {
    MeasureSheet sheet = sheet();
    kind.read(sheet);
    return sheet.entries();
  }

  /** The same with further answers. */
  public FormNote with(Map<String, Double> taken, Map<String, String> chosen) {
    Map<String, Double> allTaken = new HashMap<>(measures);
    allTaken.putAll(taken);
    Map<String, String> allChosen = new HashMap<>(choices);
    allChosen.putAll(chosen);
    return new FormNote(kind, allTaken, allChosen);
  }

  private MeasureSheet sheet() {
    return new MeasureSheet(measures, choices);
  }
}
