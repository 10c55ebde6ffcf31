package craftmap.server.money;

import craftmap.core.money.Money;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Studio;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What others may know of the money of a piece. */
@Service
@Transactional(readOnly = true)
public class PieceMoney {
  private final MoneyBook book;
  private final Worth worth;

  PieceMoney(MoneyBook book, Worth worth) {
    this.book = book;
    this.worth = worth;
  }

  /** What is asked for it; none where nobody said. */
  public Optional<Money> asked(Studio studio, String pieceId) {
    return book.purse(studio, pieceId).what().asked();
  }

  /** What so much of a stock is worth; none where nobody knows what it costs. */
  public Optional<Money> worth(Studio studio, Holding of, double quantity) {
    return worth.each(studio, of).map(e -> e.money(quantity));
  }
}
