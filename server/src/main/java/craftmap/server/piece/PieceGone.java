package craftmap.server.piece;

import craftmap.server.studio.Studio;

/** A piece is being deleted; what others keep for it goes with it, in the same transaction. */
public record PieceGone(Studio studio, String pieceId) {}
