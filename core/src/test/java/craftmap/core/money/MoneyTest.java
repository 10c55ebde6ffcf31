package craftmap.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.measure.RefusedInput;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoneyTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "6.40|eur|640|6.40 EUR",
        "6,4|EUR|640|6.40 EUR",
        " 12 |gbp|1200|12.00 GBP",
        "0|EUR|0|0.00 EUR",
        "1480|JPY|148000|1480 JPY",
        "1000000|EUR|100000000|1000000.00 EUR"
      })
  void aPriceIsReadAsItIsTypedAndShownAsItIsPaid(
      String typed, String currency, long minor, String shown) {
    Money read = Money.read(typed, currency);
    assertThat(read.minor()).isEqualTo(minor);
    assertThat(read.show()).isEqualTo(shown);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "-3", "6.405", "abc", "1e3", "6.", "1000001", "99999999"})
  void whatIsNoPriceIsRefusedWithWhatStoodThere(String typed) {
    assertThatThrownBy(() -> Money.read(typed, "EUR"))
        .isInstanceOf(RefusedInput.class)
        .hasMessageStartingWith("price (" + typed + ")");
  }

  @Test
  void aCurrencyWithoutCoinsHasNoHundredths() {
    assertThatThrownBy(() -> Money.read("14.5", "JPY"))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("a-whole-figure");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "EU", "EURO", "E1R"})
  void aCurrencyHasThreeLetters(String currency) {
    assertThatThrownBy(() -> new Money(1, currency))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("three-letters-eur");
  }

  @Test
  void twoCurrenciesDoNotAddUp() {
    Money euros = new Money(640, "EUR");
    Money pounds = new Money(640, "GBP");
    assertThatIllegalArgumentException().isThrownBy(() -> euros.plus(pounds));
    assertThatIllegalArgumentException().isThrownBy(() -> euros.compareTo(pounds));
    assertThat(Money.totals(List.of(pounds, euros, euros)))
        .containsExactly(new Money(1280, "EUR"), pounds);
  }

  @Test
  void sharesAddUpToTheCoin() {
    Random random = new Random(41);
    for (int k = 0; k < 500; k++) {
      Money whole = new Money(random.nextInt(100_000), "EUR");
      List<Money> shares = whole.split(1 + random.nextInt(9));
      assertThat(Money.totals(shares)).containsExactly(whole);
      List<Long> coins = new ArrayList<>(shares.stream().map(Money::minor).toList());
      assertThat(coins.getFirst() - coins.getLast()).isBetween(0L, 1L);
      assertThat(coins).isSortedAccordingTo((a, b) -> Long.compare(b, a));
    }
  }

  @Test
  void aPartOfAPackCostsItsPart() {
    Money pack = Money.read("7.90", "EUR");
    assertThat(pack.per(new BigDecimal("100"), new BigDecimal("473")))
        .isEqualByComparingTo("1.6702");
    assertThat(pack.times(3)).isEqualTo(Money.read("23.70", "EUR"));
  }
}
