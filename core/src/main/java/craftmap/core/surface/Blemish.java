package craftmap.core.surface;

import craftmap.core.measure.LengthRange;

/**
 * Damage the artist wants to hide, taken as a round spot.
 *
 * @param number what the pin on the map says
 */
public record Blemish(String id, int number, String kind, Point centre, double diameterMm) {
  public Blemish {
    diameterMm = LengthRange.SIZE.upTo(2000).check("Size of blemish " + number, diameterMm);
  }
}
