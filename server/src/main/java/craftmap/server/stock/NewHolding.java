package craftmap.server.stock;

import craftmap.core.plane.Point;
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

  /** What is noted about a stock besides its level. */
  public record Particulars(
      String place,
      Optional<BigDecimal> tareG,
      Optional<Price> price,
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
