package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Comes;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.money.Money;
import craftmap.core.plane.Point;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.NewHolding;
import craftmap.server.stock.Openings;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Puts things on the shelf: sets up the stocks that a design or a medium comes in. */
@Service
@Guarded
public class Shelving {
  private final Designs designs;
  private final Media media;
  private final Holdings holdings;
  private final Ledger ledger;

  Shelving(Designs designs, Media media, Holdings holdings, Ledger ledger) {
    this.designs = designs;
    this.media = media;
    this.holdings = holdings;
    this.ledger = ledger;
  }

  /** Puts a new design on the shelf with what there is of it, all or nothing; gives its id. */
  public String putUp(
      Studio studio, DesignGiven given, String quantity, StockGiven stock, String by) {
    OwnedDesign owned = designs.add(studio.id(), given);
    if (quantity != null && !quantity.isBlank()) {
      buyDesign(studio.id(), owned, quantity, orNothing(stock).particulars(), studio.tape(), by);
    }
    return owned.design().id();
  }

  /** Puts a new medium on the shelf in a pot, all or nothing; gives its id. */
  public String putUp(
      Studio studio, MediumGiven given, String holds, String level, StockGiven stock, String by) {
    OwnedMedium owned = media.add(studio.id(), given);
    buyPot(studio, owned, holds, level, stock, by);
    return owned.medium().id();
  }

  /** A pot as it is typed; without a level it is full. */
  public Holding buyPot(
      Studio studio, OwnedMedium owned, String holds, String level, StockGiven stock, String by) {
    Openings openings = new Openings();
    Holding pot = shelvePot(studio, owned, holds, level, stock, openings);
    ledger.open(studio.id(), openings, Words.say("buy.note"), by);
    return pot;
  }

  private static StockGiven orNothing(StockGiven stock) {
    return Optional.ofNullable(stock).orElse(StockGiven.NOTHING);
  }

  /** What a quantity of a design is counted in; none where nothing of it lies on a shelf. */
  public static Optional<StockUnit> unitOf(Comes comes) {
    return switch (comes) {
      case Comes.AsSheets sheets -> Optional.of(StockUnit.SHEETS);
      case Comes.AsTool tool -> Optional.of(tool.sheet() ? StockUnit.SHEETS : StockUnit.PIECES);
      case Comes.AsPieces pieces -> Optional.of(StockUnit.PIECES);
      case Comes.ByLength length -> Optional.of(StockUnit.MM);
      case Comes.ByHand byHand -> Optional.empty();
    };
  }

  /**
   * Buys some of a design: onto the stock there is, or as another roll.
   *
   * @param quantity as it is typed; pairs for handed pieces, so many of each hand
   */
  public List<Holding> buyDesign(
      String studioId,
      OwnedDesign owned,
      String quantity,
      NewHolding.Particulars particulars,
      TapeDivision tape,
      String by) {
    List<Holding> whole =
        owned.design().comes() instanceof Comes.ByLength
            ? List.of()
            : holdings.ofDesign(studioId, owned.design().id()).stream()
                .filter(h -> h.form() == HoldingForm.WHOLE)
                .toList();
    if (whole.isEmpty()) {
      Openings openings = new Openings();
      List<Holding> fresh = shelve(studioId, owned, quantity, particulars, tape, openings);
      ledger.open(studioId, openings, Words.say("buy.note"), by);
      return fresh;
    }
    BigDecimal amount = amount(owned, quantity, tape);
    List<Holding> bought = new ArrayList<>();
    for (Holding h : whole) {
      Optional<Money> paid = share(particulars.price(), whole.size(), bought.size());
      bought.add(buy(studioId, h, amount, paid, by));
    }
    return bought;
  }

  /** Sets up the stock of a design that has none yet; what is there of it is still to be booked. */
  public List<Holding> shelve(
      String studioId,
      OwnedDesign owned,
      String quantity,
      NewHolding.Particulars particulars,
      TapeDivision tape,
      Openings into) {
    Comes comes = owned.design().comes();
    BigDecimal amount = amount(owned, quantity, tape);
    StockUnit unit = unitOf(comes).orElseThrow();
    String id = owned.design().id();
    List<NewHolding> wanted = new ArrayList<>();
    if (comes instanceof Comes.ByLength roll) {
      BigDecimal full = BigDecimal.valueOf(roll.fullMm()).max(amount);
      wanted.add(NewHolding.ofDesign(id, HoldingForm.ROLL, unit, Optional.of(full), Hand.NONE));
    } else {
      List<Hand> hands =
          comes instanceof Comes.AsPieces p && p.handed()
              ? List.of(Hand.LEFT, Hand.RIGHT)
              : List.of(Hand.NONE);
      hands.forEach(
          hand ->
              wanted.add(NewHolding.ofDesign(id, HoldingForm.WHOLE, unit, Optional.empty(), hand)));
    }
    List<Holding> begun = new ArrayList<>();
    for (NewHolding w : wanted) {
      Optional<Money> paid = share(particulars.price(), wanted.size(), begun.size());
      begun.add(begin(holdings.setUp(studioId, w.with(particulars)), amount, paid, into));
    }
    return begun;
  }

