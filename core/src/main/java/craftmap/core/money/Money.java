package craftmap.core.money;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * A sum of money, exact.
 *
 * @param minor hundredths of the currency's unit, also where it has no coins so small
 * @param currency its three letters
 */
public record Money(long minor, String currency) implements Comparable<Money> {
  private static final long MOST = 100_000_000;
  private static final int DECIMALS = 2;

  public Money {
    currency = currency == null ? "" : currency.strip().toUpperCase(Locale.ENGLISH);
    if (!currency.matches("[A-Z]{3}")) {
      throw new RefusedInput(
          "currency", given(currency), said("is-not-a-currency"), said("three-letters-eur"));
    }
    if (minor < 0) {
      throw new RefusedInput(
          "price",
          given(decimal(minor).toPlainString()),
          said("cannot-be"),
          said("0-to-1-000-000"));
    }
  }

  /** A price as it is typed, comma or point. */
  public static Money read(String figure, String currency) {
    String plain = figure.strip().replace(',', '.');
    if (!plain.matches("\\d{1,7}(\\.\\d{1,2})?")) {
      throw new RefusedInput(
          "price", given(figure), said("is-not-a-price"), said("a-figure-such-as-6-40"));
    }
    BigDecimal units = new BigDecimal(plain);
    Money read = new Money(units.movePointRight(DECIMALS).longValueExact(), currency);
    if (read.minor > MOST) {
      throw new RefusedInput("price", given(figure), said("is-too-large"), said("0-to-1-000-000"));
    }
    if (read.hasNoCoins() && read.minor % 100 != 0) {
      throw new RefusedInput(
          "price",
          given(figure),
          said("has-parts-that-has-no-coins-for", given(read.currency)),
          said("a-whole-figure"));
    }
    return read;
  }

  /** Sums of each currency by itself, in the order of their letters: they do not add up. */
  public static List<Money> totals(Collection<Money> sums) {
    Map<String, Money> byCurrency = new TreeMap<>();
    sums.forEach(m -> byCurrency.merge(m.currency, m, Money::plus));
    return List.copyOf(byCurrency.values());
  }

  /** The one of some totals that is of a currency; nothing where none is. */
  public static Money in(Collection<Money> totals, String currency) {
    return totals.stream()
        .filter(m -> m.currency.equals(currency))
        .reduce(new Money(0, currency), Money::plus);
  }

  public Money plus(Money other) {
    requireSame(other);
    return new Money(Math.addExact(minor, other.minor), currency);
  }

  public Money times(int count) {
    return new Money(Math.multiplyExact(minor, (long) count), currency);
  }

  /** In shares that add up to it, as even as coins allow, the larger ones first. */
  public List<Money> split(int shares) {
    List<Money> split = new ArrayList<>();
    for (int i = 0; i < shares; i++) {
      split.add(new Money(minor / shares + (i < minor % shares ? 1 : 0), currency));
    }
    return split;
  }

  /** What so much of it costs, of a quantity that cost this, not rounded to coins. */
  public BigDecimal per(BigDecimal quantity, BigDecimal ofQuantity) {
    return decimal(minor).multiply(quantity).divide(ofQuantity, DECIMALS * 2, RoundingMode.HALF_UP);
  }

  @Override
  public int compareTo(Money other) {
    requireSame(other);
    return Long.compare(minor, other.minor);
  }

  private void requireSame(Money other) {
    if (!currency.equals(other.currency)) {
      throw new IllegalArgumentException(currency + " and " + other.currency + " do not add up");
    }
  }

  /** The figure alone: {@code 6.40}. */
  public String figure() {
    return hasNoCoins() && minor % 100 == 0
        ? Long.toString(minor / 100)
        : decimal(minor).toPlainString();
  }

  /** With its currency: {@code 6.40 EUR}. */
  public String show() {
    return figure() + " " + currency;
  }

  private static BigDecimal decimal(long minor) {
    return BigDecimal.valueOf(minor, DECIMALS);
  }

  private boolean hasNoCoins() {
    return Currency.getAvailableCurrencies().stream()
        .anyMatch(c -> c.getCurrencyCode().equals(currency) && c.getDefaultFractionDigits() == 0);
  }
}
