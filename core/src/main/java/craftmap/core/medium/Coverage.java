package craftmap.core.medium;

import craftmap.core.colour.Colour;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * How far a medium goes and what it looks like when it is dry.
 *
 * @param spreadM2PerLitre area that a litre covers once
 * @param coats as many as it usually takes
 */
public record Coverage(Colour colour, double spreadM2PerLitre, int coats, Hiding hiding) {
  private static final int MOST_COATS = 12;

  static Coverage read(MeasureSheet label, Coverage typical) {
    return new Coverage(
        new Colour(label.colour("colour", "colour-when-dry", typical.colour.hex())),
        label.figure("spread", "spread", typical.spreadM2PerLitre, FigureRange.SPREAD),
        label.count("coats", "coats-usually", typical.coats, 1, MOST_COATS),
        label.choice("hiding", "hides", typical.hiding));
  }
}