  private static BigDecimal amount(OwnedDesign owned, String quantity, TapeDivision tape) {
    StockUnit unit =
        unitOf(owned.design().comes())
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "quantity",
                        given(quantity),
                        said("cannot-be-kept-of-it-is-made-by-hand", given(owned.design().name())),
                        said("none")));
    return Quantities.read(said("quantity"), quantity, unit, tape);
  }

  /** Buys a pot of a medium: always another pot. */
  public Holding buyPot(
      String studioId,
      OwnedMedium owned,
      BigDecimal holds,
      BigDecimal level,
      NewHolding.Particulars particulars,
      String by) {
    return buyPot(studioId, "", owned, holds, level, particulars, by);
  }

  /** Under an id of the caller's. */
  public Holding buyPot(
      String studioId,
      String id,
      OwnedMedium owned,
      BigDecimal holds,
      BigDecimal level,
      NewHolding.Particulars particulars,
      String by) {
    Openings openings = new Openings();
    Holding pot = shelvePot(studioId, id, owned, holds, level, particulars, openings);
    ledger.open(studioId, openings, Words.say("buy.note"), by);
    return pot;
  }

  /** A pot of what was mixed from others, full. */
  public Holding mixPot(
      String studioId,
      OwnedMedium owned,
      BigDecimal quantity,
      NewHolding.Particulars particulars,
      String by) {
    NewHolding pot =
        NewHolding.pot("", owned.medium().id(), owned.medium().unit(), quantity).with(particulars);
    Openings openings = new Openings();
    Holding mixed = holdings.setUp(studioId, pot);
    openings.add(mixed, Booking.of(EntryKind.MIXED, quantity, mixed.unit()));
    ledger.open(studioId, openings, Words.say("mix.made"), by);
    return mixed;
  }

  /** Sets up a pot as it is typed; what is in it is still to be booked. */
  public Holding shelvePot(
      Studio studio,
      OwnedMedium owned,
      String holds,
      String level,
      StockGiven stock,
      Openings into) {
    BigDecimal full =
        Quantities.read(said("container-holds"), holds, owned.medium().unit(), studio.tape());
    BigDecimal there =
        level == null || level.isBlank()
            ? full
            : Quantities.read(said("level"), level, owned.medium().unit(), studio.tape());
    return shelvePot(studio.id(), "", owned, full, there, orNothing(stock).particulars(), into);
  }

  private Holding shelvePot(
      String studioId,
      String id,
      OwnedMedium owned,
      BigDecimal holds,
      BigDecimal level,
      NewHolding.Particulars particulars,
      Openings into) {
    StockUnit unit = owned.medium().unit();
    if (level.compareTo(holds) > 0) {
      throw new RefusedInput(
          "level",
          given(unit.show(level)),
          said("does-not-fit-the-pot"),
          said("at-most", given(unit.show(holds))));
    }
    NewHolding pot = NewHolding.pot(id, owned.medium().id(), unit, holds).with(particulars);
    return begin(holdings.setUp(studioId, pot), level, particulars.price(), into);
  }

  /** Of a pair each hand has its share of what the pair cost. */
  private static Optional<Money> share(Optional<Money> paid, int of, int index) {
    return paid.map(p -> p.split(of).get(index));
  }

  private static Holding begin(
      Holding fresh, BigDecimal quantity, Optional<Money> paid, Openings into) {
    return quantity.signum() == 0
        ? fresh
        : into.add(fresh, Booking.of(EntryKind.BOUGHT, quantity, fresh.unit()).paid(paid));
  }

  private Holding buy(
      String studioId, Holding holding, BigDecimal quantity, Optional<Money> paid, String by) {
    if (quantity.signum() > 0) {
      ledger.book(
          studioId,
          holding.id(),
          Booking.of(EntryKind.BOUGHT, quantity, holding.unit()).paid(paid),
          Words.say("buy.note"),
          by);
    }
    return holdings.get(studioId, holding.id());
  }

  /**
   * Keeps a leftover of a sheet.
   *
   * @param cutFrom the stock whose sheet was cut, where one is used up by that
   */
  public Holding keepOffcut(
      String studioId,
      String designId,
      List<Point> outline,
      Optional<String> cutFrom,
      NewHolding.Particulars particulars,
      String note,
      String by) {
    OwnedDesign owned = designs.get(studioId, designId);
    var sheet =
        owned
            .design()
            .picture()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "offcut",
                        given(owned.design().name()),
                        said("has-no-sheet-to-cut-from"),
                        said("a-sheet")));
    Offcut offcut = new Offcut(outline).fromSheet(sheet.widthMm(), sheet.heightMm());
    cutFrom.ifPresent(
        from ->
            ledger.book(
                studioId,
                from,
                Booking.of(EntryKind.USED, BigDecimal.ONE, holdings.get(studioId, from).unit()),
                Words.say("offcut.cut"),
                by));
    Holding kept =
        holdings.setUp(
            studioId,
            new NewHolding(
                "",
                Optional.of(designId),
                Optional.empty(),
                HoldingForm.OFFCUT,
                StockUnit.PIECES,
                Optional.empty(),
                Hand.NONE,
                offcut.outline(),
                particulars));
    ledger.book(
        studioId,
        kept.id(),
        Booking.of(EntryKind.OFFCUT, BigDecimal.ONE, StockUnit.PIECES),
        note == null || note.isBlank() ? Words.say("offcut.note") : note,
        by);
    return holdings.get(studioId, kept.id());
  }

  /** The medium of a pot, for its density. */
  Optional<OwnedMedium> mediumOf(String studioId, Holding holding) {
    return holding.mediumId().map(m -> media.get(studioId, m));
  }
}
