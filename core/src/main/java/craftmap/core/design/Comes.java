package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.supply.StockUnit;

/** How a design is owned, and what using it takes away. */
public sealed interface Comes {
  /** What is counted where something of it is used up. */
  default StockUnit usedIn() {
    return switch (this) {
      case AsSheets _ -> StockUnit.SHEETS;
      case ByLength _ -> StockUnit.MM;
      case AsPieces _, AsTool _, ByHand _ -> StockUnit.PIECES;
    };
  }

  /** Sheets that are used up. */
  record AsSheets() implements Comes {}

  /**
   * What is used again and again.
   *
   * @param sheet a stencil's sheet rather than a tool
   */
  record AsTool(boolean sheet) implements Comes {}

  /**
   * Single things that are used up.
   *
   * @param handed a left one and a right one make a pair
   */
  record AsPieces(boolean handed) implements Comes {}

  /** A roll, or lengths of stock, of which lengths are cut. */
  record ByLength(double fullMm) implements Comes {
    public ByLength {
      fullMm = LengthRange.SIZE.check("full-length", fullMm);
    }
  }

  /** Made on the spot: nothing of it lies on the shelf. */
  record ByHand() implements Comes {}
}
