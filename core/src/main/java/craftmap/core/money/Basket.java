package craftmap.core.money;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What is bought of several things together, of several shops. All prices are of one currency.
 *
 * @param delivery what the shops charge for bringing it, each once
 * @param over how much more is bought than is wanted: of each thing as a share of what is wanted of
 *     it, added up, since millilitres and sheets do not add up
 */
public record Basket(List<Line> lines, Money goods, Money delivery, double over) {
  /** So many shops that charge for delivery are combined in every way there is. */
  public static final int MOST_CHARGING_SHOPS = 10;

  private static final Comparator<Basket> BEST =
      Comparator.comparing(Basket::total)
          .thenComparingDouble(Basket::over)
          .thenComparingInt(b -> b.shops().size());

  public Basket {
    lines = List.copyOf(lines);
  }

  /** A pack that a shop sells. */
  public record Offer(String shop, Pack pack) {}

  /**
   * Something of which so much is wanted.
   *
   * @param quantity in what its packs are measured in
   */
  public record Wanted(String key, BigDecimal quantity, List<Offer> offers) {
    public Wanted {
      offers = List.copyOf(offers);
    }
  }

  /** So many of one pack, from one shop, for one thing. */
  public record Line(String key, Offer offer, int count) {
    public Money price() {
      return offer.pack().price().times(count);
    }
  }

  public Money total() {
    return goods.plus(delivery);
  }

  /** Where something is bought. */
  public Set<String> shops() {
    return lines.stream().map(l -> l.offer().shop()).collect(Collectors.toCollection(TreeSet::new));
  }

  /**
   * For the least money with what delivery costs, then the least left over, then from the fewest
   * shops. It is exact: which of the charging shops are bought from is tried in every way, and
   * within one such choice the things do not touch each other, so that each is bought by itself as
   * {@link Purchase#cheapest} does.
   *
   * @param charges what a shop charges for delivery; shops that are not named bring nothing
   * @return none where nothing is wanted, or something of it cannot be bought
   */
  public static Optional<Basket> cheapest(List<Wanted> wanted, Map<String, Money> charges) {
    List<String> charging =
        wanted.stream()
            .flatMap(w -> w.offers().stream())
            .map(Offer::shop)
            .filter(charges::containsKey)
            .distinct()
            .sorted()
            .toList();
    if (charging.size() > MOST_CHARGING_SHOPS) {
      throw new IllegalArgumentException(charging.size() + " shops that charge for delivery");
    }
    Map<String, Optional<Purchase>> known = new HashMap<>();
    Optional<Basket> best = Optional.empty();
    for (int choice = 0; choice < 1 << charging.size(); choice++) {
      List<String> left = new ArrayList<>();
      for (int i = 0; i < charging.size(); i++) {
        if ((choice & 1 << i) == 0) {
          left.add(charging.get(i));
        }
      }
      Optional<Basket> bought = without(left, wanted, charges, known);
      if (bought.isPresent() && best.filter(b -> BEST.compare(b, bought.get()) <= 0).isEmpty()) {
        best = bought;
      }
    }
    return best;
  }

  /** Everything from one shop, where it has everything. */
  public static Optional<Basket> fromOne(
      String shop, List<Wanted> wanted, Map<String, Money> charges) {
    return cheapest(
        wanted.stream()
            .map(
                w ->
                    new Wanted(
                        w.key(),
                        w.quantity(),
                        w.offers().stream().filter(o -> o.shop().equals(shop)).toList()))
            .toList(),
        charges);
  }

  private static Optional<Basket> without(
      List<String> left,
      List<Wanted> wanted,
      Map<String, Money> charges,
      Map<String, Optional<Purchase>> known) {
    List<Line> lines = new ArrayList<>();
    Optional<Money> goods = Optional.empty();
    double over = 0;
    for (int i = 0; i < wanted.size(); i++) {
      Wanted w = wanted.get(i);
      List<Offer> open = w.offers().stream().filter(o -> !left.contains(o.shop())).toList();
      String asked = i + " " + open.stream().map(Offer::shop).distinct().toList();
      Optional<Purchase> bought =
          known.computeIfAbsent(
              asked, k -> Purchase.cheapest(open.stream().map(Offer::pack).toList(), w.quantity()));
      if (bought.isEmpty()) {
        return Optional.empty();
      }
      bought.get().lines().forEach(l -> lines.add(line(w.key(), l, open)));
      Money price = bought.get().price();
      goods = Optional.of(goods.map(g -> g.plus(price)).orElse(price));
      over += bought.get().over().divide(w.quantity(), MathContext.DECIMAL64).doubleValue();
    }
    if (goods.isEmpty()) {
      return Optional.empty();
    }
    Money delivery =
        lines.stream()
            .map(l -> l.offer().shop())
            .distinct()
            .filter(charges::containsKey)
            .map(charges::get)
            .reduce(goods.get().times(0), Money::plus);
    return Optional.of(new Basket(lines, goods.get(), delivery, over));
  }

  private static Line line(String key, Purchase.Line of, List<Offer> offers) {
    Offer offer = offers.stream().filter(o -> o.pack().equals(of.pack())).findFirst().orElseThrow();
    return new Line(key, offer, of.count());
  }
}
