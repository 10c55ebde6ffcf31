package craftmap.server.changes;

/** What an answer may follow from, as whoever shows it needs to know. */
public enum Tag {
  /** The studio itself: its name, its tape. */
  STUDIO,
  /** Who belongs to the studio, who was invited, and what is paired with it. */
  PEOPLE,
  /** Pieces and their plans. */
  PLAN,
  /** Designs, media, tools, stocks and what is asked of them. */
  SHELF,
  PHOTOS,
  /** What clients may look at, and what they said. */
  LOOKS,
  /** What hours are worth, and what was said about the money of pieces. */
  MONEY,
  /** The shopping list. */
  SHOPPING
}
