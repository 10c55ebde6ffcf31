package craftmap.server.supplier;

import java.util.List;
import java.util.Optional;

/** The price lists of all suppliers that are known. */
public interface PriceLists {
  List<PriceList> all();

  /** Something on sale, and by whom. */
  record Sold(PriceList list, PriceList.Item item) {}

  default Optional<Sold> find(String sku) {
    return all().stream()
        .flatMap(l -> l.items().stream().map(i -> new Sold(l, i)))
        .filter(s -> s.item().sku().equals(sku))
        .findFirst();
  }
}
