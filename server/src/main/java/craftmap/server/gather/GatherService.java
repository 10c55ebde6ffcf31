package craftmap.server.gather;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.design.Design;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Medium;
import craftmap.core.order.mishap.Mishap;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.order.MendDraw;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.supply.Provision;
import craftmap.core.supply.StockUnit;
import craftmap.server.piece.PieceGone;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanMoved;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.CutBook;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets what a piece takes against the shelf, and keeps it for the piece until it is used. */
@Service
@Transactional(readOnly = true)
public class GatherService {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Ledger ledger;
  private final ClaimBook claims;
  private final CutBook cuts;
  private final BenchUses bench;

  GatherService(
      Pieces pieces,
      PlanReadings readings,
      ShelfService shelf,
      Ledger ledger,
      ClaimBook claims,
      CutBook cuts,
      BenchUses bench) {
    this.bench = bench;
    this.cuts = cuts;
    this.pieces = pieces;
    this.readings = readings;
    this.shelf = shelf;
    this.ledger = ledger;
    this.claims = claims;
  }

  @Solves
  public Gathering gather(Studio studio, SavedPlan piece) {
    return gather(studio, piece, settlings());
  }

  /** One of many pieces, whose stocks are settled for all of them together. */
  @Solves
  public Gathering gather(Studio studio, SavedPlan piece, Settlings settlings) {
    return gather(studio, piece, settlings, ledger.usedByLay(studio.id(), piece.id()));
  }

  /** To be shared by the pieces that one question looks at. */
  @Solves
  public Settlings settlings() {
    return new Settlings(claims);
  }

  /** By what is booked for it. */
  private Gathering gather(
      Studio studio, SavedPlan piece, Settlings settlings, Map<String, Use.Booked> used) {
    Map<String, List<Gathering.What>> byPot = new LinkedHashMap<>();
    Set<String> cut = cuts.designsCutFor(studio.id(), piece.id());
    List<LayReading> notLaid = new ArrayList<>();
    List<LayReading.Laid> unnamed = new ArrayList<>();
    List<LayReading.Laid> unrolled = new ArrayList<>();
    PlanReading plan = readings.read(studio, piece.plan());
    for (LayReading reading : plan.lays()) {
      if (reading instanceof LayReading.Laid laid) {
        if (laid.lead() && laid.takes().potMl() > 0) {
          laid.pot()
              .ifPresentOrElse(
                  p ->
                      byPot
                          .computeIfAbsent(p.id(), id -> new ArrayList<>())
                          .add(new Gathering.What.OfLay(laid)),
                  () -> unnamed.add(laid));
        }
        if (laid.lead() && laid.takes().filmMm() > 0 && laid.film().isEmpty()) {
          unrolled.add(laid);
        }
      } else {
        notLaid.add(reading);
      }
    }
    List<Gathering.Unowned> unowned = new ArrayList<>();
    Mine mine = new Mine(settlings, piece.id());
    PotsTogether together = new PotsTogether(() -> shelf.allPots(studio.id()), mine::ml);
    BenchUses.Steps steps = bench.steps(studio, piece, used);
    CoatsReading coats = readings.coats(studio, piece.plan());
    for (GroupReading group : coats.groups()) {
      for (BandReading band : group.bands()) {
        if (band.ml() > 0 && !(band.band() instanceof Band.OfLay)) {
          Gathering.What.OfBand what = new Gathering.What.OfBand(group, band);
          band.potId()
              .ifPresentOrElse(
                  p -> byPot.computeIfAbsent(p, id -> new ArrayList<>()).add(what),
                  () -> {
                    double left = steps.still().of(what.id(), what.ml());
                    Optional<Medium> medium = band.product().map(InHand::medium);
                    if (left > 0 && medium.isPresent()) {
                      unowned.add(
                          new Gathering.Unowned(
                              what, medium.get(), left, together.of(medium.get(), left)));
                    }
                  });
        }
      }
    }
    steps
        .asked()
        .mendDraws()
        .values()
        .forEach(
            taken -> {
              Gathering.What.OfMend what = mend(piece, coats, steps, taken);
              double left = steps.still().of(what.id(), what.ml());
              taken
                  .draw()
                  .potId()
                  .ifPresentOrElse(
                      pot -> byPot.computeIfAbsent(pot, id -> new ArrayList<>()).add(what),
                      () ->
                          taken
                              .of()
                              .filter(_ -> left > 0)
                              .ifPresent(
                                  m ->
                                      unowned.add(
                                          new Gathering.Unowned(what, m, left, Optional.empty()))));
            });
    List<Gathering.Need> needs = new ArrayList<>();
    Map<String, Pot> pots = shelf.pots(studio.id(), byPot.keySet());
    mine.lookUp(studio.id(), pots.values().stream().map(Pot::holding).toList());
    byPot.forEach((potId, lays) -> needs.add(need(mine, pot(pots, potId), lays, steps)));
    List<Gathering.DesignNeed> designs =
        plan.pools().stream()
            .map(p -> designNeed(studio, mine, p, used, cut, steps.spoiled(p.design().id())))
            .toList();
    return new Gathering(
        together.helped(needs),
        designs,
        unnamed,
        unrolled,
        unowned,
        sundries(coats),
        notLaid,
        coats.failing());
  }

