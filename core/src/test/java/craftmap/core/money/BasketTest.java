package craftmap.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BasketTest {
  private static Money euros(String figure) {
    return Money.read(figure, "EUR");
  }

  private static Basket.Offer offer(String shop, String holds, String price) {
    return new Basket.Offer(shop, new Pack(new BigDecimal(holds), euros(price)));
  }

  private static Basket.Wanted wanted(String key, String quantity, Basket.Offer... offers) {
    return new Basket.Wanted(key, new BigDecimal(quantity), List.of(offers));
  }

  private static Basket cheapest(List<Basket.Wanted> wanted, Map<String, Money> charges) {
    return Basket.cheapest(wanted, charges).orElseThrow();
  }

  @Test
  void aCheaperPackIsLeftWhereItsDeliveryCostsMoreThanItSaves() {
    Basket.Wanted paint =
        wanted("paint", "100", offer("near", "118", "6.40"), offer("far", "118", "4.90"));
    Basket.Wanted wax =
        wanted("wax", "90", offer("near", "120", "9.10"), offer("far", "120", "7.35"));
    Map<String, Money> charges = Map.of("far", euros("3.00"));

    Basket paintOnly = cheapest(List.of(paint), charges);
    assertThat(paintOnly.shops()).containsExactly("near");
    assertThat(paintOnly.total()).isEqualTo(euros("6.40"));

    // 1.50 and 1.75 saved together are more than the 3.00 for bringing both
    Basket both = cheapest(List.of(paint, wax), charges);
    assertThat(both.shops()).containsExactly("far");
    assertThat(both.delivery()).isEqualTo(euros("3.00"));
    assertThat(both.total()).isEqualTo(euros("15.25"));
  }

  @Test
  void oneThingMayComeFromTwoShops() {
    Basket bought =
        cheapest(
            List.of(wanted("paint", "570", offer("a", "473", "16.50"), offer("b", "118", "5.10"))),
            Map.of());
    assertThat(bought.lines()).hasSize(2);
    assertThat(bought.total()).isEqualTo(euros("21.60"));
  }

  @Test
  void whatOnlyOneShopHasIsBoughtThereWhateverItCharges() {
    Basket bought =
        cheapest(
            List.of(
                wanted("foil", "2000", offer("far", "10000", "8.90")),
                wanted("paint", "40", offer("near", "118", "6.40"), offer("far", "118", "6.35"))),
            Map.of("far", euros("4.90")));
    assertThat(bought.shops()).containsExactly("far");
    assertThat(bought.total()).isEqualTo(euros("20.15"));
  }

  @Test
  void forTheSameMoneyLessIsLeftOverAndFewerShopsAreVisited() {
    Basket less =
        cheapest(
            List.of(wanted("w", "97", offer("a", "118", "6.40"), offer("b", "100", "6.40"))),
            Map.of());
    assertThat(less.shops()).containsExactly("b");

    Basket fewer =
        cheapest(
            List.of(
                wanted("one", "97", offer("a", "118", "6.40"), offer("b", "118", "6.40")),
                wanted("two", "97", offer("b", "118", "6.40"))),
            Map.of("a", euros("0.00")));
    assertThat(fewer.shops()).containsExactly("b");
  }

  @Test
  void nothingIsBoughtWhereNothingIsWantedOrSomethingIsNotSold() {
    assertThat(Basket.cheapest(List.of(), Map.of())).isEmpty();
    assertThat(
            Basket.cheapest(
                List.of(wanted("a", "10", offer("s", "118", "6.40")), wanted("b", "10")), Map.of()))
        .isEmpty();
  }

  @Test
  void allFromOneShopIsTheSameSumWithoutTheOthers() {
    List<Basket.Wanted> wanted =
        List.of(
            wanted("paint", "100", offer("near", "118", "6.40"), offer("far", "118", "4.90")),
            wanted("foil", "2000", offer("far", "10000", "8.90")));
    Map<String, Money> charges = Map.of("far", euros("3.00"));
    assertThat(Basket.fromOne("far", wanted, charges).orElseThrow().total())
        .isEqualTo(euros("16.80"));
    assertThat(Basket.fromOne("near", wanted, charges)).isEmpty();
  }

  @Test
  void moreChargingShopsThanCanBeCombinedAreRefused() {
    Map<String, Money> charges = new HashMap<>();
    List<Basket.Offer> offers = new ArrayList<>();
    IntStream.rangeClosed(0, Basket.MOST_CHARGING_SHOPS)
        .forEach(
            i -> {
              charges.put("shop" + i, euros("1.00"));
              offers.add(offer("shop" + i, "10", "2.00"));
            });
    assertThatThrownBy(
            () -> Basket.cheapest(List.of(new Basket.Wanted("w", BigDecimal.TEN, offers)), charges))
        .hasMessageContaining("11 shops");
  }

  /** No counts of all the packs of all the shops hold enough for less with their deliveries. */
  @ParameterizedTest
  @ValueSource(ints = {3, 17, 71, 209, 1013})
  void noOtherBasketIsCheaper(int seed) {
    Random random = new Random(seed);
    for (int run = 0; run < 40; run++) {
      List<String> shops = List.of("ash", "birch", "cedar").subList(0, 1 + random.nextInt(3));
      Map<String, Money> charges = new HashMap<>();
      for (String shop : shops) {
        if (random.nextInt(3) > 0) {
          charges.put(shop, new Money(random.nextInt(700), "EUR"));
        }
      }
      List<Basket.Wanted> wanted = new ArrayList<>();
      int things = 1 + random.nextInt(3);
      for (int t = 0; t < things; t++) {
        List<Basket.Offer> offers = new ArrayList<>();
        int packs = 1 + random.nextInt(3);
        for (int p = 0; p < packs; p++) {
          offers.add(
              new Basket.Offer(
                  shops.get(random.nextInt(shops.size())),
                  new Pack(
                      BigDecimal.valueOf(701 + random.nextInt(4000), random.nextInt(2)),
                      new Money(213 + random.nextInt(2500), "EUR"))));
        }
        wanted.add(
            new Basket.Wanted(
                "thing" + t, BigDecimal.valueOf(977 + random.nextInt(90_000), 2), offers));
      }
      Basket bought = Basket.cheapest(wanted, charges).orElseThrow();
      assertThat(bought.total().minor())
          .as("%s with %s", wanted, charges)
          .isEqualTo(Slow.cheapest(wanted, charges));
      assertHoldsEnough(bought, wanted);
      assertThat(bought.goods().minor())
          .isEqualTo(bought.lines().stream().mapToLong(l -> l.price().minor()).sum());
      assertThat(bought.delivery().minor())
          .isEqualTo(
              bought.shops().stream()
                  .mapToLong(s -> Optional.ofNullable(charges.get(s)).map(Money::minor).orElse(0L))
                  .sum());
    }
  }

  private static void assertHoldsEnough(Basket bought, List<Basket.Wanted> wanted) {
    for (Basket.Wanted w : wanted) {
      BigDecimal held =
          bought.lines().stream()
              .filter(l -> l.key().equals(w.key()))
              .map(l -> l.offer().pack().holds().multiply(BigDecimal.valueOf(l.count())))
              .reduce(BigDecimal.ZERO, BigDecimal::add);
      assertThat(held).isGreaterThanOrEqualTo(w.quantity());
    }
  }

  /** Every count of every pack, one after the other. */
  private static final class Slow {
    private final List<Basket.Wanted> wanted;
    private final Map<String, Money> charges;
    private long best = Long.MAX_VALUE;

    private Slow(List<Basket.Wanted> wanted, Map<String, Money> charges) {
      this.wanted = wanted;
      this.charges = charges;
    }

    static long cheapest(List<Basket.Wanted> wanted, Map<String, Money> charges) {
      Slow slow = new Slow(wanted, charges);
      slow.thing(0, 0, Set.of());
      return slow.best;
    }

    private void thing(int at, long minor, Set<String> shops) {
      if (minor >= best) {
        return;
      }
      if (at == wanted.size()) {
        long all =
            minor
                + shops.stream()
                    .mapToLong(
                        s -> Optional.ofNullable(charges.get(s)).map(Money::minor).orElse(0L))
                    .sum();
        best = Math.min(best, all);
        return;
      }
      pack(at, 0, wanted.get(at).quantity(), minor, shops);
    }

    private void pack(int at, int offer, BigDecimal open, long minor, Set<String> shops) {
      if (open.signum() <= 0) {
        thing(at + 1, minor, shops);
        return;
      }
      if (offer == wanted.get(at).offers().size() || minor >= best) {
        return;
      }
      pack(at, offer + 1, open, minor, shops);
      Basket.Offer taken = wanted.get(at).offers().get(offer);
      Set<String> more = new HashSet<>(shops);
      more.add(taken.shop());
      pack(
          at,
          offer,
          open.subtract(taken.pack().holds()),
          minor + taken.pack().price().minor(),
          more);
    }
  }
}
