package craftmap.server.shopping;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.paper.Paper;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.supplier.PriceList;
import craftmap.server.supplier.PriceLists;
import craftmap.server.supplier.Supplies;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What pieces need bought, and the list of what is to be bought. */
@RestController
@RequestMapping("/api/shopping")
class ShoppingController {
  private final ShoppingList list;
  private final ShoppingViews views;
  private final BuyingService buying;
  private final BuyingViews buyingViews;
  private final Supplies supplies;
  private final Benches benches;

  ShoppingController(
      ShoppingList list,
      ShoppingViews views,
      BuyingService buying,
      BuyingViews buyingViews,
      Supplies supplies,
      Benches benches) {
    this.list = list;
    this.views = views;
    this.buying = buying;
    this.buyingViews = buyingViews;
    this.supplies = supplies;
    this.benches = benches;
  }

  /**
   * Something to write on the list: a pack of a price list, or anything by its name.
   *
   * @param sku of a price list; absent where it is only a name
   * @param pack which of its packs, from 0
   */
  record ToBuy(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String sku,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer pack,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String name,
      int quantity) {}

  record Ticked(boolean done) {}

  record Counted(int quantity) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  ShoppingView shopping(Asker asker) {
    String studio = asker.studio().id();
    return views.view(list.open(studio), list.lately(studio), benches.of(asker.studio()).zone());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  ShoppingView add(Asker asker, @RequestBody ToBuy wanted) {
    list.add(asker.studio().id(), item(wanted), wanted.quantity());
    return shopping(asker);
  }

  private ShoppingItem item(ToBuy wanted) {
    if (wanted.sku() == null) {
      return new ShoppingItem(
          "",
          "",
          Optional.ofNullable(wanted.name()).orElse(""),
          "",
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          false,
          "");
    }
    PriceLists.Sold sold = supplies.sold(wanted.sku());
    PriceList.Sale sale = Supplies.sale(sold.item(), Optional.ofNullable(wanted.pack()).orElse(-1));
    return new ShoppingItem(
        sold.list().supplier(),
        sold.item().shelf(),
        sold.item().name(),
        sale.text(),
        Optional.of(sale.pack()),
        Optional.of(sold.item().sku()),
        Optional.empty(),
        false,
        "");
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/{id}/tick")
  ShoppingView tick(Asker asker, @PathVariable String id, @RequestBody Ticked ticked) {
    list.tick(asker.studio().id(), id, ticked.done());
    return shopping(asker);
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/{id}/quantity")
  ShoppingView count(Asker asker, @PathVariable String id, @RequestBody Counted counted) {
    list.changeQuantity(asker.studio().id(), id, counted.quantity());
    return shopping(asker);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  ResponseEntity<Void> takeOff(Asker asker, @PathVariable String id) {
    list.takeOff(asker.studio().id(), id);
    return ResponseEntity.noContent().build();
  }

  /** Books everything that is ticked off onto the shelf. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/bought")
  ShoppingView bought(Asker asker) {
    list.book(asker.studio(), asker.person());
    return shopping(asker);
  }

  /** Not bought after all. */
  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}/bought")
  ShoppingView takeBack(Asker asker, @PathVariable String id) {
    list.takeBack(asker.studio().id(), id, asker.person());
    return shopping(asker);
  }

  /** What the pieces of those ids need bought; of all pieces where none is named. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/missing")
  BuyingView missing(Asker asker, @RequestParam(defaultValue = "") List<String> pieces) {
    List<SavedPlan> chosen = buying.chosen(asker.studio(), pieces);
    return buyingViews.view(
        asker.studio(), chosen, buying.work(asker.studio(), buying.takes(asker.studio(), chosen)));
  }

  /** Puts it on the list. */
  @Allowed(StudioRole.MAKER)
  @PostMapping("/missing")
  ShoppingView list(Asker asker, @RequestParam(defaultValue = "") List<String> pieces) {
    List<SavedPlan> chosen = buying.chosen(asker.studio(), pieces);
    buying.putOnList(asker.studio(), buying.takes(asker.studio(), chosen));
    return shopping(asker);
  }

  /** A row for each line. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/table")
  ResponseEntity<byte[]> table(Asker asker) {
    return ShoppingFiles.table(list.open(asker.studio().id()));
  }

  /** On paper, in black on white, with boxes to tick. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/sheet")
  ResponseEntity<byte[]> sheet(Asker asker, @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    return ShoppingFiles.sheet(asker.studio().name(), shopping(asker), paper);
  }
}
