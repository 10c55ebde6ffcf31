package craftmap.server.piece.document;

import craftmap.core.lay.rule.Way;

public record PickDoc(Way way, int count, int across) {}
