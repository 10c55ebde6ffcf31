package craftmap.core.lay.rule;

/**
 * A rule as it is written down, with what it is read as: read once, for it is asked for all the
 * time.
 */
public final class Ruled {
  private final RuleNote note;
  private final LayRule rule;

  /** Refused where what is written down is no rule. */
  public Ruled(RuleNote note) {
    this.note = note;
    this.rule = note.read();
  }

  public RuleNote note() {
    return note;
  }

  public LayRule rule() {
    return rule;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Ruled r && note.equals(r.note);
  }

  @Override
  public int hashCode() {
    return note.hashCode();
  }

  @Override
  public String toString() {
    return note.toString();
  }
}
