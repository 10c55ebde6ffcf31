package craftmap.server.demo;

import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.money.Money;
import craftmap.core.money.Pack;
import craftmap.core.plane.Point;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.artwork.Artworks;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.shelf.Shelving;
import craftmap.server.shelf.StockGiven;
import craftmap.server.shelf.Tools;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.studio.Studio;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The shelf of Saltmarsh Studio, as {@code demo/shelf.json} lists it. */
@Component
class DemoShelf {
  private static final String BY = "Wren";

  private final Artworks artworks;
  private final Designs designs;
  private final Media media;
  private final Tools tools;
  private final Shelving shelving;
  private final Ledger ledger;
  private final Holdings holdings;
  private final JsonMapper json;

  DemoShelf(
      Artworks artworks,
      Designs designs,
      Media media,
      Tools tools,
      Shelving shelving,
      Ledger ledger,
      Holdings holdings,
      JsonMapper json) {
    this.holdings = holdings;
    this.artworks = artworks;
    this.designs = designs;
    this.media = media;
    this.tools = tools;
    this.shelving = shelving;
    this.ledger = ledger;
    this.json = json;
  }

  /** A design of the list. */
  record DemoDesign(
      String id,
      DesignKind kind,
      String name,
      String motif,
      String note,
      Rights rights,
      Answers answers,
      String art,
      String background,
      List<DesignGiven.MotifDoc> motifs,
      String quantity,
      String place,
      String price,
      List<DemoUse> used,
      List<DemoOffcut> offcuts) {}

  /** Something that happened before the story begins. */
  record DemoUse(EntryKind kind, String quantity, String note) {}

  record DemoOffcut(List<double[]> outline, String place, String note) {}

  record DemoPack(String holds, String price) {}

  /** A medium of the list, in one pot. */
  record DemoMedium(
      String id,
      String name,
      String generic,
      Answers label,
      String holds,
      String tareG,
      String place,
      String price,
      LocalDate openedOn,
      LocalDate expiresOn,
      List<DemoPack> packs,
      List<DemoUse> used) {}

  record DemoTool(String name, Answers answers) {}

  record DemoList(List<DemoDesign> designs, List<DemoMedium> media, List<DemoTool> tools) {}

  void fill(Studio studio, DemoIds ids) throws IOException {
    DemoList list = list();
    for (DemoDesign d : list.designs()) {
      add(studio, ids.apply(d.id()), d);
    }
    for (DemoMedium m : list.media()) {
      add(studio, ids.apply(m.id()), m);
    }
    for (DemoTool t : list.tools()) {
      tools.add(studio.id(), t.name(), t.answers());
    }
  }

  private DemoList list() throws IOException {
    try (InputStream in = new ClassPathResource("demo/shelf.json").getInputStream()) {
      JsonNode tree = json.readTree(in);
      return json.treeToValue(tree, DemoList.class);
    }
  }

  private void add(Studio studio, String id, DemoDesign d) throws IOException {
    String artwork = d.art() == null ? null : artwork(studio, d.art());
    OwnedDesign owned =
        designs.add(
            studio.id(),
            id,
            new DesignGiven(
                d.kind(),
                d.name(),
                d.motif(),
                d.note(),
                d.rights(),
                d.answers(),
                artwork,
                d.background(),
                d.motifs()));
    if (d.quantity() != null) {
      StockGiven stock = new StockGiven(d.place(), null, d.price(), "EUR", null, null);
      List<Holding> bought =
          shelving.buyDesign(
              studio.id(), owned, d.quantity(), stock.particulars(), studio.tape(), BY);
      book(studio, bought.getFirst(), d.used());
    }
    for (DemoOffcut offcut : orNone(d.offcuts())) {
      List<Point> outline = new ArrayList<>();
      offcut.outline().forEach(p -> outline.add(new Point(p[0], p[1])));
      shelving.keepOffcut(
          studio.id(),
          id,
          outline,
          Optional.empty(),
          StockGiven.at(offcut.place()).particulars(),
          offcut.note(),
          BY);
    }
  }

  private String artwork(Studio studio, String file) throws IOException {
    try (InputStream in = new ClassPathResource("demo/designs/" + file).getInputStream()) {
      return artworks.add(studio.id(), in.readAllBytes()).id();
    }
  }

  private void add(Studio studio, String id, DemoMedium m) {
    List<Pack> packs =
        orNone(m.packs()).stream()
            .map(p -> new Pack(new BigDecimal(p.holds()), Money.read(p.price(), "EUR")))
            .toList();
    OwnedMedium owned =
        media.add(studio.id(), id, new MediumGiven(m.name(), m.generic(), m.label(), packs));
    BigDecimal holds = new BigDecimal(m.holds());
    StockGiven stock =
        new StockGiven(m.place(), m.tareG(), m.price(), "EUR", m.openedOn(), m.expiresOn());
    shelving.buyPot(studio.id(), id, owned, holds, holds, stock.particulars(), BY);
  }

  /**
   * What was used out of pots before the story begins, beside what the pieces of the past took:
   * with these it comes to what the list says.
   */
  void bookTheRest(Studio studio, DemoIds ids) throws IOException {
    List<String> tooMuch = new ArrayList<>();
    for (DemoMedium m : list().media()) {
      Holding pot = holdings.get(studio.id(), ids.apply(m.id()));
      BigDecimal booked = new BigDecimal(m.holds()).subtract(pot.level());
      for (DemoUse use : orNone(m.used())) {
        BigDecimal rest = new BigDecimal(use.quantity()).subtract(booked);
        booked = booked.subtract(new BigDecimal(use.quantity())).max(BigDecimal.ZERO);
        if (rest.signum() > 0) {
          book(studio, pot, use.kind(), rest, use.note());
        }
      }
      if (booked.signum() > 0) {
        tooMuch.add(booked + " of " + m.id());
      }
    }
    if (!tooMuch.isEmpty()) {
      throw new IllegalStateException(
          "impossible state: the past took more than was used: " + tooMuch);
    }
  }

  private void book(Studio studio, Holding holding, List<DemoUse> used) {
    for (DemoUse use : orNone(used)) {
      book(studio, holding, use.kind(), new BigDecimal(use.quantity()), use.note());
    }
  }

  private void book(
      Studio studio, Holding holding, EntryKind kind, BigDecimal quantity, String note) {
    ledger.book(studio.id(), holding.id(), Booking.of(kind, quantity, holding.unit()), note, BY);
  }

  private static <T> List<T> orNone(List<T> list) {
    return list == null ? List.of() : list;
  }
}
