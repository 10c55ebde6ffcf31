package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/**
 * Decoupage paper, tissue or wrapping paper, in sheets or on a roll.
 *
 * @param print what of the sheet is printed
 * @param part what of its picture is laid alone, with its border; none for all of it
 */
public record Paper(
    Card card,
    Picture sheet,
    Box print,
    Weight weight,
    boolean twoFaced,
    Optional<Repeat> repeat,
    Optional<Double> rollMm,
    Direction direction,
    Optional<MotifBox> part)
    implements PrintedSheet {
  /** How thick it is, and so how much it shows and how its edges are hidden. */
  public enum Weight {
    TISSUE,
    DECOUPAGE,
    WRAPPING
  }

  /** How it is bought. */
  public enum Form {
    SHEETS,
    ROLL
  }

  static Paper read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture plain = PlainSheet.ask(sheet, drawn, 500, 700);
    double rim = sheet.length("rim", "unprinted-rim", 0, LengthRange.DISTANCE);
    Weight weight = sheet.choice("weight", "paper", Weight.DECOUPAGE);
    boolean twoFaced = sheet.yes("twoFaced", "either-side-may-be-shown", false);
    Optional<Repeat> repeat = Repeat.ask(sheet);
    Optional<Double> roll =
        sheet.choice("form", "it-comes-as", Form.SHEETS) == Form.ROLL
            ? Optional.of(sheet.size("roll", "length-of-a-full-roll", 5000))
            : Optional.empty();
    return new Paper(
        card,
        plain,
        plain.printed(rim),
        weight,
        twoFaced,
        repeat,
        roll,
        PlainSheet.direction(sheet, Direction.UPRIGHT),
        Optional.empty());
  }

  /** The same paper with a part of its picture laid alone. */
  @Override
  public Paper showing(MotifBox alone) {
    return new Paper(
        card, sheet, print, weight, twoFaced, repeat, rollMm, direction, Optional.of(alone));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.PAPER;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(sheet);
  }

  @Override
  public Box printed() {
    return part.map(MotifBox::box).orElse(print);
  }

  @Override
  public Handling handling() {
    return new Handling(false, true, twoFaced, true);
  }

  @Override
  public Comes comes() {
    return rollMm.<Comes>map(Comes.ByLength::new).orElse(new Comes.AsSheets());
  }
}
