package craftmap.server.gather;

import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.CollageSet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.supply.Claims;
import craftmap.core.supply.Provision;
import craftmap.core.supply.StockUnit;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanMoved;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.CutBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets what a piece takes against the shelf, and keeps it for the piece until it is used. */
@Service
@Transactional(readOnly = true)
public class GatherService {
  private final Pieces pieces;
  private final ShelfService shelf;
  private final Ledger ledger;
  private final ClaimBook claims;
  private final CutBook cuts;

  GatherService(Pieces pieces, ShelfService shelf, Ledger ledger, ClaimBook claims, CutBook cuts) {
    this.cuts = cuts;
    this.pieces = pieces;
    this.shelf = shelf;
    this.ledger = ledger;
    this.claims = claims;
  }

  public Gathering gather(Studio studio, SavedPlan piece) {
    Map<String, Use.Booked> used = ledger.usedByLay(studio.id(), piece.id());
    Map<String, List<LayReading.Laid>> byPot = new LinkedHashMap<>();
    Set<String> cut = cuts.designsCutFor(studio.id(), piece.id());
    Map<String, DesignWishes> byDesign = new LinkedHashMap<>();
    List<LayReading> notLaid = new ArrayList<>();
    for (LayReading reading : pieces.read(studio, piece.document()).lays()) {
      if (reading instanceof LayReading.Laid laid) {
        laid.paint()
            .filter(p -> laid.takes().potMl() > 0)
            .ifPresent(p -> byPot.computeIfAbsent(p.id(), id -> new ArrayList<>()).add(laid));
        usedUp(laid, byDesign);
      } else {
        notLaid.add(reading);
      }
    }
    List<Gathering.Need> needs = new ArrayList<>();
    byPot.forEach((potId, lays) -> needs.add(need(studio, piece.id(), potId, lays, used)));
    List<Gathering.DesignNeed> designs =
        byDesign.values().stream().map(w -> designNeed(studio, piece.id(), w, used, cut)).toList();
    return new Gathering(needs, designs, notLaid);
  }

  /** A design and what lays take of it. */
  private record DesignWishes(Design design, List<Gathering.Wanted> wanted) {}

  /** The pieces of a collage are each of their own design; all else is of the lay's. */
  private static void usedUp(LayReading.Laid laid, Map<String, DesignWishes> byDesign) {
    if (laid.chosen().arrangement() instanceof CollageSet) {
      Map<String, List<Item>> pieces = new LinkedHashMap<>();
      laid.items()
          .forEach(i -> pieces.computeIfAbsent(i.design().id(), d -> new ArrayList<>()).add(i));
      pieces.values().forEach(p -> wish(byDesign, p.getFirst().design(), laid, p.size()));
    } else {
      double quantity = laid.takes().offTheShelf(laid.design());
      if (quantity > 0) {
        wish(byDesign, laid.design(), laid, quantity);
      }
    }
  }

  private static void wish(
      Map<String, DesignWishes> byDesign, Design design, LayReading.Laid laid, double quantity) {
    byDesign
        .computeIfAbsent(design.id(), id -> new DesignWishes(design, new ArrayList<>()))
        .wanted()
        .add(new Gathering.Wanted(laid, quantity));
  }

  private Gathering.DesignNeed designNeed(
      Studio studio,
      String pieceId,
      DesignWishes wishes,
      Map<String, Use.Booked> used,
      Set<String> cut) {
    List<Holding> stock = shelf.stockOf(studio.id(), wishes.design().id());
    double mine =
        stock.stream()
            .mapToDouble(h -> claims.on(h).claims().forPiece(pieceId).doubleValue())
            .sum();
    double wanted = wishes.wanted().stream().mapToDouble(Gathering.Wanted::quantity).sum();
    StockUnit unit =
        switch (wishes.design().comes()) {
          case Comes.AsSheets c -> StockUnit.SHEETS;
          case Comes.ByLength c -> StockUnit.MM;
          default -> StockUnit.PIECES;
        };
    boolean taken =
        cut.contains(wishes.design().id())
            || wishes.wanted().stream()
                .map(w -> used.get(w.laid().lay().id()))
                .anyMatch(
                    b -> b != null && shelf.isOf(studio.id(), b.holdingId(), wishes.design().id()));
    return new Gathering.DesignNeed(
        wishes.design(),
        unit,
        wishes.wanted(),
        stock,
        mine,
        taken,
        Provision.of(taken ? 0 : wanted, mine));
  }

