package craftmap.server.shelf;

import static craftmap.core.measure.Figure.said;

import craftmap.server.stock.NewHolding;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Optional;

/** What is noted about a stock, as it is typed. */
public record StockGiven(
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String place,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String tareG,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String price,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String currency,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LocalDate openedOn,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LocalDate expiresOn) {
  public static final StockGiven NOTHING = new StockGiven(null, null, null, null, null, null);

  /** The same with a place and a price only. */
  public static StockGiven at(String place) {
    return new StockGiven(place, null, null, null, null, null);
  }

  public NewHolding.Particulars particulars() {
    return new NewHolding.Particulars(
        place == null ? "" : place,
        isGiven(tareG)
            ? Optional.of(
                Quantities.figure(
                    said("empty-container-g"), tareG.replaceFirst("\\s*g$", ""), "62"))
            : Optional.empty(),
        Prices.read(price, currency),
        Optional.ofNullable(openedOn),
        Optional.ofNullable(expiresOn));
  }

  private static boolean isGiven(String text) {
    return text != null && !text.isBlank();
  }
}
