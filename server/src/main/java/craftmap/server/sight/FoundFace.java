package craftmap.server.sight;

import java.util.List;

/** A face that was found on a photo, by places that are known on both, as files have it. */
public record FoundFace(String faceId, List<KeptSighting.KeptPin> pins) {
  public FoundFace {
    pins = List.copyOf(pins);
  }
}
