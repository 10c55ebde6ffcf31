package craftmap.core.medium;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;

/**
 * A paint as its label describes it.
 *
 * @param spreadM2PerLitre area that a litre covers once
 */
public record Paint(String id, String name, Colour colour, double spreadM2PerLitre) {
  public Paint {
    if (!(spreadM2PerLitre > 0) || !(spreadM2PerLitre <= 50)) {
      throw new RefusedInput(
          "Spread",
          Double.isFinite(spreadM2PerLitre)
              ? Decimals.show(spreadM2PerLitre, 2) + " m2/l"
              : String.valueOf(spreadM2PerLitre),
          "is not what a label says",
          "a spread above 0 and up to 50 m2/l");
    }
  }
}
