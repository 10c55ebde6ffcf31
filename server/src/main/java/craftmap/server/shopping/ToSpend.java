package craftmap.server.shopping;

import craftmap.core.money.Money;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Available;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What a piece still needs bought, at the least that it can be bought for. */
@Component
public class ToSpend {
  private final Together together;
  private final Buying buying;

  ToSpend(Together together, Buying buying) {
    this.together = together;
    this.buying = buying;
  }

  /**
   * What it comes to.
   *
   * @param totals with delivery, each currency by itself
   * @param lacks what is short
   * @param uncounted how much is not counted, since no pot is named or it does not fit
   */
  public record Sum(List<Money> totals, List<Lack> lacks, int uncounted) {
    /** In one currency. */
    public Money in(String currency) {
      return Money.in(totals, currency);
    }

    /** What nobody is known to sell. */
    public List<String> unsold() {
      return lacks.stream().filter(l -> !l.sold()).map(Lack::name).toList();
    }
  }

  /**
   * Something that there is not enough of.
   *
   * @param thing the medium's or the design's id, or the kind of medium; empty of film
   * @param missing how much of it is missing, as people say it
   * @param amount the same as a figure, in its unit
   * @param sold whether anybody is known to sell it
   */
  public record Lack(String thing, String name, String missing, double amount, boolean sold) {}

  @Solves
  public Sum of(Studio studio, SavedPlan piece) {
    Together.All all = together.of(studio, List.of(piece));
    Buying.Bought bought = buying.plan(studio.id(), all.lines(), Map.of());
    List<Lack> lacks =
        all.lines().stream()
            .filter(l -> l.toBuy() > 0)
            .map(
                l ->
                    new Lack(
                        thing(l.supply()),
                        l.supply().name(),
                        Available.amount(l.toBuy(), l.supply().unit(), studio.tape()),
                        l.toBuy(),
                        !bought.unsold().contains(l)))
            .toList();
    return new Sum(
        bought.totals(), lacks, all.open().stream().mapToInt(o -> o.unnamed() + o.notLaid()).sum());
  }

  private static String thing(Supply supply) {
    return switch (supply) {
      case Supply.OfMedium of -> of.medium().id();
      case Supply.OfKind of -> of.medium().id();
      case Supply.OfDesign of -> of.design().id();
      case Supply.OfFilm _ -> "";
    };
  }
}
