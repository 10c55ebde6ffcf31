package craftmap.server.piece.document;

/**
 * What an added face is set into.
 *
 * @param at where it begins on that face
 */
public record SetIntoDoc(String faceId, PointDoc at) {}
