package craftmap.server.piece.document;

import craftmap.core.lay.rule.Way;

/**
 * An option as it was picked.
 *
 * @param way the name of a {@link Way}
 */
public record PickDoc(String way, int count, int across) {}
