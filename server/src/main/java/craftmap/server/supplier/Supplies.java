package craftmap.server.supplier;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Pack;
import craftmap.core.supply.StockUnit;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.Holding;
import craftmap.server.stock.NewHolding;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Takes what suppliers sell onto the shelf. */
@Service
@Guarded
public class Supplies {
  /** Nobody buys more of one pack at once. */
  public static final int MOST_AT_ONCE = 99;

  private final PriceLists lists;
  private final Media media;
  private final Designs designs;
  private final Shelving shelving;

  Supplies(PriceLists lists, Media media, Designs designs, Shelving shelving) {
    this.lists = lists;
    this.media = media;
    this.designs = designs;
    this.shelving = shelving;
  }

  /**
   * What was bought came onto the shelf.
   *
   * @param quantity of each time the holding is named, in its unit
   */
  public record Bought(List<Holding> holdings, BigDecimal quantity) {}

  /** What is called so on a list, of all or some of it. */
  List<PriceList.Item> search(PriceList list, String words) {
    String[] wanted = words.strip().toLowerCase(Locale.ENGLISH).split("\\s+");
    return list.items().stream()
        .filter(
            i -> {
              String said =
                  (i.sku() + " " + i.name() + " " + i.about() + " " + i.shelf())
                      .toLowerCase(Locale.ENGLISH);
              return List.of(wanted).stream().allMatch(said::contains);
            })
        .toList();
  }

  public PriceLists.Sold sold(String sku) {
    return lists
        .find(sku)
        .orElseThrow(() -> new NoSuchElementException("No price list has " + sku + "."));
  }

  /** The pack of that number, as it is listed. */
  public static PriceList.Sale sale(PriceList.Item item, int index) {
    if (index < 0 || index >= item.sales().size()) {
      throw new RefusedInput(
          "pack", given(index), said("is-not-sold"), said("0-to", given(item.sales().size() - 1)));
    }
    return item.sales().get(index);
  }

  public static int checkedQuantity(int quantity) {
    if (quantity < 1 || quantity > MOST_AT_ONCE) {
      throw new RefusedInput(
          "quantity", given(quantity), said("is-not-possible"), said("1-to", given(MOST_AT_ONCE)));
    }
    return quantity;
  }

  /** Puts it on the shelf with its label: with what is there of the same label, or as new. */
  public Bought buy(Studio studio, PriceList.Item item, Pack pack, int quantity, String by) {
    if (item.medium().isPresent()) {
      OwnedMedium owned =
          media.all(studio.id()).stream()
              .filter(m -> m.given().equals(item.medium().get()))
              .findFirst()
              .orElseGet(() -> media.add(studio.id(), item.medium().get()));
      return buyPots(studio, owned, pack, quantity, by);
    }
    OwnedDesign owned =
        designs.all(studio.id()).stream()
            .filter(d -> d.given().equals(item.design().orElseThrow()))
            .findFirst()
            .orElseGet(() -> designs.add(studio.id(), item.design().orElseThrow()));
    return buyDesign(studio, owned, pack, quantity, by);
  }

  /** So many more pots of something that is owned. */
  public Bought buyPots(Studio studio, OwnedMedium owned, Pack pack, int quantity, String by) {
    List<Holding> pots = new ArrayList<>();
    for (int i = 0; i < quantity; i++) {
      pots.add(shelving.buyPot(studio.id(), owned, pack.holds(), pack.holds(), paid(pack), by));
    }
    return new Bought(pots, pack.holds());
  }

  /** So many more packs of a design that is owned. */
  public Bought buyDesign(Studio studio, OwnedDesign owned, Pack pack, int quantity, String by) {
    boolean roll =
        Shelving.unitOf(owned.design().comes()).filter(u -> u == StockUnit.MM).isPresent();
    String amount = pack.holds().toPlainString() + (roll ? " mm" : "");
    List<Holding> bought = new ArrayList<>();
    for (int i = 0; i < quantity; i++) {
      bought.addAll(shelving.buyDesign(studio.id(), owned, amount, paid(pack), studio.tape(), by));
    }
    return new Bought(bought, pack.holds());
  }

  private static NewHolding.Particulars paid(Pack pack) {
    return new NewHolding.Particulars(
        "", Optional.empty(), Optional.of(pack.price()), Optional.empty(), Optional.empty());
  }
}
