package craftmap.server.sums;

import craftmap.core.sum.Sketch;
import craftmap.core.sum.SumKind;
import craftmap.server.fields.FieldView;
import craftmap.server.piece.view.LayView;
import craftmap.server.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A sum with its answer.
 *
 * @param line the question in one line: words, and between them the keys of fields
 * @param answer in one sentence
 * @param ways of laying, best first; none where there is one answer
 * @param way which of them is drawn and ticked
 * @param marks where to tick along a tape; none where there is no one line to lay it along
 * @param error how far the worst mark is off, which is rounded to the tape; none without marks
 * @param lineLength of the line that is ticked
 * @param sketch none where nothing fits
 * @param mind what to mind
 * @param text all of it as text, to be copied
 */
record SumView(
    SumKind kind,
    SumKind.Chapter chapter,
    String chapterText,
    String title,
    List<LinePartView> line,
    List<FieldView> fields,
    String answer,
    List<SumLineView> lines,
    List<LayView.OptionView> ways,
    int way,
    List<LayView.MarkView> marks,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String error,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure lineLength,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) SketchView sketch,
    List<String> why,
    List<String> mind,
    String text) {

  /** Words, or the key of a field that stands there. */
  record LinePartView(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String words,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String key) {}

  /** A further figure. */
  record SumLineView(String label, String text) {}

  /**
   * A drawing.
   *
   * @param width of all of it, beginning at left and top
   */
  record SketchView(
      double left,
      double top,
      double width,
      double height,
      List<SketchShapeView> shapes,
      List<SketchNoteView> notes) {}

  /**
   * A part of it.
   *
   * @param path in SVG's words
   * @param colour of what is shown in its own
   */
  record SketchShapeView(
      Sketch.StandsFor role,
      String path,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String colour) {}

  /** A figure, with its middle there. */
  record SketchNoteView(double x, double y, String text) {}
}
