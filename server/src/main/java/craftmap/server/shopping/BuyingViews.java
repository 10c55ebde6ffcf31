package craftmap.server.shopping;

import craftmap.core.colour.Colour;
import craftmap.core.colour.ColourFamily;
import craftmap.core.measure.TapeDivision;
import craftmap.core.money.Basket;
import craftmap.core.money.Money;
import craftmap.server.bench.Benches;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Available;
import craftmap.server.shelf.KeepingWords;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Studio;
import craftmap.server.supplier.Offers;
import craftmap.server.supplier.PriceList;
import craftmap.server.supplier.PriceLists;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is bought, for the screen. */
@Component
class BuyingViews {
  private static final double PALE_ABOVE = 68;
  private static final double DEEP_BELOW = 32;

  private final Pieces pieces;
  private final ShelfService shelf;
  private final PriceLists lists;
  private final Clock clock;
  private final Benches benches;

  BuyingViews(Pieces pieces, ShelfService shelf, PriceLists lists, Clock clock, Benches benches) {
    this.pieces = pieces;
    this.shelf = shelf;
    this.lists = lists;
    this.clock = clock;
    this.benches = benches;
  }

  BuyingView view(Studio studio, List<SavedPlan> chosen, BuyingService.Worked worked) {
    List<BuyingView.SupplyView> supplies =
        worked.all().lines().stream()
            .map(l -> supply(studio, l, worked))
            .sorted(
                Comparator.comparing(BuyingView.SupplyView::enough)
                    .thenComparing(s -> s.name().toLowerCase(Locale.ROOT)))
            .toList();
    int missing = (int) supplies.stream().filter(s -> !s.enough()).count();
    Buying.Bought bought = worked.bought();
    String total = sums(bought.totals());
    return new BuyingView(
        pieces.all(studio, false).stream()
            .map(
                p ->
                    new BuyingView.BuyingPieceView(
                        p.id(), p.name(), chosen.stream().anyMatch(c -> c.id().equals(p.id()))))
            .toList(),
        supplies,
        bought.baskets().stream().flatMap(b -> baskets(b).stream()).toList(),
        total,
        Words.say("shopping.summary", supplies.size(), missing),
        total.isEmpty() ? null : Words.say("shopping.least", shopsAsked()),
        bought.otherWays().stream().map(BuyingViews::otherWay).toList(),
        worked.all().open().stream().map(BuyingViews::uncounted).toList(),
        sundries(worked.all(), studio.tape()),
        worked.listed());
  }

  private String shopsAsked() {
    return lists.all().stream()
        .map(PriceList::supplier)
        .collect(Collectors.joining(Words.say("shopping.or")));
  }

  private BuyingView.SupplyView supply(
      Studio studio, Together.Line line, BuyingService.Worked worked) {
    Supply supply = line.supply();
    TapeDivision tape = studio.tape();
    List<Buying.Pick> picks = worked.bought().picks().getOrDefault(supply.key(), List.of());
    BigDecimal coming = worked.coming().getOrDefault(supply.key(), BigDecimal.ZERO);
    double open = line.toBuy() - coming.doubleValue();
    boolean enough = open <= 0;
    return new BuyingView.SupplyView(
        supply.key(),
        name(supply),
        colour(supply),
        picture(studio, supply),
        line.stock().stream()
            .max(Comparator.comparing(Holding::level))
            .map(Holding::id)
            .orElse(null),
        text(line.takes(), supply, tape),
        line.stock().isEmpty()
            ? Words.say("stock.none")
            : Words.say("shopping.there", text(line.level(), supply, tape), line.stock().size()),
        enough,
        verdict(line, coming, open, tape),
        warnings(studio, line),
        line.pieces().stream().map(p -> ofPiece(p, supply, tape)).toList(),
        picks.stream().map(p -> pick(p, supply)).toList(),
        picks.isEmpty() ? null : over(picks, open, supply, tape));
  }

  /** What is not owned is told by its colour: there may be several of its kind. */
  private static String name(Supply supply) {
    return supply instanceof Supply.OfKind of
        ? Words.say("shopping.inColour", supply.name(), called(of.medium().coverage().colour()))
        : Words.capital(supply.name());
  }

  private static String called(Colour colour) {
    ColourFamily of = ColourFamily.of(colour);
    String family = Words.say("colour", of);
    double light = colour.lab().lightness();
    if (of == ColourFamily.WHITE || of == ColourFamily.BLACK) {
      return family;
    }
    return light > PALE_ABOVE
        ? Words.say("shopping.pale", family)
        : light < DEEP_BELOW ? Words.say("shopping.deep", family) : family;
  }

  private static String verdict(
      Together.Line line, BigDecimal coming, double open, TapeDivision tape) {
    Supply supply = line.supply();
    if (open > 0) {
      return Words.say("short", text(open, supply, tape));
    }
    if (line.toBuy() > 0) {
      return Words.say("shopping.coming", text(coming.doubleValue(), supply, tape));
    }
    return line.missing() > line.toBuy()
        ? Words.say("shopping.otherPot", text(line.missing(), supply, tape))
        : Words.say("enough", text(line.free(), supply, tape));
  }

