package craftmap.server.stock;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.plane.Point;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A stock to set up, empty until something is booked.
 *
 * @param id under an id of the caller's, or a new one where it is empty
 * @param holds what the container holds, or a roll is long when full
 */
public record NewHolding(
    String id,
    Optional<String> designId,
    Optional<String> mediumId,
    HoldingForm form,
    StockUnit unit,
    Optional<BigDecimal> holds,
    Hand hand,
    List<Point> offcut,
    Particulars particulars) {
  public NewHolding {
    offcut = List.copyOf(offcut);
    boolean fits =
        switch (form) {
          case POT -> mediumId.isPresent() && (unit == StockUnit.ML || unit == StockUnit.G);
          case ROLL -> designId.isPresent() && unit == StockUnit.MM;
          case WHOLE, OFFCUT -> designId.isPresent() && unit.isCounted();
        };
    if (!fits || designId.isPresent() == mediumId.isPresent()) {
      throw new RefusedInput(
          "stock",
          said("in-2", given(form), given(unit)),
          said("is-no-way-to-keep", mediumId.isPresent() ? said("a-medium") : said("a-design")),
          mediumId.isPresent()
              ? said("a-pot-in-millilitres-or-grams")
              : said("sheets-or-pieces-an-offcut-or-a-roll-by"));
    }
    if ((form == HoldingForm.POT || form == HoldingForm.ROLL) && holds.isEmpty()) {
      throw new RefusedInput(
          "holds", said("empty"), said("is-missing"), said("what-it-holds-when-it-is-full"));
    }
    if (form == HoldingForm.OFFCUT) {
      new Offcut(offcut); // its outline is one
    } else if (!offcut.isEmpty()) {
      throw new RefusedInput(
          "stock", given(form.name()), said("has-no-outline"), said("none-offcuts-have-one"));
    }
    if (hand != Hand.NONE && unit != StockUnit.PIECES) {
      throw new RefusedInput(
          "hand", given(hand.name()), said("is-told-of-pieces-only"), given(Hand.NONE.name()));
    }
  }

  /** What is noted about a stock besides its level. */
  public record Particulars(
      String place,
      Optional<BigDecimal> tareG,
      Optional<Money> price,
      Optional<LocalDate> openedOn,
      Optional<LocalDate> expiresOn) {
    public static final Particulars NONE =
        new Particulars("", Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** Of a design: sheets, pieces, tools, a roll. */
  public static NewHolding ofDesign(
      String designId, HoldingForm form, StockUnit unit, Optional<BigDecimal> holds, Hand hand) {
    return new NewHolding(
        "",
        Optional.of(designId),
        Optional.empty(),
        form,
        unit,
        holds,
        hand,
        List.of(),
        Particulars.NONE);
  }

  /** A pot of a medium. */
  public static NewHolding pot(String id, String mediumId, StockUnit unit, BigDecimal holds) {
    return new NewHolding(
        id,
        Optional.empty(),
        Optional.of(mediumId),
        HoldingForm.POT,
        unit,
        Optional.of(holds),
        Hand.NONE,
        List.of(),
        Particulars.NONE);
  }

  public NewHolding with(Particulars other) {
    return new NewHolding(id, designId, mediumId, form, unit, holds, hand, offcut, other);
  }
}
