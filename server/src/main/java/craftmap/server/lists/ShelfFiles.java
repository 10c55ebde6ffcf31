package craftmap.server.lists;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.artwork.Artworks;
import craftmap.server.artwork.Fitting;
import craftmap.server.artwork.StoredArtwork;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.Tools;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.NewHolding;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import jakarta.persistence.EntityManager;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The whole shelf as one JSON file, out and in again. */
@Service
@Transactional(readOnly = true)
class ShelfFiles {
  static final int MOST_BYTES = 64 * 1024 * 1024;

  private final Designs designs;
  private final Media media;
  private final Tools tools;
  private final Artworks artworks;
  private final Holdings holdings;
  private final Ledger ledger;
  private final JsonMapper json;
  private final EntityManager entities;

  ShelfFiles(
      Designs designs,
      Media media,
      Tools tools,
      Artworks artworks,
      Holdings holdings,
      Ledger ledger,
      JsonMapper json,
      EntityManager entities) {
    this.designs = designs;
    this.media = media;
    this.tools = tools;
    this.artworks = artworks;
    this.holdings = holdings;
    this.ledger = ledger;
    this.json = json;
    this.entities = entities;
  }

  ShelfFile write(Studio studio) {
    return new ShelfFile(
        ShelfFile.FORMAT,
        ShelfFile.VERSION,
        designs.all(studio.id()).stream().map(d -> design(studio, d)).toList(),
        media.all(studio.id()).stream()
            .map(
                m ->
                    new ShelfFile.MediumDoc(
                        m.given(), stock(holdings.ofMedium(studio.id(), m.medium().id()))))
            .toList(),
        tools.all(studio.id()).stream()
            .map(t -> new ShelfFile.ToolDoc(t.tool().name(), t.answers()))
            .toList());
  }

  private ShelfFile.DesignDoc design(Studio studio, OwnedDesign d) {
    Optional<StoredArtwork> artwork =
        Optional.ofNullable(d.given().artworkId()).map(a -> artworks.get(studio.id(), a));
    return new ShelfFile.DesignDoc(
        d.given(),
        artwork.map(a -> Base64.getEncoder().encodeToString(a.content())).orElse(null),
        artwork.map(StoredArtwork::widthMm).orElse(null),
        stock(holdings.ofDesign(studio.id(), d.design().id())));
  }

  private static List<ShelfFile.StockDoc> stock(List<Holding> stock) {
    return stock.stream()
        .map(
            h ->
                new ShelfFile.StockDoc(
                    h.form(),
                    h.unit(),
                    h.level(),
                    h.holds().orElse(null),
                    h.hand(),
                    h.offcut(),
                    h.particulars().place(),
                    h.particulars().tareG().orElse(null),
                    h.particulars().price().map(Money::minor).orElse(null),
                    h.particulars().price().map(Money::currency).orElse(null),
                    h.particulars().openedOn().orElse(null),
                    h.particulars().expiresOn().orElse(null)))
        .toList();
  }

  /** Adds all that is in a file to the shelf, or nothing; gives how many things that were. */
  @Guarded
  public int read(Studio studio, byte[] file, String by) {
    if (file.length > MOST_BYTES) {
      throw refused(
          said("mb", given(file.length / 1024 / 1024)),
          said("is-too-large"),
          said("at-most-64-mb"));
    }
    ShelfFile shelf;
    try {
      shelf = json.readValue(file, ShelfFile.class);
    } catch (JacksonException broken) {
      if (broken.getCause() instanceof RefusedInput told) {
        throw told;
      }
      var at = broken.getLocation();
      throw refused(
          at == null
              ? said("the-file")
              : said("line-column", given(at.getLineNr()), given(at.getColumnNr())),
          said("is-not-as-a-shelf-is-written"),
          said("a-file-that-craft-map-wrote"));
    }
    if (!ShelfFile.FORMAT.equals(shelf.format()) || shelf.version() > ShelfFile.VERSION) {
      throw refused(
          said("format-of-version", given(shelf.format()), given(shelf.version())),
          said("is-not-read-here"),
          said("up-to-version", given(ShelfFile.FORMAT), given(ShelfFile.VERSION)));
    }
    int things = 0;
    for (ShelfFile.DesignDoc d : all("designs", shelf.designs())) {
      add(studio, d, by);
      things++;
    }
    for (ShelfFile.MediumDoc m : all("media", shelf.media())) {
      MediumGiven given = there("medium", m.medium());
      String id = media.add(studio.id(), given).medium().id();
      all("stock", m.stock()).forEach(s -> put(studio, Optional.empty(), Optional.of(id), s, by));
      things++;
    }
    for (ShelfFile.ToolDoc t : all("tools", shelf.tools())) {
      tools.add(studio.id(), t.name(), t.answers());
      things++;
    }
    return things;
  }

