package craftmap.server.shopping;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The shopping list, by shop and shelf.
 *
 * @param totalText what is not bought yet, each currency by itself, without delivery
 * @param ticked how many lines are ticked off and not booked
 * @param lately what was booked last
 */
record ShoppingView(
    List<ShopView> shops, String totalText, int lines, int ticked, List<BoughtLineView> lately) {
  /**
   * A shop.
   *
   * @param name empty where nobody is known to sell it
   * @param deliveryText what it charges for bringing an order; absent where it brings nothing
   */
  record ShopView(
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String deliveryText,
      String totalText,
      List<ShopShelfView> shelves) {}

  /** What stands together there. */
  record ShopShelfView(String name, List<ShoppingLineView> lines) {}

  /**
   * A line.
   *
   * @param pack what one of it holds
   * @param reason what it is for
   * @param booked whether ticking it off puts it on the shelf; what nothing is known of does not
   */
  record ShoppingLineView(
      String id,
      String name,
      String pack,
      int quantity,
      String totalText,
      String reason,
      boolean done,
      boolean booked) {}

  /** A line that was booked. */
  record BoughtLineView(String id, String text, String whenText) {}
}
