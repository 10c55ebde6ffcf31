package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.log.Effort;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * What a band comes to.
 *
 * @param under what shows under it
 * @param shades what shows after each of its coats; none of what has no colour
 * @param ml what it takes out of a pot
 * @param handsOn work, without waiting
 * @param effort what its pace is learned by; none where it goes by nothing
 * @param sheets of sandpaper
 * @param tapeMm of tape
 * @param working in which batches and sections
 */
public record BandReading(
    Band band,
    Lab under,
    List<Shade> shades,
    Optional<Sum> sum,
    double ml,
    Duration handsOn,
    Optional<Effort> effort,
    double sheets,
    double tapeMm,
    Working working) {
  public BandReading {
    shades = List.copyOf(shades);
  }

  /**
   * What one of its coats takes out of a pot: the first takes more where it soaks in.
   *
   * @param n from 1
   */
  public double mlOfCoat(int n) {
    return sum.map(s -> ml * (n == 1 ? s.firstCoat() : 1) / (s.firstCoat() + s.times() - 1))
        .orElse(ml);
  }

  /** The pot that it takes out of itself; a lay has its own. */
  public Optional<String> potId() {
    return product().flatMap(InHand::potId);
  }

  /** What it takes, owned or not; a lay has its own. */
  public Optional<InHand> product() {
    return switch (band) {
      case Band.Coat coat -> Optional.of(coat.of());
      case Band.Step step -> step.of();
      case Band.OfLay _ -> Optional.empty();
    };
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
