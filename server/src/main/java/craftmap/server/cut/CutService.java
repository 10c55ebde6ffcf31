package craftmap.server.cut;

import craftmap.core.design.Comes;
import craftmap.core.design.Design;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.DesignCut;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.NewHolding;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what is cut from which sheet, and books it all at once when it is cut. */
@Service
@Transactional(readOnly = true)
class CutService {
  private final GatherService gathering;
  private final ShelfService shelf;
  private final Shelving shelving;
  private final Ledger ledger;

  CutService(GatherService gathering, ShelfService shelf, Shelving shelving, Ledger ledger) {
    this.gathering = gathering;
    this.shelf = shelf;
    this.shelving = shelving;
    this.ledger = ledger;
  }

  /**
   * One design's cuts.
   *
   * @param isCut the ledger says that its sheets were taken
   * @param leftovers of the shelf, by the id the cuts name
   */
  record Cutting(DesignCut cut, boolean isCut, List<Holding> leftovers) {
    Holding leftover(String id) {
      return leftovers.stream().filter(h -> h.id().equals(id)).findFirst().orElseThrow();
    }
  }

  /** Of all designs that come in sheets, in the order the plan uses them. */
  List<Cutting> cuttings(Studio studio, SavedPlan piece) {
    return gathering.gather(studio, piece).designs().stream()
        .filter(d -> comesInSheets(d.design()))
        .map(d -> cutting(studio, d))
        .toList();
  }

  private static boolean comesInSheets(Design design) {
    return design.comes() instanceof Comes.AsSheets && design.picture().isPresent();
  }

  private Cutting cutting(Studio studio, Gathering.DesignNeed need) {
    List<Holding> leftovers = shelf.leftoversOf(studio.id(), need.design().id());
    List<LayReading.Laid> lays = need.wanted().stream().map(Gathering.Wanted::laid).toList();
    DesignCut cut =
        DesignCut.of(
            need.design(),
            lays,
            leftovers.stream()
                .map(h -> new DesignCut.Leftover(h.id(), new Offcut(h.offcut())))
                .toList(),
            need.isUsed() ? lays.size() * MOST_SHEETS_A_LAY : (int) Math.floor(need.mine()));
    return new Cutting(cut, need.isUsed(), leftovers);
  }

  private static final int MOST_SHEETS_A_LAY = 400;

  /** A rest to keep: of which of the sheets, and which of its rests, both from 0. */
  record Kept(int sheet, int rest) {}

  /**
   * Books the cuts of a design: its new sheets are used, leftovers that were cut are used up, and
   * what is kept goes onto the shelf. All of it, or nothing.
   */
  @Transactional
  void book(Studio studio, SavedPlan piece, String designId, List<Kept> kept, String by) {
    Gathering.DesignNeed need =
        gathering.gather(studio, piece).designs().stream()
            .filter(d -> d.design().id().equals(designId) && comesInSheets(d.design()))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Design", designId, "is not cut for this piece", "one that its lays use"));
    Cutting cutting = cutting(studio, need);
    if (cutting.isCut()) {
      return;
    }
    if (!cutting.cut().isEnough()) {
      throw new RefusedInput(
          "Sheets",
          StockUnit.SHEETS.show(BigDecimal.valueOf((long) Math.floor(need.mine()))),
          "are not enough to cut " + need.design().name(),
          "as many as the plan takes");
    }
    String note = Words.say("cut.note", need.design().name(), piece.document().name());
    String layId = need.wanted().getFirst().laid().lay().id();
    List<String> leftovers =
        cutting.cut().sheets().stream().flatMap(c -> c.leftoverId().stream()).toList();
    int sheets = cutting.cut().newSheets();
    // one use stands for the whole cut, so that the ledger knows it is done
    String from = sheets > 0 ? stockOf(need, sheets).id() : leftovers.getFirst();
    ledger.bookUse(
        studio.id(),
        new Use(from, Math.max(1, sheets), piece.id(), layId, Words.say("cut.step"), note),
        by);
    for (String leftover : leftovers) {
      if (!leftover.equals(from)) {
        ledger.book(
            studio.id(),
            leftover,
            Booking.of(EntryKind.USED, BigDecimal.ONE, StockUnit.PIECES),
            note,
            by);
      }
    }
    for (Kept k : kept) {
      keep(studio, need.design(), cutting.cut(), k, note, by);
    }
    gathering.claimAgain(studio, piece);
  }

  /** One stock that has them all. */
  private static Holding stockOf(Gathering.DesignNeed need, int sheets) {
    return need.stock().stream()
        .filter(h -> h.level().doubleValue() >= sheets)
        .findFirst()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "Sheets",
                    StockUnit.SHEETS.show(BigDecimal.valueOf(sheets)),
                    "do not lie in one place",
                    "one stock with all of them"));
  }

  private void keep(
      Studio studio, Design design, DesignCut cut, Kept kept, String note, String by) {
    if (kept.sheet() < 0
        || kept.sheet() >= cut.sheets().size()
        || kept.rest() < 0
        || kept.rest() >= cut.sheets().get(kept.sheet()).rests().size()) {
      throw new RefusedInput(
          "Kept",
          "sheet " + kept.sheet() + ", rest " + kept.rest(),
          "is not among what is left",
          "a sheet and one of its rests, from 0");
    }
    Box b = cut.sheets().get(kept.sheet()).rests().get(kept.rest());
    List<Point> corners = new ArrayList<>();
    corners.add(new Point(b.leftMm(), b.topMm()));
    corners.add(new Point(b.rightMm(), b.topMm()));
    corners.add(new Point(b.rightMm(), b.bottomMm()));
    corners.add(new Point(b.leftMm(), b.bottomMm()));
    shelving.keepOffcut(
        studio.id(), design.id(), corners, Optional.empty(), NewHolding.Particulars.NONE, note, by);
  }

  /** Takes the sheets back into stock; what was kept of them stays, to be corrected by hand. */
  @Transactional
  void takeBack(Studio studio, SavedPlan piece, String designId, String by) {
    gathering.gather(studio, piece).designs().stream()
        .filter(d -> d.design().id().equals(designId))
        .flatMap(d -> d.wanted().stream())
        .forEach(
            w ->
                ledger.takeBackUse(
                    studio.id(),
                    piece.id(),
                    w.laid().lay().id(),
                    Words.say("cut.takenBack", piece.document().name()),
                    by));
    gathering.claimAgain(studio, piece);
  }
}
