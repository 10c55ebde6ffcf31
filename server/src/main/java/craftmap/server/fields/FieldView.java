package craftmap.server.fields;

import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * Something to measure, to count, to read off a label or to choose.
 *
 * @param taken false while a typical value stands in
 * @param mayBeNothing whether a length of 0 is accepted
 * @param unit what stands behind a figure
 */
public record FieldView(
    String key,
    String label,
    FieldType type,
    boolean taken,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure length,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean mayBeNothing,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double mostMm,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer count,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer least,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer most,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) FigureView figure,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String colour,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String choice,
    List<ChoiceView> among) {

  /**
   * A figure that is no length.
   *
   * @param text as it is shown, without its unit
   */
  public record FigureView(
      double value, String text, String unit, double least, double most, int places) {}

  static FieldView of(String key, String label, FieldType type, boolean taken) {
    return new FieldView(
        key, label, type, taken, null, null, null, null, null, null, null, null, null, List.of());
  }

  FieldView withLength(Measure measure, boolean nothing, Double most) {
    return new FieldView(
        key, label, type, taken, measure, nothing, most, null, null, null, null, null, null,
        List.of());
  }

  FieldView withCount(int value, int from, int to) {
    return new FieldView(
        key, label, type, taken, null, null, null, value, from, to, null, null, null, List.of());
  }

  FieldView withFigure(FigureView value) {
    return new FieldView(
        key, label, type, taken, null, null, null, null, null, null, value, null, null, List.of());
  }

  FieldView withColour(String hex) {
    return new FieldView(
        key, label, type, taken, null, null, null, null, null, null, null, hex, null, List.of());
  }

  FieldView withChoice(String value, List<ChoiceView> ways) {
    return new FieldView(
        key, label, type, taken, null, null, null, null, null, null, null, null, value, ways);
  }
}
