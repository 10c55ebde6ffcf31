package craftmap.server.shelf;

import craftmap.core.money.Money;
import java.util.Optional;

/** Prices as they are typed. */
final class Prices {
  private static final String USUAL = "EUR";

  private Prices() {}

  /** None where none was typed. */
  static Optional<Money> read(String figure, String currency) {
    return figure == null || figure.isBlank()
        ? Optional.empty()
        : Optional.of(
            Money.read(figure, currency == null || currency.isBlank() ? USUAL : currency));
  }
}
