package craftmap.server.photo;

import java.time.Instant;
import java.util.Optional;

/**
 * A photo, without its picture.
 *
 * @param faceId the face it shows
 * @param stepKey the step it was taken at
 * @param version how often its words were changed
 */
public record Photo(
    String id,
    Stage stage,
    String caption,
    Optional<String> faceId,
    Optional<String> stepKey,
    int widthPx,
    int heightPx,
    Instant madeAt,
    long version) {}
