package craftmap.core.medium;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

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
          "spread",
          Double.isFinite(spreadM2PerLitre)
              ? said("m2-l", given(Decimals.show(spreadM2PerLitre, 2)))
              : given(String.valueOf(spreadM2PerLitre)),
          said("is-not-what-a-label-says"),
          said("a-spread-above-0-and-up-to-50-m2"));
    }
  }
}
