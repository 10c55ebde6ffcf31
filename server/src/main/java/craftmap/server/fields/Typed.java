package craftmap.server.fields;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthReader;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** Answers as people type them. */
public final class Typed {
  private final TapeDivision tape;
  private final Map<String, Double> numbers = new HashMap<>();
  private final Map<String, String> choices = new HashMap<>();

  public Typed(TapeDivision tape) {
    this.tape = tape;
  }

  /**
   * Reads what was typed as the answer to a question.
   *
   * @param field what a refusal calls it
   */
  public void read(MeasureSheet.Entry entry, Figure field, String text) {
    switch (entry) {
      case MeasureSheet.LengthEntry e ->
          numbers.put(e.key(), LengthReader.read(field, text, tape.unit()).mm());
      case MeasureSheet.CountEntry e -> numbers.put(e.key(), figure(field, text));
      case MeasureSheet.FigureEntry e -> numbers.put(e.key(), figure(field, text));
      case MeasureSheet.ColourEntry e -> choices.put(e.key(), text);
      case MeasureSheet.ChoiceEntry e -> choices.put(e.key(), choice(e, field, text));
    }
  }

  /**
   * Takes what usually stands there as the tape shows it: who reads an answer beside it, and types
   * the very same, gets the same answer.
   */
  public void asShown(MeasureSheet.Entry entry) {
    if (entry instanceof MeasureSheet.LengthEntry e) {
      read(e, e.label(), FieldViews.text(e, tape));
    }
  }

  public Answers answers() {
    return new Answers(numbers, choices);
  }

  private static String choice(MeasureSheet.ChoiceEntry e, Figure field, String text) {
    String plain = text.strip().toUpperCase(Locale.ENGLISH).replace(' ', '_').replace('-', '_');
    if (!e.among().contains(plain)) {
      throw new RefusedInput(
          field, given(text), said("is-not-one-of-the-ways"), given(String.join(", ", e.among())));
    }
    return plain;
  }

  private static double figure(Figure field, String text) {
    String plain = text.strip().replace(',', '.');
    if (!plain.matches("-?\\d{1,9}(\\.\\d{1,6})?")) {
      throw new RefusedInput(
          field, given(text), said("is-not-a-figure"), said("a-figure-such-as-11-5-or-11-5"));
    }
    return Double.parseDouble(plain);
  }
}
