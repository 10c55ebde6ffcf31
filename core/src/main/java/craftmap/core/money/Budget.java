package craftmap.core.money;

import java.util.List;

/** The most that may be spent. */
public record Budget(Money limit) {
  /** How what has to be spent stands against it. */
  public enum Verdict {
    WITHIN,
    OVER,
    /** Not all of it has a price in the currency of the limit. */
    UNKNOWN
  }

  /**
   * What a sum comes to.
   *
   * @param totals each currency by itself: they do not add up
   * @param allPriced whether everything that has to be bought is in them
   */
  public Verdict of(List<Money> totals, boolean allPriced) {
    if (Money.in(totals, limit.currency()).compareTo(limit) > 0) {
      return Verdict.OVER;
    }
    boolean known =
        allPriced
            && totals.stream()
                .allMatch(m -> m.minor() == 0 || m.currency().equals(limit.currency()));
    return known ? Verdict.WITHIN : Verdict.UNKNOWN;
  }

  /** By how much it is kept, or gone over, in its own currency. */
  public Money apart(List<Money> totals) {
    return new Money(
        Math.abs(Money.in(totals, limit.currency()).minor() - limit.minor()), limit.currency());
  }
}
