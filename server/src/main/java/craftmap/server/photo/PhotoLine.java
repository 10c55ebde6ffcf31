package craftmap.server.photo;

import java.time.Instant;
import java.util.Optional;

/** A photo's row without its pictures. */
record PhotoLine(
    String id,
    Stage stage,
    String caption,
    String faceId,
    int widthPx,
    int heightPx,
    Instant madeAt,
    long version) {
  Photo photo() {
    return new Photo(
        id, stage, caption, Optional.ofNullable(faceId), widthPx, heightPx, madeAt, version);
  }
}
