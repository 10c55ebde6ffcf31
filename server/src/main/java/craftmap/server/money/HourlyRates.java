package craftmap.server.money;

import craftmap.core.money.Money;
import craftmap.server.studio.Studio;
import org.springframework.stereotype.Component;

/** What others may know of how a studio charges. */
@Component
public class HourlyRates {
  private final MoneyBook book;

  HourlyRates(MoneyBook book) {
    this.book = book;
  }

  /** What an hour costs, and the margin on top of all costs. */
  public record Charged(Money hourly, int marginPercent) {}

  public Charged of(Studio studio) {
    Rates rates = book.rates(studio).what();
    return new Charged(rates.hourly(), rates.margin());
  }
}
