package craftmap.server.money;

import craftmap.core.money.Costing;
import craftmap.core.money.Money;

/**
 * What an hour is worth in a studio, and how it comes to the price of a piece.
 *
 * @param hourly what an hour costs
 * @param margin on top of all costs, in percent
 * @param wage what an hour should bring
 */
record Rates(Money hourly, int margin, Money wage, Way way) {
  /** The two schools. */
  enum Way {
    /** Costs with everybody's time, and a margin on that. */
    MARGIN,
    /** Costs, and for each hour what it should bring. */
    WAGE
  }

  static final Rates USUAL =
      new Rates(new Money(1500, "EUR"), 20, new Money(1800, "EUR"), Way.MARGIN);

  Rates {
    Costing.margin(margin);
  }

  String currency() {
    return hourly.currency();
  }

  Money nothing() {
    return new Money(0, currency());
  }

  Money price(Costing costing, Way by) {
    return switch (by) {
      case MARGIN -> costing.byMargin(hourly, margin);
      case WAGE -> costing.byWage(wage);
    };
  }
}
