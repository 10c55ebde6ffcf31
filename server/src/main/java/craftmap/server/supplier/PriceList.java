package craftmap.server.supplier;

import craftmap.core.money.Money;
import craftmap.core.money.Pack;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import java.util.List;
import java.util.Optional;

/**
 * What a supplier sells, with the labels of it.
 *
 * @param id under which the supplier is known
 * @param supplier who it is
 * @param about how one comes by what it sells
 * @param delivery what it charges for bringing an order, however large
 */
public record PriceList(
    String id, String supplier, String about, Optional<Money> delivery, List<Item> items) {
  public PriceList {
    items = List.copyOf(items);
  }

  /**
   * Something on sale: a medium by its containers, or a design by its sheets, pieces or rolls.
   *
   * @param sku its number, which no other list has
   * @param shelf where it stands in the shop
   * @param stock whether the supplier has it
   */
  public record Item(
      String sku,
      String name,
      String about,
      String shelf,
      Optional<MediumGiven> medium,
      Optional<DesignGiven> design,
      List<Sale> sales,
      boolean stock) {}

  /**
   * What it is sold in.
   *
   * @param text as the supplier writes it
   */
  public record Sale(Pack pack, String text) {}
}
