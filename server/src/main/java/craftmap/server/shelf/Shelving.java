package craftmap.server.shelf;

import craftmap.core.design.Comes;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.SoldBy;
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
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts things on the shelf: sets up the stocks that a design or a medium comes in. */
@Service
@Transactional
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
    StockUnit unit = unitOf(owned);
    BigDecimal full = Quantities.read("Container holds", holds, unit, studio.tape());
    BigDecimal there =
        level == null || level.isBlank()
            ? full
            : Quantities.read("Level", level, unit, studio.tape());
    return buyPot(studio.id(), owned, full, there, orNothing(stock).particulars(), by);
  }

  private static StockGiven orNothing(StockGiven stock) {
    return Optional.ofNullable(stock).orElse(StockGiven.NOTHING);
  }

  private static StockUnit unitOf(OwnedMedium owned) {
    return owned.medium().soldBy() == SoldBy.WEIGHT ? StockUnit.G : StockUnit.ML;
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
    Comes comes = owned.design().comes();
    StockUnit unit =
        unitOf(comes)
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Quantity",
                        quantity,
                        "cannot be kept of " + owned.design().name() + ", it is made by hand",
                        "none"));
    BigDecimal amount = Quantities.read("Quantity", quantity, unit, tape);
    String id = owned.design().id();
    if (comes instanceof Comes.ByLength roll) {
      BigDecimal full = BigDecimal.valueOf(roll.fullMm());
      NewHolding holding =
          NewHolding.ofDesign(id, HoldingForm.ROLL, unit, Optional.of(full.max(amount)), Hand.NONE);
      return List.of(
          buy(studioId, holdings.setUp(studioId, holding.with(particulars)), amount, by));
    }
    List<Hand> hands =
        comes instanceof Comes.AsPieces p && p.handed()
            ? List.of(Hand.LEFT, Hand.RIGHT)
            : List.of(Hand.NONE);
    List<Holding> bought = new ArrayList<>();
    for (Hand hand : hands) {
      Holding whole =
          holdings.ofDesign(studioId, id).stream()
              .filter(h -> h.form() == HoldingForm.WHOLE && h.hand() == hand)
              .findFirst()
              .orElseGet(
                  () ->
                      holdings.setUp(
                          studioId,
                          NewHolding.ofDesign(id, HoldingForm.WHOLE, unit, Optional.empty(), hand)
                              .with(particulars)));
      bought.add(buy(studioId, whole, amount, by));
    }
    return bought;
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
    StockUnit unit = unitOf(owned);
    if (level.compareTo(holds) > 0) {
      throw new RefusedInput(
          "Level", unit.show(level), "does not fit the pot", "at most " + unit.show(holds));
    }
    NewHolding pot = NewHolding.pot(id, owned.medium().id(), unit, holds).with(particulars);
    return buy(studioId, holdings.setUp(studioId, pot), level, by);
  }

  private Holding buy(String studioId, Holding holding, BigDecimal quantity, String by) {
    if (quantity.signum() > 0) {
      ledger.book(
          studioId,
          holding.id(),
          Booking.of(EntryKind.BOUGHT, quantity, holding.unit()),
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
                        "Offcut", owned.design().name(), "has no sheet to cut from", "a sheet"));
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
