package craftmap.core.medium;

import craftmap.core.colour.Colour;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * How far a medium goes and what it looks like when it is dry.
 *
 * @param spreadM2PerLitre area that a litre covers once
 * @param coats as many as it usually takes
 * @param hides what one coat hides of what is under it, 0 to 1: as the class on the label says,
 *     until it was seen
 */
public record Coverage(
    Colour colour, double spreadM2PerLitre, int coats, Hiding hiding, double hides) {
  private static final int MOST_COATS = 12;

  static Coverage read(MeasureSheet label, Coverage typical) {
    Colour colour = new Colour(label.colour("colour", "colour-when-dry", typical.colour.hex()));
    double spread = label.figure("spread", "spread", typical.spreadM2PerLitre, FigureRange.SPREAD);
    int coats = label.count("coats", "coats-usually", typical.coats, 1, MOST_COATS);
    Hiding hiding = label.choice("hiding", "hides", typical.hiding);
    return new Coverage(
        colour,
        spread,
        coats,
        hiding,
        label.figure("oneCoatHides", "one-coat-hides", hiding.share() * 100, FigureRange.PERCENT)
            / 100);
  }

  /** The same where one coat hides another share. */
  Coverage hiding(double share) {
    return new Coverage(colour, spreadM2PerLitre, coats, hiding, share);
  }

  /** The same in another colour. */
  Coverage in(Colour other) {
    return new Coverage(other, spreadM2PerLitre, coats, hiding, hides);
  }
}
