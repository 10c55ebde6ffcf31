package craftmap.server.stock;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * What a lay takes from a stock.
 *
 * @param step what is done: "two coats"
 */
public record Use(
    String holdingId, double quantity, String pieceId, String layId, String step, String note) {

  private static final String OF_STEP = "done:";

  /** What the use of a single step is booked under, by the step's key. */
  public static String ofStep(String key) {
    return OF_STEP + key;
  }

  /** The key of the step that a use is of; none where it is of all of a lay or coat. */
  public static Optional<String> stepOf(String useId) {
    return useId.startsWith(OF_STEP)
        ? Optional.of(useId.substring(OF_STEP.length()))
        : Optional.empty();
  }

  private static final String SPOILED = "spoiled:";

  /** What is booked beside it where something was laid or cut once more. */
  public static String spoiled(String key) {
    return SPOILED + key;
  }

  /** The key of the step that something was laid or cut once more in; none of another use. */
  public static Optional<String> spoiledBy(String useId) {
    return useId.startsWith(SPOILED)
        ? Optional.of(useId.substring(SPOILED.length()))
        : Optional.empty();
  }

  /** A use that stands in the ledger. */
  public record Booked(String holdingId, BigDecimal quantity) {}
}
