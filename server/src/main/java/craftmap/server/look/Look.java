package craftmap.server.look;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What a client may look at.
 *
 * @param name whom it is for, as the studio calls them
 * @param pieces that were chosen, in the order in which they were begun
 * @param lookedAt when it was opened last
 */
record Look(
    String id,
    String studioId,
    String name,
    List<String> pieces,
    boolean withPhotos,
    boolean withPrice,
    String madeBy,
    Instant endsAt,
    Optional<Instant> lookedAt) {}