  private static Gathering.Sundries sundries(CoatsReading coats) {
    double sheets = 0;
    double tape = 0;
    for (GroupReading group : coats.groups()) {
      for (BandReading band : group.bands()) {
        sheets += band.sheets();
        tape += band.tapeMm();
      }
    }
    return new Gathering.Sundries(Math.ceil(sheets), tape);
  }

  private static Gathering.What.OfMend mend(
      SavedPlan piece, CoatsReading coats, BenchUses.Steps steps, MendDraw taken) {
    String key = taken.draw().useId();
    return new Gathering.What.OfMend(
        key,
        piece.plan().order().mishaps().get(Mishap.idOf(key)).remedy(),
        coats.group(steps.asked().work().step(piece.id() + ":" + key).row()),
        taken.of(),
        taken.draw().ml());
  }

  private Gathering.DesignNeed designNeed(
      Studio studio,
      Mine mine,
      Pool byItself,
      Map<String, Use.Booked> used,
      Set<String> cut,
      double spoiled) {
    Design design = byItself.design();
    List<Holding> stock = shelf.stockOf(studio.id(), design.id());
    StockUnit unit = design.comes().usedIn();
    boolean taken =
        cut.contains(design.id())
            || byItself.uses().stream()
                .map(u -> used.get(u.laid().lay().id()))
                .anyMatch(b -> b != null && shelf.isOf(studio.id(), b.holdingId(), design.id()));
    // once it is cut, the leftovers it was cut from are gone: it is told as it is by itself
    Pool pool =
        taken || !Pool.comesInSheets(design)
            ? byItself
            : byItself.with(shelf.leftoversToCut(studio.id(), design.id()));
    return new Gathering.DesignNeed(
        design,
        unit,
        pool,
        spoiled,
        stock,
        mine.of(stock),
        taken,
        toBuy(pool, taken, spoiled, stock, mine),
        provision(pool, taken, spoiled, stock, mine));
  }

  /** A pair holds one of each hand: the hand of which more are missing says how many pairs. */
  private static double toBuy(
      Pool pool, boolean taken, double spoiled, List<Holding> stock, Mine mine) {
    if (taken || !pool.isHanded()) {
      return Math.max(0, (taken ? 0 : pool.quantity()) + spoiled - mine.of(stock));
    }
    return Math.max(
        0,
        spoiled
            + Math.max(
                pool.left() - mine.of(ofHand(stock, Hand.LEFT)),
                pool.right() - mine.of(ofHand(stock, Hand.RIGHT))));
  }

