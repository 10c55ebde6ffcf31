package craftmap.server.money;

import craftmap.core.money.Money;
import craftmap.server.studio.Studio;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What pieces are sold for, where somebody said so; what they cost stays with the studio. */
@Component
public class AskedPrices {
  private final MoneyBook book;

  AskedPrices(MoneyBook book) {
    this.book = book;
  }

  public Optional<Money> of(Studio studio, String pieceId) {
    return book.purse(studio, pieceId).what().asked();
  }
}
