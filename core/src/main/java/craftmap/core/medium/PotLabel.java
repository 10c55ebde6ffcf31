package craftmap.core.medium;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import java.util.Optional;

/**
 * What the label of a pot tells a plan that draws on it.
 *
 * @param mediumId what stands in it
 * @param alsoRole a second thing it is used as
 * @param spreadM2PerLitre area that a litre covers once
 */
public record PotLabel(
    String id,
    String mediumId,
    String name,
    Role role,
    Optional<Role> alsoRole,
    Base base,
    Colour colour,
    double spreadM2PerLitre) {
  public PotLabel {
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

  /** A water-based paint. */
  public PotLabel(String id, String name, Colour colour, double spreadM2PerLitre) {
    this(id, id, name, Role.PAINT, Optional.empty(), Base.WATER, colour, spreadM2PerLitre);
  }

  /** Whether it is used as that, be it as a second thing. */
  public boolean isUsedAs(Role other) {
    return role == other || alsoRole.filter(r -> r == other).isPresent();
  }
}
