package craftmap.core.lay.rule;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A rule as it is written down: its kind, its measures and choices by name, its points and words if
 * it has any.
 */
public record RuleNote(
    RuleKind kind,
    Map<String, Double> measures,
    Map<String, String> choices,
    List<Point> points,
    String text) {
  public RuleNote {
    measures = Map.copyOf(measures);
    choices = Map.copyOf(choices);
    points = List.copyOf(points);
    text = text == null ? "" : text;
  }

  public LayRule read() {
    return kind.read(sheet(), points, text);
  }

  /** Every question of the rule, with what stands on its sheet. */
  public List<MeasureSheet.Entry> entries() {
    MeasureSheet sheet = sheet();
    kind.read(sheet, points, text);
    return sheet.entries();
  }

  /** The same with further answers. */
  public RuleNote with(Map<String, Double> taken, Map<String, String> chosen) {
    Map<String, Double> allTaken = new LinkedHashMap<>(measures);
    allTaken.putAll(taken);
    Map<String, String> allChosen = new LinkedHashMap<>(choices);
    allChosen.putAll(chosen);
    return new RuleNote(kind, allTaken, allChosen, points, text);
  }

  public RuleNote through(List<Point> others) {
    return new RuleNote(kind, measures, choices, others, text);
  }

  public RuleNote saying(String other) {
    return new RuleNote(kind, measures, choices, points, other);
  }

  private MeasureSheet sheet() {
    return new MeasureSheet(measures, choices);
  }

  public static Writer of(RuleKind kind) {
    return new Writer(kind);
  }

  /** Collects the answers one by one. */
  public static final class Writer {
    private final RuleKind kind;
    private final Map<String, Double> measures = new LinkedHashMap<>();
    private final Map<String, String> choices = new LinkedHashMap<>();

    private Writer(RuleKind kind) {
      this.kind = kind;
    }

    public Writer put(String key, double measure) {
      measures.put(key, measure);
      return this;
    }

    public Writer put(String key, Enum<?> choice) {
      choices.put(key, choice.name());
      return this;
    }

    public RuleNote done() {
      return done(List.of(), "");
    }

    public RuleNote done(List<Point> points, String text) {
      return new RuleNote(kind, measures, choices, points, text);
    }
  }
}