  private Gathering.Need need(
      Studio studio,
      String pieceId,
      String potId,
      List<LayReading.Laid> lays,
      Map<String, Use.Booked> used) {
    Pot pot = shelf.pot(studio.id(), potId).orElseThrow();
    List<Gathering.Use> uses = lays.stream().map(l -> use(pot, l, used)).toList();
    double still =
        uses.stream().filter(u -> !u.isDone()).mapToDouble(u -> u.laid().takes().potMl()).sum();
    Claims settled = claims.on(pot.holding()).claims();
    double mine = pot.ml(settled.forPiece(pieceId).doubleValue());
    return new Gathering.Need(pot, uses, still, pot.levelMl() - mine, Provision.of(still, mine));
  }

  private static Gathering.Use use(Pot pot, LayReading.Laid laid, Map<String, Use.Booked> used) {
    return new Gathering.Use(
        laid,
        Optional.ofNullable(used.get(laid.lay().id()))
            .map(b -> pot.ml(b.quantity().doubleValue())));
  }

  /** Keeps what the plan takes and has not used yet. */
  @EventListener
  @Transactional
  public void claim(PlanMoved moved) {
    if (moved.piece().archived()) {
      claims.release(moved.piece().id());
    } else {
      claim(moved.studio(), moved.piece());
    }
  }

  /** Asks anew for what is still to be taken, once something was. */
  @Transactional
  public void claimAgain(Studio studio, SavedPlan piece) {
    claim(studio, piece);
  }

  private void claim(Studio studio, SavedPlan piece) {
    List<ClaimBook.Wish> wishes = new ArrayList<>();
    Gathering gathered = gather(studio, piece);
    for (Gathering.Need need : gathered.needs()) {
      for (Gathering.Use use : need.uses()) {
        if (!use.isDone()) {
          wishes.add(
              new ClaimBook.Wish(
                  need.pot().holding().id(),
                  use.laid().lay().id(),
                  need.pot().inItsUnit(use.laid().takes().potMl())));
        }
      }
    }
    for (Gathering.DesignNeed need : gathered.designs()) {
      if (!need.isUsed()) {
        wishes.addAll(wishes(need));
      }
    }
    claims.replace(studio.id(), piece.id(), piece.document().name(), wishes);
  }

  /** From one stock after the other as far as each reaches; what none has, of the last. */
  private static List<ClaimBook.Wish> wishes(Gathering.DesignNeed need) {
    List<ClaimBook.Wish> wishes = new ArrayList<>();
    double[] left = need.stock().stream().mapToDouble(h -> h.level().doubleValue()).toArray();
    for (Gathering.Wanted wanted : need.wanted()) {
      double open = wanted.quantity();
      for (int i = 0; i < left.length && open > 0; i++) {
        boolean last = i == left.length - 1;
        double from = last ? open : Math.min(open, left[i]);
        if (from > 0) {
          left[i] -= from;
          open -= from;
          wishes.add(new ClaimBook.Wish(need.stock().get(i).id(), wanted.laid().lay().id(), from));
        }
      }
    }
    return wishes;
  }

  /** Books what a lay takes from its pot. */
  @Guarded
  public void done(Studio studio, String pieceId, String layId, String by) {
    pieces.hold(studio, pieceId);
    SavedPlan piece = pieces.get(studio, pieceId);
    for (Gathering.Need need : gather(studio, piece).needs()) {
      for (Gathering.Use use : need.uses()) {
        if (use.laid().lay().id().equals(layId)) {
          book(studio, piece, need.pot(), use.laid(), by);
          claim(studio, piece);
          return;
        }
      }
    }
    throw new RefusedInput("Lay", layId, "is not laid on this piece", "a lay that fits its face");
  }

  private void book(Studio studio, SavedPlan piece, Pot pot, LayReading.Laid laid, String by) {
    int coats = laid.lay().coats();
    ledger.bookUse(
        studio.id(),
        new Use(
            pot.holding().id(),
            pot.inItsUnit(laid.takes().potMl()),
            piece.id(),
            laid.lay().id(),
            coats == 1 ? Words.say("coats.one") : Words.say("coats.many", coats),
            Words.say("done.note", laid.design().name(), piece.document().name())),
        by);
  }

  /** Takes a booked use back, by a correction in the ledger. */
  @Guarded
  public void notDone(Studio studio, String pieceId, String layId, String by) {
    pieces.hold(studio, pieceId);
    SavedPlan piece = pieces.get(studio, pieceId);
    ledger.takeBackUse(
        studio.id(), pieceId, layId, Words.say("done.takenBack", piece.document().name()), by);
    claim(studio, piece);
  }
}