  /** Of handed pieces, each hand by itself: four left ones are not two pairs. */
  private static Provision provision(
      Pool pool, boolean taken, double spoiled, List<Holding> stock, Mine mine) {
    if (taken || !pool.isHanded()) {
      return Provision.of((taken ? 0 : pool.quantity()) + spoiled, mine.of(stock));
    }
    double left = mine.of(ofHand(stock, Hand.LEFT));
    double right = mine.of(ofHand(stock, Hand.RIGHT));
    // nobody knows of which hand what broke: a pair for each
    double missing =
        Math.max(0, pool.left() + spoiled - left) + Math.max(0, pool.right() + spoiled - right);
    return missing > 0
        ? new Provision.Short(missing)
        : new Provision.Enough(left + right - pool.left() - pool.right() - 2 * spoiled);
  }

  private static List<Holding> ofHand(List<Holding> stock, Hand hand) {
    return stock.stream().filter(h -> h.hand() == hand).toList();
  }

  private static Pot pot(Map<String, Pot> pots, String id) {
    return Optional.ofNullable(pots.get(id)).orElseThrow();
  }

  private Gathering.Need need(
      Mine mine, Pot pot, List<Gathering.What> uses, BenchUses.Steps steps) {
    List<Gathering.Use> each = uses.stream().map(w -> use(pot, w, steps)).toList();
    double still = each.stream().mapToDouble(Gathering.Use::leftMl).sum();
    double ml = mine.ml(pot);
    return new Gathering.Need(
        pot, each, still, pot.levelMl() - ml, Provision.of(still, ml), Optional.empty());
  }

  private static Gathering.Use use(Pot pot, Gathering.What what, BenchUses.Steps steps) {
    return new Gathering.Use(
        what,
        Optional.ofNullable(steps.used().get(what.id()))
            .map(b -> pot.ml(b.quantity().doubleValue())),
        steps.worked(what.id(), pot),
        steps.still().of(what.id(), what.ml()));
  }

  /** Keeps what the plan takes and has not used yet. */
  @EventListener
  @Order(1)
  @Transactional
  public void claim(PlanMoved moved) {
    Map<String, Use.Booked> used = bench.follow(moved.studio(), moved.piece());
    if (moved.piece().archived()) {
      claims.release(moved.studio().id(), moved.piece().id());
    } else {
      claim(
          moved.studio(), moved.piece(), gather(moved.studio(), moved.piece(), settlings(), used));
    }
  }

  /** Nothing is kept for a piece that is deleted; what it used stays used. */
  @EventListener
  @Transactional
  public void forget(PieceGone gone) {
    claims.release(gone.studio().id(), gone.pieceId());
    ledger.forget(gone.studio().id(), gone.pieceId());
    cuts.forget(gone.studio().id(), gone.pieceId());
  }

  /** Asks anew for what is still to be taken, once something was. */
  @Transactional
  public void claimAgain(Studio studio, SavedPlan piece) {
    claim(studio, piece);
  }

  private void claim(Studio studio, SavedPlan piece) {
    claim(studio, piece, gather(studio, piece));
  }

  private void claim(Studio studio, SavedPlan piece, Gathering gathered) {
    List<ClaimBook.Wish> wishes = new ArrayList<>();
    for (Gathering.Need need : gathered.needs()) {
      for (Gathering.Use use : need.uses()) {
        if (use.leftMl() > 0) {
          wishes.add(
              new ClaimBook.Wish(
                  need.pot().holding().id(), use.what().id(), need.pot().inItsUnit(use.leftMl())));
        }
      }
    }
    for (Gathering.DesignNeed need : gathered.designs()) {
      if (!need.isUsed()) {
        wishes.addAll(wishes(need));
      }
    }
    claims.replace(studio.id(), piece.id(), piece.name(), wishes);
  }

