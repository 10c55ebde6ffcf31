package craftmap.server.supplier;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.NewHolding;
import craftmap.server.studio.Studio;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what a supplier sells onto the shelf or the shopping list. */
@Service
@Transactional
class Supplies {
  private static final int MOST_AT_ONCE = 99;

  private final PriceList prices;
  private final ShoppingLines shopping;
  private final Media media;
  private final Designs designs;
  private final Shelving shelving;
  private final Clock clock;
  private final Changes changes;

  Supplies(
      PriceList prices,
      ShoppingLines shopping,
      Media media,
      Designs designs,
      Shelving shelving,
      Clock clock,
      Changes changes) {
    this.changes = changes;
    this.prices = prices;
    this.shopping = shopping;
    this.media = media;
    this.designs = designs;
    this.shelving = shelving;
    this.clock = clock;
  }

  List<PriceList.Item> search(String words) {
    String wanted = words.strip().toLowerCase(Locale.ENGLISH);
    return prices.items().stream()
        .filter(
            i -> {
              String said =
                  (i.sku() + " " + i.name() + " " + i.about()).toLowerCase(Locale.ENGLISH);
              for (String word : wanted.split("\\s+")) {
                if (!said.contains(word)) {
                  return false;
                }
              }
              return true;
            })
        .toList();
  }

  /** Puts it on the shelf with its label: on top of what is there under its name, or as new. */
  String toShelf(Studio studio, String sku, int pack, int quantity, String by) {
    PriceList.Item item = item(sku);
    PriceList.Sale sold = sale(item, pack);
    checkQuantity(quantity);
    NewHolding.Particulars paid =
        new NewHolding.Particulars(
            "",
            Optional.empty(),
            Optional.of(sold.pack().price()),
            Optional.empty(),
            Optional.empty());
    if (item.medium().isPresent()) {
      OwnedMedium owned =
          media.all(studio.id()).stream()
              .filter(m -> m.given().equals(item.medium().get()))
              .findFirst()
              .orElseGet(() -> media.add(studio.id(), item.medium().get()));
      String first = "";
      for (int i = 0; i < quantity; i++) {
        String id =
            shelving
                .buyPot(studio.id(), owned, sold.pack().holds(), sold.pack().holds(), paid, by)
                .id();
        first = first.isEmpty() ? id : first;
      }
      return "/shelf/pots/" + first;
    }
    OwnedDesign owned =
        designs.all(studio.id()).stream()
            .filter(d -> d.given().equals(item.design().orElseThrow()))
            .findFirst()
            .orElseGet(() -> designs.add(studio.id(), item.design().orElseThrow()));
    for (int i = 0; i < quantity; i++) {
      shelving.buyDesign(
          studio.id(),
          owned,
          sold.pack().holds().toPlainString() + (sold.text().contains("m") ? " mm" : ""),
          paid,
          studio.tape(),
          by);
    }
    return "/shelf/designs/" + owned.design().id();
  }

  void toShoppingList(Studio studio, String sku, int pack, int quantity) {
    PriceList.Item item = item(sku);
    PriceList.Sale sold = sale(item, pack);
    checkQuantity(quantity);
    String id = UUID.randomUUID().toString();
    shopping.save(new ShoppingLine(id, studio.id(), item, sold, quantity, clock.instant()));
    changes.tell(studio.id(), Thing.SHOPPING_LINE, id);
  }

  List<ShoppingLine> shoppingList(Studio studio) {
    return shopping.findByStudioIdOrderByMadeAtAscIdAsc(studio.id());
  }

  void change(Studio studio, String lineId, int quantity, boolean done) {
    checkQuantity(quantity);
    ShoppingLine line = line(studio, lineId);
    line.set(quantity, done);
    shopping.save(line);
    changes.tell(studio.id(), Thing.SHOPPING_LINE, lineId);
  }

  void takeOff(Studio studio, String lineId) {
    shopping.delete(line(studio, lineId));
    changes.tell(studio.id(), Thing.SHOPPING_LINE, lineId);
  }

  private ShoppingLine line(Studio studio, String id) {
    return shopping
        .findByStudioIdAndId(studio.id(), id)
        .orElseThrow(
            () -> new NoSuchElementException("There is no line " + id + " on the shopping list."));
  }

  private PriceList.Item item(String sku) {
    return prices
        .find(sku)
        .orElseThrow(
            () -> new NoSuchElementException("The price list has nothing called " + sku + "."));
  }

  private static PriceList.Sale sale(PriceList.Item item, int index) {
    if (index < 0 || index >= item.sales().size()) {
      throw new RefusedInput(
          "pack", given(index), said("is-not-sold"), said("0-to", given(item.sales().size() - 1)));
    }
    return item.sales().get(index);
  }

  private static void checkQuantity(int quantity) {
    if (quantity < 1 || quantity > MOST_AT_ONCE) {
      throw new RefusedInput(
          "quantity", given(quantity), said("is-not-possible"), said("1-to", given(MOST_AT_ONCE)));
    }
  }
}