  private List<String> warnings(Studio studio, Together.Line line) {
    LocalDate today = LocalDate.ofInstant(clock.instant(), benches.of(studio).zone());
    int keeps =
        line.supply() instanceof Supply.OfMedium of ? of.medium().mixing().keepsOpenedMonths() : 0;
    return line.stock().stream().flatMap(h -> KeepingWords.of(h, keeps, today).stream()).toList();
  }

  private static BuyingView.SupplyOfPieceView ofPiece(
      Together.ByPiece of, Supply supply, TapeDivision tape) {
    return new BuyingView.SupplyOfPieceView(
        of.piece().id(),
        of.piece().name(),
        text(of.takes(), supply, tape),
        of.missing() > 0 ? text(of.missing(), supply, tape) : null);
  }

  private static BuyingView.PickView pick(Buying.Pick pick, Supply supply) {
    Offers.Offer offer = pick.offer();
    return new BuyingView.PickView(
        Words.say("shopping.packs", pick.count(), offer.packText()),
        shop(offer),
        pick.price().show(),
        offer
            .sold()
            .map(s -> s.item().name())
            .filter(n -> !n.equalsIgnoreCase(supply.name()))
            .orElse(null));
  }

  private static String shop(Offers.Offer offer) {
    return offer.sold().map(s -> s.list().supplier()).orElseGet(() -> Words.say("shopping.where"));
  }

  private static String over(
      List<Buying.Pick> picks, double open, Supply supply, TapeDivision tape) {
    double bought = picks.stream().mapToDouble(p -> p.holds().doubleValue()).sum();
    return Words.say("shopping.over", text(bought - open, supply, tape));
  }

  private List<BuyingView.BasketView> baskets(Basket basket) {
    return basket.shops().stream()
        .map(
            shop -> {
              List<Basket.Line> lines =
                  basket.lines().stream().filter(l -> l.offer().shop().equals(shop)).toList();
              Money goods =
                  lines.stream().map(Basket.Line::price).reduce(Money::plus).orElseThrow();
              Optional<PriceList> list =
                  lists.all().stream().filter(l -> l.id().equals(shop)).findFirst();
              Optional<Money> delivery = list.flatMap(PriceList::delivery);
              return new BuyingView.BasketView(
                  list.map(PriceList::supplier).orElseGet(() -> Words.say("shopping.where")),
                  lines.stream().mapToInt(Basket.Line::count).sum(),
                  goods.show(),
                  delivery.map(Money::show).orElse(null),
                  delivery.map(goods::plus).orElse(goods).show());
            })
        .toList();
  }

  private static String otherWay(Buying.OtherWay way) {
    return way.more()
        .map(
            more ->
                more.minor() == 0
                    ? Words.say("shopping.oneShopSame", way.list().supplier())
                    : Words.say("shopping.oneShop", way.list().supplier(), more.show()))
        .orElseGet(() -> Words.say("shopping.notAll", way.list().supplier()));
  }

  private static BuyingView.UncountedView uncounted(Together.Open open) {
    List<String> said = new ArrayList<>();
    if (open.unnamed() > 0) {
      said.add(Words.say("shopping.unnamed", open.unnamed()));
    }
    if (open.notLaid() > 0) {
      said.add(Words.say("shopping.notLaid", open.notLaid()));
    }
    return new BuyingView.UncountedView(
        open.piece().id(), open.piece().name(), String.join(", ", said));
  }

  private static String sundries(Together.All all, TapeDivision tape) {
    List<String> said = new ArrayList<>();
    if (all.sandpaperSheets() > 0) {
      said.add(Words.say("gather.sandpaper", (int) all.sandpaperSheets()));
    }
    if (all.tapeMm() > 0) {
      said.add(Words.say("gather.tape", Measure.longText(all.tapeMm(), tape)));
    }
    return said.isEmpty() ? null : String.join(", ", said);
  }

  private static String colour(Supply supply) {
    return switch (supply) {
      case Supply.OfMedium of -> of.medium().coverage().colour().hex();
      case Supply.OfKind of -> of.medium().coverage().colour().hex();
      case Supply.OfDesign of ->
          of.design().colours().stream().findFirst().map(Colour::hex).orElse("#D5CBB8");
      case Supply.OfFilm _ -> "#D5CBB8";
    };
  }

  private String picture(Studio studio, Supply supply) {
    return supply instanceof Supply.OfDesign of
        ? shelf
            .design(studio.id(), of.design().id())
            .flatMap(OwnedDesign::pictureAddress)
            .orElse(null)
        : null;
  }

  private static String text(double quantity, Supply supply, TapeDivision tape) {
    return Available.amount(quantity, supply.unit(), tape);
  }

  static String sums(List<Money> sums) {
    return sums.stream().map(Money::show).collect(Collectors.joining(" + "));
  }
}
