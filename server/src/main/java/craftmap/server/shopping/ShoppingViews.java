package craftmap.server.shopping;

import craftmap.core.money.Money;
import craftmap.server.supplier.PriceList;
import craftmap.server.supplier.PriceLists;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The shopping list for the screen, by shop and shelf: the order one walks in. */
@Component
class ShoppingViews {
  private final PriceLists lists;
  private final Clock clock;

  ShoppingViews(PriceLists lists, Clock clock) {
    this.lists = lists;
    this.clock = clock;
  }

  ShoppingView view(List<ShoppingLine> open, List<ShoppingLine> lately, ZoneId zone) {
    Map<String, List<ShoppingLine>> byShop =
        open.stream()
            .collect(
                Collectors.groupingBy(l -> l.item().shop(), TreeMap::new, Collectors.toList()));
    List<ShoppingView.ShopView> shops = new ArrayList<>();
    byShop.forEach((name, lines) -> shops.add(shop(name, lines)));
    // where nobody is known to sell it, it is looked for last
    shops.sort((a, b) -> Boolean.compare(a.name().isEmpty(), b.name().isEmpty()));
    Clockwork time = new Clockwork(zone);
    return new ShoppingView(
        shops,
        stillToPay(open),
        open.size(),
        (int) open.stream().filter(ShoppingLine::done).count(),
        lately.stream().map(l -> bought(l, time)).toList());
  }

  private ShoppingView.ShopView shop(String name, List<ShoppingLine> lines) {
    Map<String, List<ShoppingLine>> byShelf =
        lines.stream()
            .collect(
                Collectors.groupingBy(l -> l.item().shelf(), TreeMap::new, Collectors.toList()));
    List<ShoppingView.ShopShelfView> shelves = new ArrayList<>();
    byShelf.forEach(
        (shelf, there) ->
            shelves.add(
                new ShoppingView.ShopShelfView(
                    shelf, there.stream().map(ShoppingViews::line).toList())));
    return new ShoppingView.ShopView(
        name,
        lists.all().stream()
            .filter(l -> l.supplier().equals(name))
            .findFirst()
            .flatMap(PriceList::delivery)
            .map(Money::show)
            .orElse(null),
        stillToPay(lines),
        shelves);
  }

  /** What is ticked off already still says in which currency the rest is told. */
  private static String stillToPay(List<ShoppingLine> lines) {
    return BuyingViews.sums(
        Money.totals(
            lines.stream()
                .flatMap(l -> l.total().map(t -> l.done() ? t.times(0) : t).stream())
                .toList()));
  }

  private static ShoppingView.ShoppingLineView line(ShoppingLine l) {
    return new ShoppingView.ShoppingLineView(
        l.id(),
        l.item().name(),
        l.item().packText(),
        l.quantity(),
        l.total().map(Money::show).orElse(""),
        l.item().reason(),
        l.done(),
        l.item().pack().isPresent());
  }

  private ShoppingView.BoughtLineView bought(ShoppingLine l, Clockwork time) {
    ShoppingLine.Bought bought = l.bought().orElseThrow();
    return new ShoppingView.BoughtLineView(
        l.id(),
        l.item().packText().isEmpty()
            ? l.item().name()
            : Words.say("shopping.line", l.quantity(), l.item().packText(), l.item().name()),
        Words.say("shopping.bought", time.dayAndTime(bought.at(), clock.instant()), bought.by()));
  }
}
