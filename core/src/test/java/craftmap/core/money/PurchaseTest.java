package craftmap.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class PurchaseTest {
  private static Pack pack(String holds, String price) {
    return new Pack(new BigDecimal(holds), Money.read(price, "EUR"));
  }

  private static Purchase cheapest(List<Pack> packs, String needed) {
    return Purchase.cheapest(packs, new BigDecimal(needed)).orElseThrow();
  }

  private static final List<Pack> PAINT =
      List.of(pack("118", "6.40"), pack("473", "16.50"), pack("946", "27.90"));

  @Test
  void aLargerPotIsTakenWhereItCostsLessThanTwoSmallOnes() {
    assertThat(cheapest(PAINT, "118").price().show()).isEqualTo("6.40 EUR");
    assertThat(cheapest(PAINT, "118.01").price().show()).isEqualTo("12.80 EUR");
    // three small ones would be 19.20
    assertThat(cheapest(PAINT, "240").price().show()).isEqualTo("16.50 EUR");
    assertThat(cheapest(PAINT, "500").price().show()).isEqualTo("22.90 EUR");
    // with one large at 27.90 against 473 and two of 118 at 29.30
    assertThat(cheapest(PAINT, "600").price().show()).isEqualTo("27.90 EUR");
  }

  @Test
  void forTheSameMoneyTheLeastIsLeftOver() {
    Purchase bought = cheapest(List.of(pack("300", "5.00"), pack("250", "5.00")), "240.5");
    assertThat(bought.lines()).hasSize(1);
    assertThat(bought.over()).isEqualByComparingTo("9.5");
  }

  @Test
  void nothingIsBoughtWhereNothingIsNeededOrSold() {
    assertThat(Purchase.cheapest(PAINT, BigDecimal.ZERO)).isEmpty();
    assertThat(Purchase.cheapest(List.of(), BigDecimal.ONE)).isEmpty();
    assertThat(Purchase.cheapest(PAINT, new BigDecimal("1e12"))).isEmpty();
  }

  /** No other counts of the packs hold enough for less, nor for the same with less left over. */
  @Tag("thorough")
  @Test
  void noOtherCountsAreCheaper() {
    Random random = new Random(4711);
    for (int i = 0; i < 300; i++) {
      List<Pack> packs = new ArrayList<>();
      int kinds = 1 + random.nextInt(3);
      for (int k = 0; k < kinds; k++) {
        packs.add(
            pack(
                BigDecimal.valueOf(71 + random.nextInt(5000), random.nextInt(2)).toPlainString(),
                BigDecimal.valueOf(100 + random.nextInt(4000), 2).toPlainString()));
      }
      BigDecimal needed = BigDecimal.valueOf(1 + random.nextInt(90_000), 2);
      Purchase bought = Purchase.cheapest(packs, needed).orElseThrow();
      assertThat(bought.over().signum()).isGreaterThanOrEqualTo(0);
      BigDecimal held =
          bought.lines().stream()
              .map(l -> l.pack().holds().multiply(BigDecimal.valueOf(l.count())))
              .reduce(BigDecimal.ZERO, BigDecimal::add);
      assertThat(held.subtract(needed)).isEqualByComparingTo(bought.over());
      assertThat(bought.lines().stream().mapToLong(l -> l.pack().price().minor() * l.count()).sum())
          .isEqualTo(bought.price().minor());
      Best best = new Best();
      tryAll(packs, 0, needed, BigDecimal.ZERO, 0, best);
      assertThat(bought.price().minor()).as("%s of %s", needed, packs).isEqualTo(best.minor);
      assertThat(bought.over()).as("%s of %s", needed, packs).isEqualByComparingTo(best.over);
    }
  }

  private static final class Best {
    long minor = Long.MAX_VALUE;
    BigDecimal over;
  }

  private static void tryAll(
      List<Pack> packs, int at, BigDecimal needed, BigDecimal held, long minor, Best best) {
    BigDecimal over = held.subtract(needed);
    if (over.signum() >= 0) {
      if (minor < best.minor || minor == best.minor && over.compareTo(best.over) < 0) {
        best.minor = minor;
        best.over = over;
      }
      return;
    }
    if (at == packs.size() || minor > best.minor) {
      return;
    }
    Pack pack = packs.get(at);
    tryAll(packs, at + 1, needed, held, minor, best);
    tryAll(packs, at, needed, held.add(pack.holds()), minor + pack.price().minor(), best);
  }
}
