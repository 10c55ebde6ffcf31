package craftmap.server.sight;

import java.util.List;

/**
 * Where a face was found on a photo.
 *
 * @param version how often that was changed
 */
public record KeptSighting(String faceId, List<KeptPin> pins, long version) {
  public KeptSighting {
    pins = List.copyOf(pins);
  }

  /**
   * A place of the face by its name, and where it is on the photo: pixels from its top left corner.
   */
  public record KeptPin(String anchor, double x, double y) {}
}
