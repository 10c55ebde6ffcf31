package craftmap.core.surface.outline;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.HashMap;
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

  public Outline read() {
    return kind.read(sheet(), points);
  }

  /** Every question of the outline, with what stands on its sheet. */
  public List<MeasureSheet.Entry> entries() {
    MeasureSheet sheet = sheet();
    kind.read(sheet, points);
    return sheet.entries();
  }

  /** The same with further answers. */
  public OutlineNote with(Map<String, Double> taken, Map<String, String> chosen) {
    Map<String, Double> allTaken = new HashMap<>(measures);
    allTaken.putAll(taken);
    Map<String, String> allChosen = new HashMap<>(choices);
    allChosen.putAll(chosen);
    return new OutlineNote(kind, allTaken, allChosen, points);
  }

  /** The same without an answer. */
  public OutlineNote without(String key) {
    Map<String, Double> left = new HashMap<>(measures);
    left.remove(key);
    return new OutlineNote(kind, left, choices, points);
  }

  public OutlineNote through(List<Point> others) {
    return new OutlineNote(kind, measures, choices, others);
  }

  private MeasureSheet sheet() {
    return new MeasureSheet(measures, choices);
  }
}
