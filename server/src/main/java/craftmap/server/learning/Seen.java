package craftmap.server.learning;

import craftmap.core.log.Observation;
import java.time.Instant;

/**
 * Something that was seen, with where that was.
 *
 * @param happened when
 * @param by whoever told it; empty where nobody said
 */
public record Seen(Observation what, Instant happened, String pieceName, String title, String by) {}
