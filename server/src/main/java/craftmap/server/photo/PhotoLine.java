package craftmap.server.photo;

import java.time.Instant;
import java.util.Optional;

/** A photo's row without its pictures. */
record PhotoLine(
    String id,
    Stage stage,
    String caption,
    String faceId,
    String stepKey,
    int widthPx,
    int heightPx,
    Instant madeAt,
    long version) {
  Photo photo() {
    return new Photo(
        id,
        stage,
        caption,
        Optional.ofNullable(faceId),
        Optional.ofNullable(stepKey),
        widthPx,
        heightPx,
        madeAt,
        version);
  }
}
