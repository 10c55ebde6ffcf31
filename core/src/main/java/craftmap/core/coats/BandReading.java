package craftmap.core.coats;

import craftmap.core.colour.Colour;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What a band comes to.
 *
 * @param shades what shows after each of its coats; none of what has no colour
 * @param ml what it takes out of a pot
 * @param handsOn work, without waiting
 * @param sheets of sandpaper
 * @param tapeMm of tape
 */
public record BandReading(
    Band band,
    List<Shade> shades,
    Optional<Sum> sum,
    double ml,
    Duration handsOn,
    double sheets,
    double tapeMm) {
  public BandReading {
    shades = List.copyOf(shades);
  }

  /**
   * What shows after a coat.
   *
   * @param departs from the colour of the pot, by CIEDE2000
   */
  public record Shade(Colour colour, double departs) {}

  /** How its volume was worked out. */
  public record Sum(
      double areaMm2,
      double where,
      double firstCoat,
      int times,
      double spreadM2PerLitre,
      double loss) {}
}
