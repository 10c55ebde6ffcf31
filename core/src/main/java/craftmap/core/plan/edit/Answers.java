package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The answers of an edit among the questions of a sheet. */
final class Answers {
  private Answers() {}

  /**
   * What was answered, by the codes of its labels; what was not asked is refused.
   *
   * @param asked what the sheet asks once it is answered: one answer may bring further questions
   */
  static String labels(
      List<MeasureSheet.Entry> asked, Map<String, Double> measures, Map<String, String> choices) {
    List<String> keys = asked.stream().map(MeasureSheet.Entry::key).distinct().toList();
    Stream.concat(measures.keySet().stream(), choices.keySet().stream())
        .filter(k -> !keys.contains(k))
        .sorted()
        .findFirst()
        .ifPresent(
            unknown -> {
              throw new RefusedInput(
                  "measure",
                  given(unknown),
                  said("is-not-asked-for-here"),
                  given(String.join(", ", keys)));
            });
    return asked.stream()
        .filter(e -> measures.containsKey(e.key()) || choices.containsKey(e.key()))
        .map(e -> Told.label(e.label()))
        .distinct()
        .collect(Collectors.joining(Told.NEXT_LABEL));
  }
}
