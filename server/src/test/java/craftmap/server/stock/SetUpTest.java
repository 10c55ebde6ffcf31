package craftmap.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.money.Money;
import craftmap.core.plane.Point;
import craftmap.core.supply.StockUnit;
import craftmap.server.ServerTest;
import craftmap.server.studio.Studios;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** What is told of a stock that was just set up is what everybody else reads of it later. */
class SetUpTest extends ServerTest {
  private static final int CASES = 60;

  @Autowired private Holdings holdings;
  @Autowired private TransactionTemplate transaction;
  @Autowired private Studios studios;

  @Test
  void whatIsToldOfAFreshStockIsWhatIsReadLater() {
    Random dice = new Random(20261201);
    String studio = studios.first().id();
    List<Holding> there = holdings.all(studio);
    String design = there.stream().flatMap(h -> h.designId().stream()).findFirst().orElseThrow();
    String medium = there.stream().flatMap(h -> h.mediumId().stream()).findFirst().orElseThrow();
    List<Holding> told = new ArrayList<>();
    transaction.executeWithoutResult(
        t -> {
          for (int i = 0; i < CASES; i++) {
            told.add(holdings.setUp(studio, anything(dice, design, medium)));
          }
          t.flush();
          told.forEach(h -> isReadAsTold(studio, h));
          t.setRollbackOnly();
        });
    assertThat(told).extracting(Holding::form).contains(HoldingForm.values());
    assertThat(told).extracting(Holding::code).doesNotHaveDuplicates();
    assertThat(told).allSatisfy(h -> assertThat(holdings.find(studio, h.id())).isEmpty());
  }

  private void isReadAsTold(String studio, Holding told) {
    assertThat(holdings.get(studio, told.id()))
        .usingRecursiveComparison()
        .withComparatorForType(BigDecimal::compareTo, BigDecimal.class)
        .isEqualTo(told);
  }

  private static NewHolding anything(Random dice, String design, String medium) {
    HoldingForm form = HoldingForm.values()[dice.nextInt(HoldingForm.values().length)];
    StockUnit unit =
        switch (form) {
          case POT -> dice.nextBoolean() ? StockUnit.ML : StockUnit.G;
          case ROLL -> StockUnit.MM;
          case WHOLE -> dice.nextBoolean() ? StockUnit.SHEETS : StockUnit.PIECES;
          case OFFCUT -> StockUnit.SHEETS;
        };
    boolean pot = form == HoldingForm.POT;
    boolean holds = pot || form == HoldingForm.ROLL;
    Hand hand =
        unit == StockUnit.PIECES ? Hand.values()[dice.nextInt(Hand.values().length)] : Hand.NONE;
    return new NewHolding(
        "",
        pot ? Optional.empty() : Optional.of(design),
        pot ? Optional.of(medium) : Optional.empty(),
        form,
        unit,
        holds ? Optional.of(ugly(dice)) : Optional.empty(),
        hand,
        form == HoldingForm.OFFCUT ? outline(dice) : List.of(),
        particulars(dice));
  }

  private static NewHolding.Particulars particulars(Random dice) {
    LocalDate day = LocalDate.of(2026, 2, 27).plusDays(dice.nextInt(700));
    return new NewHolding.Particulars(
        dice.nextBoolean() ? "  Übers Regal, no. " + dice.nextInt(99) + " " : "",
        perhaps(dice, ugly(dice)),
        perhaps(dice, new Money(1 + dice.nextInt(99_999), dice.nextBoolean() ? "EUR" : "JPY")),
        perhaps(dice, day),
        perhaps(dice, day.plusDays(dice.nextInt(900))));
  }

  private static <T> Optional<T> perhaps(Random dice, T thing) {
    return dice.nextBoolean() ? Optional.of(thing) : Optional.empty();
  }

  /** More decimals than are kept. */
  private static BigDecimal ugly(Random dice) {
    return BigDecimal.valueOf(0.01 + dice.nextDouble() * 1873);
  }

  private static List<Point> outline(Random dice) {
    double wide = 20 + dice.nextDouble() * 310;
    double high = 20 + dice.nextDouble() * 470;
    return List.of(
        new Point(0, 0), new Point(wide, 0.1 + 0.2), new Point(wide / 3, high), new Point(0, high));
  }
}
