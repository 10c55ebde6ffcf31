package craftmap.server.money;

import craftmap.core.money.Money;
import java.util.Optional;

/**
 * What somebody said about the money of a piece.
 *
 * @param paid for it as it came
 * @param budget what may still be spent on supplies for it
 * @param asked what it is sold for
 */
record Purse(Optional<Money> paid, Optional<Money> budget, Optional<Money> asked) {
  static final Purse EMPTY = new Purse(Optional.empty(), Optional.empty(), Optional.empty());
}
