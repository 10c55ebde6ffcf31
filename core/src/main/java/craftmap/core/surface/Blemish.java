package craftmap.core.surface;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;

/**
 * Damage the artist wants to hide, taken as a round spot.
 *
 * @param number what the pin on the map says
 */
public record Blemish(String id, int number, String kind, Point centre, double diameterMm) {
  public Blemish {
    if (kind == null || kind.isBlank()) {
      throw new RefusedInput("Kind of blemish " + number, "empty", "says nothing", "a short word");
    }
    diameterMm = LengthRange.SIZE.upTo(2000).check("Size of blemish " + number, diameterMm);
  }
}
