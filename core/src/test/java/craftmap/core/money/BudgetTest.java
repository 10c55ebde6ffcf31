package craftmap.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Within is said only where it is known, over wherever it is sure. */
class BudgetTest {
  @Test
  void withinIsNeverSaidOfMoreThanMayBeSpent() {
    for (long seed = 1; seed <= 2_000; seed++) {
      Dice dice = new Dice(seed);
      Budget budget = new Budget(new Money((long) (7_300 * dice.next()), "EUR"));
      List<Money> totals = new ArrayList<>();
      if (dice.next() < 0.8) {
        totals.add(new Money((long) (9_100 * dice.next()), "EUR"));
      }
      boolean other = dice.next() < 0.3;
      if (other) {
        totals.add(new Money(1 + (long) (900 * dice.next()), "USD"));
      }
      boolean allPriced = dice.next() < 0.7;
      long spent =
          totals.stream().filter(m -> m.currency().equals("EUR")).mapToLong(Money::minor).sum();

      Budget.Verdict verdict = budget.of(totals, allPriced);

      assertThat(verdict == Budget.Verdict.OVER).isEqualTo(spent > budget.limit().minor());
      assertThat(verdict == Budget.Verdict.WITHIN)
          .isEqualTo(spent <= budget.limit().minor() && allPriced && !other);
      assertThat(budget.apart(totals).minor()).isEqualTo(Math.abs(spent - budget.limit().minor()));
    }
  }

  @Test
  void nothingToSpendIsWithinNothing() {
    Budget nothing = new Budget(new Money(0, "EUR"));

    assertThat(nothing.of(List.of(), true)).isEqualTo(Budget.Verdict.WITHIN);
    assertThat(nothing.of(List.of(), false)).isEqualTo(Budget.Verdict.UNKNOWN);
    assertThat(nothing.of(List.of(new Money(1, "EUR")), true)).isEqualTo(Budget.Verdict.OVER);
  }
}
