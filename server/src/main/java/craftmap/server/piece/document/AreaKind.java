package craftmap.server.piece.document;

/** The kinds of area. */
public enum AreaKind {
  UPRIGHT,
  ROUND,
  CORNERS,
  STRIP,
  RIM
}
