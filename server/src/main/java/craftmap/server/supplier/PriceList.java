package craftmap.server.supplier;

import craftmap.core.money.Pack;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.MediumGiven;
import java.util.List;
import java.util.Optional;

/** What a supplier sells, with the labels of it. */
interface PriceList {
  /** Who it is. */
  String supplier();

  List<Item> items();

  default Optional<Item> find(String sku) {
    return items().stream().filter(i -> i.sku().equals(sku)).findFirst();
  }

  /**
   * Something on sale: a medium by its containers, or a design by its sheets, pieces or rolls.
   *
   * @param stock whether the supplier has it
   */
  record Item(
      String sku,
      String name,
      String about,
      Optional<MediumGiven> medium,
      Optional<DesignGiven> design,
      List<Sale> sales,
      boolean stock) {}

  /**
   * What it is sold in.
   *
   * @param text as the supplier writes it
   */
  record Sale(Pack pack, String text) {}
}