  private void add(Studio studio, ShelfFile.DesignDoc doc, String by) {
    DesignGiven g = there("design", doc.design());
    String artwork = doc.artwork() == null ? null : artwork(studio, doc);
    OwnedDesign owned =
        designs.add(
            studio.id(),
            new DesignGiven(
                g.kind(),
                g.name(),
                g.motif(),
                g.note(),
                g.rights(),
                g.answers(),
                artwork,
                g.background(),
                g.motifs()));
    all("stock", doc.stock())
        .forEach(s -> put(studio, Optional.of(owned.design().id()), Optional.empty(), s, by));
  }

  private String artwork(Studio studio, ShelfFile.DesignDoc doc) {
    byte[] file;
    try {
      file = Base64.getDecoder().decode(doc.artwork());
    } catch (IllegalArgumentException notBase64) {
      throw refused(
          given(doc.design().name()),
          said("has-artwork-that-is-not-base64"),
          said("its-file-in-base64"));
    }
    StoredArtwork added = artworks.add(studio.id(), file);
    if (doc.artworkWidthMm() == null
        || added.trueSize() && Math.abs(added.widthMm() - doc.artworkWidthMm()) < 1e-3) {
      return added.id();
    }
    return artworks
        .fit(
            studio.id(),
            added.id(),
            new Fitting(new Fitting.Known(0, 0, 1, 0, doc.artworkWidthMm()), null))
        .id();
  }

  private void put(
      Studio studio,
      Optional<String> designId,
      Optional<String> mediumId,
      ShelfFile.StockDoc s,
      String by) {
    if (s.form() == null || s.unit() == null || s.level() == null) {
      throw refused(said("a-stock"), said("has-no-form-unit-or-level"), said("all-three"));
    }
    if (s.level().signum() < 0) {
      throw refused(
          said("a-level-of", given(s.level().toPlainString())),
          said("is-below-nothing"),
          said("0-or-more"));
    }
    Holding holding =
        holdings.setUp(
            studio.id(),
            new NewHolding(
                "",
                designId,
                mediumId,
                s.form(),
                s.unit(),
                Optional.ofNullable(s.holds()),
                s.hand() == null ? craftmap.server.stock.Hand.NONE : s.hand(),
                all("offcut", s.offcut()),
                new NewHolding.Particulars(
                    s.place(),
                    Optional.ofNullable(s.tareG()),
                    s.priceMinor() == null
                        ? Optional.empty()
                        : Optional.of(new Money(s.priceMinor(), s.currency())),
                    Optional.ofNullable(s.openedOn()),
                    Optional.ofNullable(s.expiresOn()))));
    if (s.level().signum() > 0) {
      ledger.book(
          studio.id(),
          holding.id(),
          Booking.of(EntryKind.BOUGHT, s.level(), s.unit()).paid(holding.particulars().price()),
          Words.say("lists.fromFile"),
          by);
    } else {
      // an empty one waits for nobody: what is written together is sorted by its kind, and the pots
      // of the next medium would come before that medium
      entities.flush();
    }
  }

  /** What a list of the file has in it; nothing where it is left out, but no gaps. */
  private static <T> List<T> all(String what, List<T> list) {
    if (list == null) {
      return List.of();
    }
    for (int i = 0; i < list.size(); i++) {
      there(what + "[" + i + "]", list.get(i));
    }
    return list;
  }

  private static <T> T there(String what, T value) {
    if (value == null) {
      throw refused(given(what), said("is-empty"), said("what-craft-map-writes-there"));
    }
    return value;
  }

  private static RefusedInput refused(Figure what, Figure fault, Figure accepted) {
    return new RefusedInput("shelf-file", what, fault, accepted);
  }
}
