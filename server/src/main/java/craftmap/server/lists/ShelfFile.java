package craftmap.server.lists;

import craftmap.core.plane.Point;
import craftmap.core.supply.StockUnit;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.stock.Hand;
import craftmap.server.stock.HoldingForm;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * The whole shelf in one JSON file.
 *
 * @param format always {@link #FORMAT}
 */
record ShelfFile(
    String format,
    int version,
    List<DesignDoc> designs,
    List<MediumDoc> media,
    List<ToolDoc> tools) {
  static final String FORMAT = "craft-map-shelf";
  static final int VERSION = 1;

  /**
   * A design.
   *
   * @param artwork its file in Base64, as it is kept
   * @param artworkWidthMm its true width; the height follows from the file
   */
  record DesignDoc(
      DesignGiven design, String artwork, Double artworkWidthMm, List<StockDoc> stock) {}

  record MediumDoc(MediumGiven medium, List<StockDoc> stock) {}

  record ToolDoc(String name, Answers answers) {}

  /** A stock at its level; its ledger begins anew where it is read. */
  record StockDoc(
      HoldingForm form,
      StockUnit unit,
      BigDecimal level,
      BigDecimal holds,
      Hand hand,
      List<Point> offcut,
      String place,
      BigDecimal tareG,
      Long priceMinor,
      String currency,
      LocalDate openedOn,
      LocalDate expiresOn) {}
}
