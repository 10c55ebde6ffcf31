package craftmap.server.fields;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.List;

/** The questions of a measure sheet, as fields to fill in. */
public final class FieldViews {
  private FieldViews() {}

  public static List<FieldView> of(MeasureSheet sheet, TapeDivision tape) {
    return of(sheet.entries(), tape);
  }

  public static List<FieldView> of(List<MeasureSheet.Entry> entries, TapeDivision tape) {
    return entries.stream().map(e -> view(e, tape)).toList();
  }

  private static FieldView view(MeasureSheet.Entry entry, TapeDivision tape) {
    return switch (entry) {
      case MeasureSheet.LengthEntry e ->
          blank(e, tape, FieldType.LENGTH)
              .withLength(
                  e.range().isFine() ? Measure.fine(e.mm(), tape) : Measure.of(e.mm(), tape),
                  e.range().leastIncluded(),
                  e.range().mostMm() < LengthRange.SIZE.mostMm() ? e.range().mostMm() : null);
      case MeasureSheet.CountEntry e ->
          blank(e, tape, FieldType.COUNT).withCount(e.count(), e.least(), e.most());
      case MeasureSheet.FigureEntry e ->
          blank(e, tape, FieldType.FIGURE)
              .withFigure(
                  new FieldView.FigureView(
                      e.figure(),
                      Decimals.show(e.figure(), e.range().places()),
                      e.range().unit(),
                      e.range().least(),
                      e.range().most(),
                      e.range().places()));
      case MeasureSheet.ColourEntry e -> blank(e, tape, FieldType.COLOUR).withColour(e.hex());
      case MeasureSheet.ChoiceEntry e ->
          blank(e, tape, FieldType.CHOICE)
              .withChoice(
                  e.choice(),
                  e.among().stream()
                      .map(c -> new ChoiceView(c, Words.say("choice." + c)))
                      .toList());
    };
  }

  private static FieldView blank(MeasureSheet.Entry entry, TapeDivision tape, FieldType type) {
    return FieldView.of(entry.key(), label(entry, tape), type, entry.taken());
  }

  /** What a field is called. */
  public static String label(MeasureSheet.Entry entry, TapeDivision tape) {
    return new FigureWords(tape).text(entry.label());
  }

  /** What stands in a field, as text with its unit. */
  public static String text(MeasureSheet.Entry entry, TapeDivision tape) {
    return switch (entry) {
      case MeasureSheet.LengthEntry e ->
          e.range().isFine() ? Measure.fineText(e.mm(), tape) : tape.show(e.mm());
      case MeasureSheet.CountEntry e -> "" + e.count();
      case MeasureSheet.FigureEntry e -> e.range().show(e.figure());
      case MeasureSheet.ColourEntry e -> e.hex();
      case MeasureSheet.ChoiceEntry e -> Words.say("choice." + e.choice());
    };
  }
}
