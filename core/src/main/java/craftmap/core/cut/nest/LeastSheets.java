package craftmap.core.cut.nest;

import craftmap.core.cut.StockLengths;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How few sheets could do at best: their area; and parts wider than half a sheet, no two of which
 * lie beside each other, so that their heights have to come out of lengths as long as the sheet is
 * high; and the same the other way round.
 */
public final class LeastSheets {
  private static final double HAIR = 1e-6;

  /** More pieces than this are bounded by their length alone. */
  private static final int MOST_EXACT = 24;

  private LeastSheets() {}

  /** For parts that keep their direction, on new sheets of one size. */
  public static int of(List<NestPart> parts, double sheetWidthMm, double sheetHeightMm) {
    if (parts.isEmpty()) {
      return 0;
    }
    double area = parts.stream().mapToDouble(NestPart::areaMm2).sum();
    int byArea = (int) Math.ceil(area / (sheetWidthMm * sheetHeightMm) - HAIR);
    if (parts.stream().anyMatch(NestPart::turns)) {
      return Math.max(1, byArea);
    }
    int wide = lengths(parts, NestPart::widthMm, sheetWidthMm, NestPart::heightMm, sheetHeightMm);
    int tall = lengths(parts, NestPart::heightMm, sheetHeightMm, NestPart::widthMm, sheetWidthMm);
    return Math.max(Math.max(1, byArea), Math.max(wide, tall));
  }

  private static int lengths(
      List<NestPart> parts,
      ToDoubleFunction<NestPart> across,
      double sheetAcross,
      ToDoubleFunction<NestPart> along,
      double sheetAlong) {
    List<Double> pieces = new ArrayList<>();
    for (NestPart part : parts) {
      if (2 * across.applyAsDouble(part) > sheetAcross * (1 + HAIR)) {
        pieces.add(Math.min(along.applyAsDouble(part), sheetAlong));
      }
    }
    if (pieces.isEmpty()) {
      return 0;
    }
    if (pieces.size() > MOST_EXACT) {
      double length = pieces.stream().mapToDouble(d -> d).sum();
      return (int) Math.ceil(length / sheetAlong - HAIR);
    }
    return StockLengths.plan(pieces, sheetAlong, 0).least();
  }
}