  /**
   * What all lays take together, asked for by one after the other until it is all asked for: of
   * each hand from its own stock.
   */
  private static List<ClaimBook.Wish> wishes(Gathering.DesignNeed need) {
    List<ClaimBook.Wish> wishes = new ArrayList<>();
    if (need.pool().isHanded()) {
      for (Pool.Use use : need.wanted()) {
        long right = use.laid().items().stream().filter(i -> i.at().mirrored()).count();
        String layId = use.laid().lay().id();
        double left = use.laid().items().size() - right;
        from(ofHand(need.stock(), Hand.LEFT), layId, left, wishes);
        from(ofHand(need.stock(), Hand.RIGHT), layId, right, wishes);
      }
      return wishes;
    }
    double open = need.quantity();
    double[] left = levels(need.stock());
    for (Pool.Use use : need.wanted()) {
      double asked = Math.min(open, use.quantity());
      open -= asked;
      from(need.stock(), left, use.laid().lay().id(), asked, wishes);
    }
    if (open > 0 && !need.wanted().isEmpty()) {
      // together they take more than each by itself where leftovers run out: the last one asks
      from(need.stock(), left, need.wanted().getLast().laid().lay().id(), open, wishes);
    }
    return wishes;
  }

  private static double[] levels(List<Holding> stock) {
    return stock.stream().mapToDouble(h -> h.level().doubleValue()).toArray();
  }

  private static void from(
      List<Holding> stock, String layId, double quantity, List<ClaimBook.Wish> into) {
    from(stock, levels(stock), layId, quantity, into);
  }

  /** From one stock after the other as far as each reaches; what none has, of the last. */
  private static void from(
      List<Holding> stock,
      double[] left,
      String layId,
      double quantity,
      List<ClaimBook.Wish> into) {
    double open = quantity;
    for (int i = 0; i < left.length && open > 0; i++) {
      boolean last = i == left.length - 1;
      double from = last ? open : Math.min(open, left[i]);
      if (from > 0) {
        left[i] -= from;
        open -= from;
        into.add(new ClaimBook.Wish(stock.get(i).id(), layId, from));
      }
    }
  }

  /** Books what a lay takes from its pot. */
  @Guarded
  public void done(Studio studio, String pieceId, String layId, String by) {
    SavedPlan piece = pieces.held(studio, pieceId);
    for (Gathering.Need need : gather(studio, piece).needs()) {
      for (Gathering.Use use : need.uses()) {
        if (use.what().id().equals(layId)) {
          if (use.leftMl() > 0) {
            book(studio, piece, need.pot(), use, by);
            claim(studio, piece);
          }
          return;
        }
      }
    }
    throw new RefusedInput(
        "lay", given(layId), said("is-not-laid-on-this-piece"), said("a-lay-that-fits-its-face"));
  }

  private void book(Studio studio, SavedPlan piece, Pot pot, Gathering.Use use, String by) {
    Gathering.What what = use.what();
    ledger.bookUse(
        studio.id(),
        new Use(
            pot.holding().id(),
            pot.inItsUnit(use.leftMl()),
            piece.id(),
            what.id(),
            step(what),
            Words.say("done.note", of(pot, what), piece.name())),
        by);
  }

  private static String step(Gathering.What what) {
    return switch (what) {
      case Gathering.What.OfLay lay -> Words.say("coats", lay.laid().lay().coats());
      case Gathering.What.OfMend mend -> Words.say("mend." + mend.remedy());
      case Gathering.What.OfBand band ->
          switch (band.band().band()) {
            case Band.Coat coat -> Words.say("coats", coat.times());
            case Band.Step step -> Words.say("step", step.kind());
            case Band.OfLay _ -> "";
          };
    };
  }

  private static String of(Pot pot, Gathering.What what) {
    return what instanceof Gathering.What.OfLay lay
        ? lay.laid().design().name()
        : pot.medium().name();
  }

  /** Takes a booked use back, by a correction in the ledger. */
  @Guarded
  public void notDone(Studio studio, String pieceId, String layId, String by) {
    pieces.hold(studio, pieceId);
    SavedPlan piece = pieces.get(studio, pieceId);
    ledger.takeBackUse(studio.id(), pieceId, layId, Words.say("done.takenBack", piece.name()), by);
    claim(studio, piece);
  }
}
