package craftmap.server.shopping;

import craftmap.core.money.Basket;
import craftmap.core.money.Money;
import craftmap.core.money.Pack;
import craftmap.server.supplier.Offers;
import craftmap.server.supplier.PriceList;
import craftmap.server.supplier.PriceLists;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The least money that what is missing comes to, over all shops that are known. */
@Component
class Buying {
  private static final int DECIMALS = 2;

  private final Offers offers;
  private final PriceLists lists;

  Buying(Offers offers, PriceLists lists) {
    this.offers = offers;
    this.lists = lists;
  }

  /**
   * What is bought.
   *
   * @param baskets one for each currency: they do not add up
   * @param picks what is bought for each thing that is missing, by its key
   * @param unsold what nobody is known to sell
   * @param otherWays what it would come to in one shop alone, where that costs more
   */
  record Bought(
      List<Basket> baskets,
      Map<String, List<Pick>> picks,
      List<Together.Line> unsold,
      List<OtherWay> otherWays) {
    List<Money> totals() {
      return Money.totals(baskets.stream().map(Basket::total).toList());
    }
  }

  /** So many packs of an offer. */
  record Pick(Offers.Offer offer, int count) {
    Money price() {
      return offer.pack().price().times(count);
    }

    BigDecimal holds() {
      return offer.pack().holds().multiply(BigDecimal.valueOf(count));
    }
  }

  /**
   * Everything from one shop.
   *
   * @param more what that costs more; none where the shop has not got everything
   */
  record OtherWay(PriceList list, Optional<Money> more) {}

  /**
   * The cheapest way to it.
   *
   * @param coming what is on its way already, by key
   */
  Bought plan(String studioId, List<Together.Line> lines, Map<String, BigDecimal> coming) {
    Map<String, Money> charges = new HashMap<>();
    lists.all().forEach(l -> l.delivery().ifPresent(d -> charges.put(l.id(), d)));
    Map<String, List<Offers.Offer>> offered = new HashMap<>();
    Map<String, List<Basket.Wanted>> byCurrency = new LinkedHashMap<>();
    List<Together.Line> unsold = new ArrayList<>();
    for (Together.Line line : lines) {
      String key = line.supply().key();
      BigDecimal wanted =
          BigDecimal.valueOf(line.toBuy())
              .setScale(DECIMALS, RoundingMode.UP)
              .subtract(coming.getOrDefault(key, BigDecimal.ZERO));
      if (wanted.signum() <= 0) {
        continue;
      }
      List<Offers.Offer> sold = offers(studioId, line.supply());
      if (sold.isEmpty()) {
        unsold.add(line);
        continue;
      }
      offered.put(key, sold);
      byCurrency
          .computeIfAbsent(sold.getFirst().pack().price().currency(), c -> new ArrayList<>())
          .add(
              new Basket.Wanted(
                  key,
                  wanted,
                  sold.stream().map(o -> new Basket.Offer(o.shopId(), o.pack())).toList()));
    }
    List<Basket> baskets = new ArrayList<>();
    List<OtherWay> others = new ArrayList<>();
    byCurrency.forEach(
        (currency, wanted) -> {
          Map<String, Money> here = inCurrency(charges, currency);
          Basket.cheapest(wanted, here)
              .ifPresent(
                  b -> {
                    baskets.add(b);
                    others.addAll(otherWays(b, wanted, here));
                  });
        });
    return new Bought(baskets, picks(baskets, offered), unsold, others);
  }

  private static Map<String, Money> inCurrency(Map<String, Money> charges, String currency) {
    return charges.entrySet().stream()
        .filter(c -> c.getValue().currency().equals(currency))
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  private List<OtherWay> otherWays(
      Basket best, List<Basket.Wanted> wanted, Map<String, Money> charges) {
    return lists.all().stream()
        .filter(l -> !best.shops().equals(Set.of(l.id())))
        .map(
            l ->
                new OtherWay(
                    l,
                    Basket.fromOne(l.id(), wanted, charges)
                        .map(
                            b ->
                                new Money(
                                    b.total().minor() - best.total().minor(),
                                    b.total().currency()))))
        .sorted(Comparator.comparing(o -> o.more().map(Money::minor).orElse(Long.MAX_VALUE)))
        .toList();
  }

  private List<Offers.Offer> offers(String studioId, Supply supply) {
    return switch (supply) {
      case Supply.OfMedium of -> offers.ofOwned(studioId, of.medium().id());
      case Supply.OfKind of -> offers.ofKind(of.medium().id(), of.medium());
      case Supply.OfDesign of -> offers.ofDesign(of.design());
      case Supply.OfFilm of -> offers.ofFilm(studioId, of.film(), of.widthMm());
    };
  }

  private static Map<String, List<Pick>> picks(
      List<Basket> baskets, Map<String, List<Offers.Offer>> offered) {
    Map<String, List<Pick>> picks = new HashMap<>();
    for (Basket basket : baskets) {
      for (Basket.Line line : basket.lines()) {
        Pack pack = line.offer().pack();
        Offers.Offer offer =
            offered.get(line.key()).stream()
                .filter(o -> o.shopId().equals(line.offer().shop()) && o.pack().equals(pack))
                .findFirst()
                .orElseThrow();
        picks
            .computeIfAbsent(line.key(), k -> new ArrayList<>())
            .add(new Pick(offer, line.count()));
      }
    }
    return picks;
  }
}
