package craftmap.server.shopping;

import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.supplier.Offers;
import craftmap.server.supplier.PriceLists;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what chosen pieces need bought, and puts it on the list. */
@Service
@Transactional(readOnly = true)
class BuyingService {
  private final Pieces pieces;
  private final Together together;
  private final Buying buying;
  private final ShoppingList list;

  BuyingService(Pieces pieces, Together together, Buying buying, ShoppingList list) {
    this.pieces = pieces;
    this.together = together;
    this.buying = buying;
    this.list = list;
  }

  /**
   * What it comes to.
   *
   * @param coming what is on the list already, ticked off or by hand, by the key of its supply
   * @param listed whether the list says just this
   */
  record Worked(
      Together.All all, Buying.Bought bought, Map<String, BigDecimal> coming, boolean listed) {}

  /** The pieces of those ids in the order of all; all of them where none is named. */
  List<SavedPlan> chosen(Studio studio, List<String> ids) {
    ids.forEach(id -> pieces.get(studio, id));
    return pieces.all(studio, false).stream()
        .filter(p -> ids.isEmpty() || ids.contains(p.id()))
        .toList();
  }

  @Solves
  public Together.All takes(Studio studio, List<SavedPlan> of) {
    return together.of(studio, of);
  }

  Worked work(Studio studio, Together.All all) {
    List<ShoppingLine> lines = list.open(studio.id());
    Map<String, BigDecimal> coming = coming(lines);
    Buying.Bought bought = buying.plan(studio.id(), all.lines(), coming);
    List<String> there =
        lines.stream().filter(ShoppingLine::isAsPlanned).map(BuyingService::said).sorted().toList();
    List<String> wanted =
        planned(all, bought).stream().map(p -> said(p.item(), p.quantity())).sorted().toList();
    return new Worked(all, bought, coming, there.equals(wanted));
  }

  /** Puts the cheapest way on the list, in place of what was worked out before. */
  @Guarded
  public void putOnList(Studio studio, Together.All all) {
    list.takeTurn(studio.id());
    Map<String, BigDecimal> coming = coming(list.open(studio.id()));
    list.plan(studio.id(), planned(all, buying.plan(studio.id(), all.lines(), coming)));
  }

  private static Map<String, BigDecimal> coming(List<ShoppingLine> lines) {
    Map<String, BigDecimal> coming = new HashMap<>();
    for (ShoppingLine line : lines) {
      ShoppingItem item = line.item();
      if (!line.isAsPlanned() && item.supply().isPresent() && item.pack().isPresent()) {
        coming.merge(
            item.supply().get(),
            item.pack().get().holds().multiply(BigDecimal.valueOf(line.quantity())),
            BigDecimal::add);
      }
    }
    return coming;
  }

  private static String said(ShoppingLine line) {
    return said(line.item(), line.quantity());
  }

  private static String said(ShoppingItem i, int quantity) {
    return String.join("\t", i.shop(), i.name(), i.packText(), i.reason(), "" + quantity);
  }

  private static List<ShoppingList.Planned> planned(Together.All all, Buying.Bought bought) {
    List<ShoppingList.Planned> planned = new ArrayList<>();
    for (Together.Line line : all.lines()) {
      for (Buying.Pick pick : bought.picks().getOrDefault(line.supply().key(), List.of())) {
        planned.add(new ShoppingList.Planned(item(line, pick.offer()), pick.count()));
      }
    }
    planned.sort(
        Comparator.comparing((ShoppingList.Planned p) -> p.item().shop())
            .thenComparing(p -> p.item().shelf())
            .thenComparing(p -> p.item().name()));
    return planned;
  }

  private static ShoppingItem item(Together.Line line, Offers.Offer offer) {
    Optional<PriceLists.Sold> sold = offer.sold();
    return new ShoppingItem(
        sold.map(s -> s.list().supplier()).orElse(""),
        sold.map(s -> s.item().shelf()).orElse(""),
        sold.map(s -> s.item().name()).orElse(line.supply().name()),
        offer.packText(),
        Optional.of(offer.pack()),
        sold.map(s -> s.item().sku()),
        Optional.of(line.supply().key()),
        true,
        Words.say("shopping.for", String.join(", ", names(line))));
  }

  private static List<String> names(Together.Line line) {
    return line.pieces().stream()
        .filter(p -> p.missing() > 0)
        .map(p -> p.piece().name())
        .distinct()
        .toList();
  }
}
