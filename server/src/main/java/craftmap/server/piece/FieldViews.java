package craftmap.server.piece;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.List;

/** The questions of a measure sheet, as fields to fill in. */
final class FieldViews {
  private FieldViews() {}

  static List<ReadingView.FieldView> of(MeasureSheet sheet, TapeDivision tape) {
    return sheet.entries().stream().map(e -> view(e, tape)).toList();
  }

  private static ReadingView.FieldView view(MeasureSheet.Entry entry, TapeDivision tape) {
    return switch (entry) {
      case MeasureSheet.LengthEntry e ->
          new ReadingView.FieldView(
              e.key(),
              e.label(),
              ReadingView.FieldType.LENGTH,
              e.taken(),
              Measure.of(e.mm(), tape),
              e.range().leastIncluded(),
              e.range().mostMm() < LengthRange.SIZE.mostMm() ? e.range().mostMm() : null,
              null,
              null,
              null,
              null,
              List.of());
      case MeasureSheet.CountEntry e ->
          new ReadingView.FieldView(
              e.key(),
              e.label(),
              ReadingView.FieldType.COUNT,
              e.taken(),
              null,
              null,
              null,
              e.count(),
              e.least(),
              e.most(),
              null,
              List.of());
      case MeasureSheet.ChoiceEntry e ->
          new ReadingView.FieldView(
              e.key(),
              e.label(),
              ReadingView.FieldType.CHOICE,
              e.taken(),
              null,
              null,
              null,
              null,
              null,
              null,
              e.choice(),
              e.among().stream()
                  .map(c -> new ReadingView.ChoiceView(c, Words.say("choice." + c)))
                  .toList());
    };
  }
}
