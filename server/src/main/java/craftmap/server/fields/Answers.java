package craftmap.server.fields;

import craftmap.core.measure.MeasureSheet;
import java.util.Map;

/** What was filled in, by the keys of the fields. */
public record Answers(Map<String, Double> numbers, Map<String, String> choices) {
  public static final Answers NONE = new Answers(Map.of(), Map.of());

  public Answers {
    numbers = numbers == null ? Map.of() : Map.copyOf(numbers);
    choices = choices == null ? Map.of() : Map.copyOf(choices);
  }

  public MeasureSheet sheet() {
    return new MeasureSheet(numbers, choices);
  }
}
