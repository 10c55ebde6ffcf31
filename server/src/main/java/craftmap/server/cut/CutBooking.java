package craftmap.server.cut;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.PlannedOffcut;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.supply.StockUnit;
import craftmap.server.gather.GatherService;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.CutBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.NewHolding;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Books a cut when it is made, all of it or nothing, and takes it back. */
@Service
class CutBooking {
  private final Cuttings cuttings;
  private final GatherService gathering;
  private final Shelving shelving;
  private final Pieces pieces;
  private final CutBook book;

  CutBooking(
      Cuttings cuttings, GatherService gathering, Shelving shelving, Pieces pieces, CutBook book) {
    this.cuttings = cuttings;
    this.gathering = gathering;
    this.shelving = shelving;
    this.pieces = pieces;
    this.book = book;
  }

  /** A rest to keep: of which of the sheets, and which of its rests, both from 0. */
  record Kept(int sheet, int rest) {}

  /**
   * Books the cuts of a design: its new sheets are used, leftovers that were cut are used up, and
   * what is kept goes onto the shelf.
   */
  @Guarded
  void book(Studio studio, List<SavedPlan> asked, String designId, List<Kept> kept, String by) {
    List<SavedPlan> together = held(studio, asked.stream().map(SavedPlan::id).toList());
    Cutting cutting = cuttings.of(studio, together, designId);
    if (cutting.isCut()) {
      return;
    }
    Design design = cutting.cut().design();
    if (!cutting.cut().isEnough()) {
      throw new RefusedInput(
          "sheets",
          given(StockUnit.SHEETS.show(BigDecimal.valueOf(cutting.sheets()))),
          said("are-not-enough-to-cut", given(design.name())),
          said("as-many-as-the-plan-takes"));
    }
    String note =
        Words.say(
            "cut.note",
            design.name(),
            cutting.pieces().stream().map(p -> p.name()).collect(Collectors.joining(", ")));
    List<String> keptIds = new ArrayList<>();
    for (Kept k : kept) {
      keptIds.add(keep(studio, cutting.cut(), k, note, by));
    }
    for (PlannedOffcut offcut : cutting.planned()) {
      // what is kept with a whole rest is on the shelf already
      if (kept.stream().noneMatch(k -> holds(cutting.cut(), k, offcut))) {
        keptIds.add(
            keep(
                studio,
                cutting.cut(),
                offcut.box(),
                Words.say("cut.offcut", offcut.name(), note),
                by));
      }
    }
    book.book(
        studio.id(),
        designId,
        cutting.pieces().stream().map(SavedPlan::id).toList(),
        new CutBook.Moves(taken(cutting), keptIds),
        note,
        by);
    cutting.pieces().forEach(p -> gathering.claimAgain(studio, p));
  }

  /** The pieces as they stand once nobody else books for them; taken hold of in one order. */
  private List<SavedPlan> held(Studio studio, List<String> ids) {
    Map<String, SavedPlan> held = new TreeMap<>();
    ids.stream().sorted().forEach(id -> held.put(id, pieces.held(studio, id)));
    return ids.stream().map(held::get).toList();
  }

  /** Leftovers whole; new sheets from one stock after the other. */
  private static List<CutBook.Taken> taken(Cutting cutting) {
    List<CutBook.Taken> taken = new ArrayList<>();
    cutting.cut().sheets().stream()
        .flatMap(s -> s.leftoverId().stream())
        .forEach(id -> taken.add(new CutBook.Taken(id, BigDecimal.ONE)));
    int open = cutting.cut().newSheets();
    for (Holding stock : cutting.needs().getFirst().stock()) {
      Design design = cutting.cut().design();
      int from = Math.min(open, Cutting.wholeSheets(stock.level().doubleValue(), design));
      if (from > 0) {
        taken.add(
            new CutBook.Taken(
                stock.id(),
                BigDecimal.valueOf(from * Cutting.unitsOf(design))
                    .setScale(stock.unit().places(), RoundingMode.HALF_UP)));
        open -= from;
      }
    }
    return taken;
  }

  private String keep(Studio studio, DesignCut cut, Kept kept, String note, String by) {
    if (kept.sheet() < 0
        || kept.sheet() >= cut.sheets().size()
        || kept.rest() < 0
        || kept.rest() >= cut.sheets().get(kept.sheet()).rests().size()) {
      throw new RefusedInput(
          "kept",
          said("sheet-rest", given(kept.sheet()), given(kept.rest())),
          said("is-not-among-what-is-left"),
          said("a-sheet-and-one-of-its-rests-from-0"));
    }
    return keep(studio, cut, cut.sheets().get(kept.sheet()).rests().get(kept.rest()), note, by);
  }

  private static boolean holds(DesignCut cut, Kept kept, PlannedOffcut offcut) {
    return kept.sheet() == offcut.sheet()
        && offcut.isWithin(cut.sheets().get(kept.sheet()).rests().get(kept.rest()));
  }

  private String keep(Studio studio, DesignCut cut, Box b, String note, String by) {
    List<Point> corners =
        List.of(
            new Point(b.leftMm(), b.topMm()),
            new Point(b.rightMm(), b.topMm()),
            new Point(b.rightMm(), b.bottomMm()),
            new Point(b.leftMm(), b.bottomMm()));
    return shelving
        .keepOffcut(
            studio.id(),
            cut.design().id(),
            corners,
            Optional.empty(),
            NewHolding.Particulars.NONE,
            note,
            by)
        .id();
  }

  /** Puts the sheets back, for all pieces that were cut together. */
  @Guarded
  void takeBack(Studio studio, SavedPlan piece, String designId, String by) {
    List<String> together = book.piecesCutWith(studio.id(), piece.id(), designId);
    held(studio, together);
    book.takeBack(studio.id(), piece.id(), designId, Words.say("cut.takenBack", piece.name()), by);
    together.forEach(p -> gathering.claimAgain(studio, pieces.get(studio, p)));
  }
}
