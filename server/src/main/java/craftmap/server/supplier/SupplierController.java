package craftmap.server.supplier;

import craftmap.core.measure.Decimals;
import craftmap.core.medium.GenericMedium;
import craftmap.core.money.Money;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
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

/** The supplier's price list, and what is to be bought. */
@RestController
@RequestMapping("/api")
class SupplierController {
  private final PriceList prices;
  private final Supplies supplies;

  SupplierController(PriceList prices, Supplies supplies) {
    this.prices = prices;
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

  record PriceListView(String supplier, List<SaleView> items) {}

  record Taking(int pack, int quantity) {}

  record TakenTo(String page) {}

  record ShoppingLineView(
      String id, String name, String pack, int quantity, String totalText, boolean done) {}

  record ShoppingView(List<ShoppingLineView> lines, String totalText) {}

  record ShoppingChange(int quantity, boolean done) {}

  @GetMapping("/supplier")
  PriceListView search(@RequestParam(defaultValue = "") String words) {
    return new PriceListView(
        prices.supplier(), supplies.search(words).stream().map(SupplierController::view).toList());
  }

  @PostMapping("/supplier/{sku}/shelf")
  TakenTo toShelf(Asker asker, @PathVariable String sku, @RequestBody Taking taking) {
    return new TakenTo(
        supplies.toShelf(asker.studio(), sku, taking.pack(), taking.quantity(), asker.person()));
  }

  @PostMapping("/supplier/{sku}/shopping")
  ShoppingView toShoppingList(Asker asker, @PathVariable String sku, @RequestBody Taking taking) {
    supplies.toShoppingList(asker.studio(), sku, taking.pack(), taking.quantity());
    return shopping(asker);
  }

  @GetMapping("/shopping")
  ShoppingView shopping(Asker asker) {
    Studio studio = asker.studio();
    List<ShoppingLine> lines = supplies.shoppingList(studio);
    // what is bought already still says in which currency the rest is told
    List<Money> open =
        lines.stream()
            .flatMap(l -> l.total().map(t -> l.isDone() ? t.times(0) : t).stream())
            .toList();
    return new ShoppingView(
        lines.stream()
            .map(
                l ->
                    new ShoppingLineView(
                        l.id(),
                        l.name(),
                        l.pack(),
                        l.quantity(),
                        l.total().map(Money::show).orElse(""),
                        l.isDone()))
            .toList(),
        Money.totals(open).stream().map(Money::show).collect(Collectors.joining(" + ")));
  }

  @PutMapping("/shopping/{id}")
  ShoppingView change(Asker asker, @PathVariable String id, @RequestBody ShoppingChange change) {
    supplies.change(asker.studio(), id, change.quantity(), change.done());
    return shopping(asker);
  }

  @DeleteMapping("/shopping/{id}")
  ResponseEntity<Void> takeOff(Asker asker, @PathVariable String id) {
    supplies.takeOff(asker.studio(), id);
    return ResponseEntity.noContent().build();
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
