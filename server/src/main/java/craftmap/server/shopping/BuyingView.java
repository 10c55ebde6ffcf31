package craftmap.server.shopping;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What chosen pieces take together, and what it costs to have it.
 *
 * @param supplies what is short first
 * @param shops where it is bought for the least money
 * @param totalText all of it with delivery, each currency by itself; empty where nothing is bought
 * @param verdict what makes that the least
 * @param otherWays what it would come to in one shop
 * @param uncounted what cannot be counted before it is settled
 * @param sundriesText sandpaper and tape; absent where none is used up
 * @param listed whether the shopping list says just this
 */
record BuyingView(
    List<BuyingPieceView> pieces,
    List<SupplyView> supplies,
    List<BasketView> shops,
    String totalText,
    String summary,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String verdict,
    List<String> otherWays,
    List<UncountedView> uncounted,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String sundriesText,
    boolean listed) {
  record BuyingPieceView(String id, String name, boolean chosen) {}

  /**
   * Something that is used up.
   *
   * @param colour it shows in
   * @param picture of a design that has one
   * @param holdingId a stock of it
   * @param enough whether there is enough, here or in what is on the list
   * @param warnings what to mind about what there is
   * @param buys what is bought of it; empty where nothing is, or nobody sells it
   */
  record SupplyView(
      String key,
      String name,
      String colour,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String holdingId,
      String takesText,
      String thereText,
      boolean enough,
      String verdictText,
      List<String> warnings,
      List<SupplyOfPieceView> pieces,
      List<PickView> buys,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String overText) {}

  record SupplyOfPieceView(
      String pieceId,
      String pieceName,
      String takesText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String missingText) {}

  /**
   * So many packs.
   *
   * @param standsIn its name, where it is not the very same
   */
  record PickView(
      String text,
      String shop,
      String priceText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String standsIn) {}

  /** What comes from one shop. */
  record BasketView(
      String shop,
      int packs,
      String goodsText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String deliveryText,
      String totalText) {}

  record UncountedView(String pieceId, String pieceName, String text) {}
}
