package craftmap.core.supply;

/** Why a level changed. */
public enum EntryKind {
  BOUGHT(Way.RAISES),
  /** Mixed from other pots, which were booked as used. */
  MIXED(Way.RAISES),
  /** A sealed pot was opened: nothing is gone, but from then on it ages. */
  OPENED(Way.LEAVES),
  USED(Way.LOWERS),
  SPILLED(Way.LOWERS),
  /** The level was found to be another than the ledger says, or a booking was taken back. */
  CORRECTED(Way.EITHER),
  GIVEN_AWAY(Way.LOWERS),
  SPOILED(Way.LOWERS),
  /** A usable leftover went back onto the shelf. */
  OFFCUT(Way.RAISES);

  /** What an entry does to the level. */
  public enum Way {
    RAISES,
    LOWERS,
    EITHER,
    LEAVES
  }

  private final Way way;

  EntryKind(Way way) {
    this.way = way;
  }

  public Way way() {
    return way;
  }

  /** Whether a change of this sign may stand under this kind. */
  boolean allows(int signum) {
    return switch (way) {
      case RAISES -> signum > 0;
      case LOWERS -> signum < 0;
      case EITHER -> signum != 0;
      case LEAVES -> signum == 0;
    };
  }
}
