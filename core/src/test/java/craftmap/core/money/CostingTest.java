package craftmap.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.chance.Dice;
import craftmap.core.measure.RefusedInput;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What a piece costs, and what is asked for it. */
class CostingTest {
  private static Money eur(long minor) {
    return new Money(minor, "EUR");
  }

  /** 18.50 for the chest, 12.37 of paint, 4 h 40 at 15.00: 100.87; with a quarter more 126.09. */
  @Test
  void costsAddUpAndAPriceIsInWholeUnitsAndNeverLess() {
    Costing chest = new Costing(eur(1_850), eur(1_237), Duration.ofMinutes(280));

    assertThat(chest.outlay()).isEqualTo(eur(3_087));
    assertThat(chest.time(eur(1_500))).isEqualTo(eur(7_000));
    assertThat(chest.cost(eur(1_500))).isEqualTo(eur(10_087));
    assertThat(chest.byMargin(eur(1_500), 25)).isEqualTo(eur(12_700));
    assertThat(chest.byWage(eur(2_200))).isEqualTo(eur(13_400));
    assertThat(chest.wageAt(eur(13_400))).contains(eur(2_209));
    assertThat(chest.wageAt(eur(3_000))).as("less than was paid for it").isEmpty();
  }

  /** A price that is asked by a wage brings that wage at least; a unit less does not. */
  @Test
  void aPriceBringsWhatItWasAskedFor() {
    for (long seed = 1; seed <= 500; seed++) {
      Dice dice = new Dice(seed);
      Costing costing =
          new Costing(
              eur((long) (9_000 * dice.next())),
              eur((long) (7_321 * dice.next())),
              Duration.ofSeconds(1 + (long) (90_000 * dice.next())));
      Money wage = eur((long) (4_100 * dice.next()));
      int margin = (int) (130 * dice.next());

      Money price = costing.byWage(wage);
      assertThat(costing.wageAt(price).orElseThrow().minor() + 1)
          .as("%s at %s", costing, wage)
          .isGreaterThanOrEqualTo(wage.minor());
      assertThat(price.minor() % 100).isZero();
      assertThat(price.minor() - costing.cost(wage).minor()).isBetween(0L, 99L);

      Money sold = costing.byMargin(wage, margin);
      double exact = costing.cost(wage).minor() * (100.0 + margin) / 100;
      assertThat((double) sold.minor()).isBetween(exact - 1e-6, exact + 100);
      assertThat(costing.byMargin(wage, margin + 1)).isGreaterThanOrEqualTo(sold);
    }
  }

  @Test
  void whatTakesNoTimeBringsNoWage() {
    Costing bought = new Costing(eur(500), eur(0), Duration.ZERO);

    assertThat(bought.wageAt(eur(900))).isEmpty();
    assertThat(bought.byWage(eur(9_900))).isEqualTo(eur(500));
  }

  @Test
  void currenciesDoNotAddUpAndMarginsHaveAnEnd() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Costing(eur(1), new Money(1, "USD"), Duration.ZERO));
    assertThat(Costing.margin(900)).isEqualTo(900);
    assertThatThrownBy(() -> Costing.margin(901)).isInstanceOf(RefusedInput.class);
    assertThatThrownBy(() -> Costing.margin(-1)).isInstanceOf(RefusedInput.class);
  }
}
