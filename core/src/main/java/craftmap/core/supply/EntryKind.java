package craftmap.core.supply;

/** Why a level changed. */
public enum EntryKind {
  BOUGHT(1),
  USED(-1),
  SPILLED(-1),
  /** The level was found to be another than the ledger says, or a booking was taken back. */
  CORRECTED(0),
  GIVEN_AWAY(-1),
  SPOILED(-1);

  private final int sign;

  EntryKind(int sign) {
    this.sign = sign;
  }

  /** 1 where the level rises, -1 where it falls, 0 where it may do either. */
  public int sign() {
    return sign;
  }
}
