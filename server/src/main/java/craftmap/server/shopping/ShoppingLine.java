package craftmap.server.shopping;

import craftmap.core.money.Money;
import java.time.Instant;
import java.util.Optional;

/**
 * A line of the shopping list.
 *
 * @param total what it costs, where that is known
 * @param done ticked off: it is in the basket
 * @param bought that it was booked onto the shelf
 */
record ShoppingLine(
    String id,
    ShoppingItem item,
    int quantity,
    Optional<Money> total,
    boolean done,
    Optional<Bought> bought) {
  /** When, and by whom. */
  record Bought(Instant at, String by) {}

  boolean isOpen() {
    return bought.isEmpty();
  }

  /** Whether it stands as it was worked out, untouched by anybody. */
  boolean isAsPlanned() {
    return item.planned() && !done && isOpen();
  }
}
