package craftmap.server.supplier;

import craftmap.core.measure.Decimals;
import craftmap.core.medium.GenericMedium;
import craftmap.core.money.Money;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Asker;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What suppliers sell. */
@RestController
@RequestMapping("/api/supplier")
class SupplierController {
  private final PriceLists lists;
  private final Supplies supplies;

  SupplierController(PriceLists lists, Supplies supplies) {
    this.lists = lists;
    this.supplies = supplies;
  }

  record SalePackView(String text, String priceText, String eachText) {}

  record SaleView(
      String sku,
      String name,
      String about,
      String kindText,
      String colour,
      boolean sold,
      int fromLabel,
      List<SalePackView> packs) {}

  /**
   * A supplier's list, or what of it is called as was asked.
   *
   * @param deliveryText what it charges for bringing an order; absent where it brings nothing
   */
  record PriceListView(
      String id,
      String supplier,
      String about,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String deliveryText,
      List<SaleView> items) {}

  record Taking(int pack, int quantity) {}

  record TakenTo(String page) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<PriceListView> search(@RequestParam(defaultValue = "") String words) {
    return lists.all().stream()
        .map(
            l ->
                new PriceListView(
                    l.id(),
                    l.supplier(),
                    l.about(),
                    l.delivery().map(Money::show).orElse(null),
                    supplies.search(l, words).stream().map(SupplierController::view).toList()))
        .toList();
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/{sku}/shelf")
  TakenTo toShelf(Asker asker, @PathVariable String sku, @RequestBody Taking taking) {
    PriceList.Item item = supplies.sold(sku).item();
    Supplies.Bought bought =
        supplies.buy(
            asker.studio(),
            item,
            Supplies.sale(item, taking.pack()).pack(),
            Supplies.checkedQuantity(taking.quantity()),
            asker.person());
    Holding first = bought.holdings().getFirst();
    return new TakenTo(
        first.designId().map(d -> "/shelf/designs/" + d).orElse("/shelf/pots/" + first.id()));
  }

  private static SaleView view(PriceList.Item i) {
    String kind =
        i.design()
            .map(d -> Words.say("designOne", d.kind()))
            .orElseGet(
                () -> GenericMedium.find(i.medium().orElseThrow().generic()).orElseThrow().name());
    String colour =
        i.medium()
            .map(
                m ->
                    m.label()
                        .choices()
                        .getOrDefault(
                            "colour",
                            GenericMedium.find(m.generic())
                                .orElseThrow()
                                .medium()
                                .coverage()
                                .colour()
                                .hex()))
            .orElse("#D5CBB8");
    int fromLabel =
        i.medium().map(m -> m.label().numbers().size() + m.label().choices().size()).orElse(0);
    return new SaleView(
        i.sku(),
        i.name(),
        i.about(),
        kind,
        colour,
        i.stock(),
        fromLabel,
        i.sales().stream().map(SupplierController::pack).toList());
  }

  private static SalePackView pack(PriceList.Sale p) {
    String unit = p.text().replaceFirst("^[\\d.]+ ", "");
    boolean fluid = unit.startsWith("ml") || unit.startsWith("g");
    int per = fluid ? 100 : unit.equals("m") ? 1000 : 1;
    BigDecimal each = p.pack().price().per(BigDecimal.valueOf(per), p.pack().holds());
    return new SalePackView(
        p.text(),
        p.pack().price().show(),
        Words.say(
            fluid ? "supplier.hundred" : unit.equals("m") ? "supplier.metre" : "supplier.each",
            Decimals.show(each.doubleValue(), 2),
            fluid ? unit.substring(0, unit.startsWith("ml") ? 2 : 1) : ""));
  }
}
