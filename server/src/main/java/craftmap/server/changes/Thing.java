package craftmap.server.changes;

/** Kinds of things that change. */
public enum Thing {
  STUDIO(Tag.STUDIO),
  /** Who belongs to it, and who was invited. */
  PEOPLE(Tag.PEOPLE),
  /** What is paired with it over its own network. */
  DEVICE(Tag.PEOPLE),
  PIECE(Tag.PLAN),
  DESIGN(Tag.SHELF),
  MEDIUM(Tag.SHELF),
  TOOL(Tag.SHELF),
  SCHEME(Tag.SHELF),
  /** Its level, and what is noted about it. */
  STOCK(Tag.SHELF),
  /** What is kept for a piece, by the piece's id. */
  CLAIMS(Tag.SHELF),
  /** What the bench has taught, and what was decided about it. */
  LEARNED(Tag.SHELF),
  /** What an hour is worth, or what was said about the money of a piece. */
  MONEY(Tag.MONEY),
  PHOTO(Tag.PHOTOS),
  /** What a client may look at, or what they said. */
  LOOK(Tag.LOOKS),
  SHOPPING_LINE(Tag.SHOPPING);

  private final Tag tag;

  Thing(Tag tag) {
    this.tag = tag;
  }

  public Tag tag() {
    return tag;
  }
}
