package craftmap.server.piece;

import craftmap.core.coats.Habits;
import craftmap.core.design.Design;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.StillToTake;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.piece.view.ArtViews;
import craftmap.server.piece.view.FreeStock;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.PotsOfPiece;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.piece.view.ReadingViews;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Ledger;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;

/** Plans as they are shown: what the core made of them, in the studio's words and units. */
@Service
@Solves
public class PlanViews {
  /** What is kept for any piece is free to none. */
  private static final String NO_PIECE = "";

  private static final CoatsReading NO_COATS = new CoatsReading(Habits.USUAL, List.of());

  private final Pieces pieces;
  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Ledger ledger;

  PlanViews(Pieces pieces, PlanReadings readings, ShelfService shelf, Ledger ledger) {
    this.ledger = ledger;
    this.pieces = pieces;
    this.readings = readings;
    this.shelf = shelf;
  }

  public ReadingView view(Studio studio, SavedPlan piece) {
    return view(studio, piece.plan(), piece.id(), piece::plan);
  }

  /** Of a plan that is saved nowhere. */
  public ReadingView view(Studio studio, Plan plan) {
    return view(studio, plan, NO_PIECE, () -> plan);
  }

  private ReadingView view(Studio studio, Plan plan, String pieceId, Supplier<Plan> saved) {
    PlanReading reading = readings.read(studio, plan);
    CoatsReading coats = readings.coats(studio, plan);
    return views(studio, pieceId, saved, reading::lays, () -> coats)
        .view(plan.form(), reading, coats);
  }

  /** What was found about each lay of a piece, by the lay's id. */
  public Map<String, List<ReadingView.NoteView>> notes(Studio studio, SavedPlan piece) {
    PlanReading reading = readings.read(studio, piece.plan());
    CoatsReading coats = readings.coats(studio, piece.plan());
    return views(studio, piece.id(), piece::plan, reading::lays, () -> coats).notes(reading);
  }

  /** One lay as it would be, its face's blemishes left aside: what a drag asks for. */
  LayView view(Studio studio, PlanReadings.ReadLay read, String pieceId) {
    return views(studio, pieceId, () -> saved(studio, pieceId), () -> savedCoats(studio, pieceId))
        .lays(read.faces(), read.forSale())
        .view(read.face(), read.reading());
  }

  /** What an option of a lay is called. */
  String title(Studio studio, PlanReadings.ReadLay read, LayReading.Laid laid, LayOption option) {
    return views(studio, NO_PIECE, List::of, () -> NO_COATS)
        .lays(read.faces(), read.forSale())
        .title(read.face(), laid, option);
  }

  /** The first options of one lay with their items, to be looked at side by side. */
  List<LayView.OptionItems> options(Studio studio, PlanReadings.ReadLay read, String pieceId) {
    return views(studio, pieceId, List::of, () -> NO_COATS)
        .lays(read.faces(), read.forSale())
        .options(read.face(), read.reading());
  }

  /** What the lays of a piece come to as they are saved; none of a plan that is saved nowhere. */
  private List<LayReading> saved(Studio studio, String pieceId) {
    return pieceId == null || pieceId.equals(NO_PIECE)
        ? List.of()
        : readings.read(studio, pieces.plan(studio, pieceId)).lays();
  }

  private CoatsReading savedCoats(Studio studio, String pieceId) {
    return pieceId == null || pieceId.equals(NO_PIECE)
        ? NO_COATS
        : readings.coats(studio, pieces.plan(studio, pieceId));
  }

  private ReadingViews views(
      Studio studio,
      String pieceId,
      Supplier<List<LayReading>> laysOfThePiece,
      Supplier<CoatsReading> ofCoats) {
    return views(studio, pieceId, () -> pieces.plan(studio, pieceId), laysOfThePiece, ofCoats);
  }

  private ReadingViews views(
      Studio studio,
      String pieceId,
      Supplier<Plan> saved,
      Supplier<List<LayReading>> laysOfThePiece,
      Supplier<CoatsReading> ofCoats) {
    String ofPiece = pieceId == null ? NO_PIECE : pieceId;
    // one reading names a design many times: it is looked up once
    Map<String, Optional<OwnedDesign>> known = new HashMap<>();
    return new ReadingViews(
        studio.tape(),
        id -> known.computeIfAbsent(id, d -> shelf.design(studio.id(), d)),
        new FreeStock(() -> shelf.available(studio, ofPiece)),
        new PotsOfPiece(
            laysOfThePiece,
            () -> stillToTake(studio, ofPiece, saved),
            still -> stillFromPots(ofCoats.get(), still),
            pots -> shelf.availableMl(studio.id(), ofPiece, pots)));
  }

  /** What coats take of each pot, and what is mended with it. */
  private static Map<String, Double> stillFromPots(CoatsReading coats, StillToTake still) {
    Map<String, Double> all = new HashMap<>(coats.stillFromPots(still::of));
    still.mendMl().forEach((pot, ml) -> all.merge(pot, ml, Double::sum));
    return all;
  }

  private StillToTake stillToTake(Studio studio, String pieceId, Supplier<Plan> saved) {
    if (pieceId.equals(NO_PIECE)) {
      return StillToTake.all();
    }
    Plan plan = saved.get();
    return StillToTake.of(
        pieceId,
        plan.order(),
        readings.read(studio, plan),
        readings.coats(studio, plan),
        ledger.usedByLay(studio.id(), pieceId).keySet());
  }

  /** A design's sheet by itself. */
  public LayView.ArtView sheetOf(Studio studio, Design design) {
    return ArtViews.ofSheet(design, id -> shelf.design(studio.id(), id));
  }
}
