package craftmap.server.stock;

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
          "Stock",
          form + " in " + unit,
          "is no way to keep " + (mediumId.isPresent() ? "a medium" : "a design"),
          mediumId.isPresent()
              ? "a pot in millilitres or grams"
              : "sheets or pieces, an offcut, or a roll by its length");
    }
    if ((form == HoldingForm.POT || form == HoldingForm.ROLL) && holds.isEmpty()) {
      throw new RefusedInput("Holds", "empty", "is missing", "what it holds when it is full");
    }
    if (form == HoldingForm.OFFCUT) {
      new Offcut(offcut); // its outline is one
    } else if (!offcut.isEmpty()) {
      throw new RefusedInput("Stock", form.name(), "has no outline", "none; offcuts have one");
    }
    if (hand != Hand.NONE && unit != StockUnit.PIECES) {
      throw new RefusedInput("Hand", hand.name(), "is told of pieces only", Hand.NONE.name());
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
