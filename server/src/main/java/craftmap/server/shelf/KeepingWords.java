package craftmap.server.shelf;

import craftmap.core.supply.Keeping;
import craftmap.server.stock.Holding;
import craftmap.server.words.Words;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** What to mind about a stock that goes off. */
public final class KeepingWords {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private KeepingWords() {}

  /** Of a pot; of an empty one there is nothing to mind. */
  public static List<String> of(Pot pot, LocalDate today) {
    return of(pot.holding(), pot.medium().mixing().keepsOpenedMonths(), today);
  }

  /** Of anything; what is not wet does not mind being opened. */
  public static List<String> of(Holding of, int keepsMonths, LocalDate today) {
    if (of.level().signum() <= 0) {
      return List.of();
    }
    return Keeping.on(today, of.particulars().expiresOn(), of.particulars().openedOn(), keepsMonths)
        .stream()
        .map(n -> Words.say("keeping", n.kind(), of.code().text(), DAY.format(n.day())))
        .toList();
  }
}
