package craftmap.server.coats;

import craftmap.core.coats.InHand;
import craftmap.core.medium.Medium;
import craftmap.core.money.Money;
import craftmap.core.money.Purchase;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.StillToTake;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.piece.Pieces;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Ledger;
import craftmap.server.studio.Studio;
import craftmap.server.supplier.Offers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What is still to be spent on a piece: on what its coats and lays take beyond what it may have.
 */
@Component
class Cash {
  /** Below this nothing is short: it clings to the pot. */
  private static final double A_DROP_ML = 0.5;

  private static final int DECIMALS = 2;

  private final Pieces pieces;
  private final ShelfService shelf;
  private final Ledger ledger;
  private final Offers offers;

  Cash(Pieces pieces, ShelfService shelf, Ledger ledger, Offers offers) {
    this.pieces = pieces;
    this.shelf = shelf;
    this.ledger = ledger;
    this.offers = offers;
  }

  /**
   * What it comes to.
   *
   * @param totals each currency by itself
   * @param unpriced what is short and nobody is known to sell
   */
  record Spending(List<Money> totals, List<String> unpriced) {}

  Spending of(Studio studio, String pieceId, Plan plan, CoatsReading coats) {
    PlanReading reading = pieces.read(studio, plan);
    StillToTake still =
        StillToTake.of(
            pieceId,
            plan.order(),
            reading,
            pieces.coats(studio, plan),
            ledger.usedByLay(studio.id(), pieceId).keySet());
    Map<String, Double> fromPots = new HashMap<>(coats.stillFromPots(still::of));
    reading.lays().stream()
        .filter(LayReading.Laid.class::isInstance)
        .map(LayReading.Laid.class::cast)
        .forEach(
            l ->
                l.lay()
                    .potId()
                    .ifPresent(
                        pot ->
                            fromPots.merge(
                                pot, still.of(l.lay().id(), l.takes().potMl()), Double::sum)));
    Map<String, Double> free = shelf.availableMl(studio.id(), pieceId, fromPots.keySet());
    Map<String, Short> wanted = new LinkedHashMap<>();
    shelf
        .allPots(studio.id())
        .forEach(
            pot -> {
              String id = pot.holding().id();
              double missing = fromPots.getOrDefault(id, 0.0) - free.getOrDefault(id, 0.0);
              add(wanted, new Short(pot.medium(), true, missing));
            });
    unowned(coats, still).forEach(s -> add(wanted, s));
    List<Money> paid = new ArrayList<>();
    List<String> unpriced = new ArrayList<>();
    for (Short s : wanted.values()) {
      price(studio, s).ifPresentOrElse(paid::add, () -> unpriced.add(s.medium().name()));
    }
    return new Spending(Money.totals(paid), unpriced);
  }

  /** So much more of something than there is. */
  private record Short(Medium medium, boolean owned, double ml) {
    private String key() {
      return medium.id() + " " + medium.coverage().colour().hex();
    }

    private Short and(Short other) {
      return new Short(medium, owned, ml + other.ml);
    }

    /** In what its packs are measured in. */
    private BigDecimal quantity() {
      return BigDecimal.valueOf(medium.inItsUnit(ml)).setScale(DECIMALS, RoundingMode.UP);
    }
  }

  private static void add(Map<String, Short> wanted, Short s) {
    if (s.ml() > A_DROP_ML) {
      wanted.merge(s.key(), s, Short::and);
    }
  }

  /** Coats and preparation for which nothing stands on the shelf. */
  private static Stream<Short> unowned(CoatsReading coats, StillToTake still) {
    return coats.groups().stream()
        .flatMap(
            g ->
                g.bands().stream()
                    .flatMap(
                        b ->
                            b
                                .product()
                                .filter(p -> !p.isOwned())
                                .map(p -> shortOf(p, still.of(CoatsReading.useId(g, b), b.ml())))
                                .stream()));
  }

  private static Short shortOf(InHand product, double ml) {
    return new Short(product.medium(), false, ml);
  }

  private Optional<Money> price(Studio studio, Short s) {
    List<Offers.Offer> sold =
        s.owned()
            ? offers.ofOwned(studio.id(), s.medium().id())
            : offers.ofKind(s.medium().id(), s.medium());
    return Purchase.cheapest(sold.stream().map(Offers.Offer::pack).toList(), s.quantity())
        .map(Purchase::price);
  }
}
