package craftmap.server.piece;

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

  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Ledger ledger;

  PlanViews(PlanReadings readings, ShelfService shelf, Ledger ledger) {
    this.ledger = ledger;
    this.readings = readings;
    this.shelf = shelf;
  }

  public ReadingView view(Studio studio, SavedPlan piece) {
    return view(studio, piece.plan(), piece.id());
  }

  /** Of a plan that is saved nowhere. */
  public ReadingView view(Studio studio, Plan plan) {
    return view(studio, plan, NO_PIECE);
  }

  private ReadingView view(Studio studio, Plan plan, String pieceId) {
    PlanReading reading = readings.read(studio, plan);
    CoatsReading coats = readings.coats(studio, plan);
    return views(studio, pieceId, () -> taken(studio, pieceId, plan, reading, coats))
        .view(plan.form(), reading, coats);
  }

  /** What was found about each lay of a piece, by the lay's id. */
  public Map<String, List<ReadingView.NoteView>> notes(Studio studio, SavedPlan piece) {
    Plan plan = piece.plan();
    PlanReading reading = readings.read(studio, plan);
    CoatsReading coats = readings.coats(studio, plan);
    return views(studio, piece.id(), () -> taken(studio, piece.id(), plan, reading, coats))
        .notes(reading);
  }

  /**
   * One lay as it would be, its face's blemishes left aside: what a drag asks for.
   *
   * @param pieceId the piece it is tried on; none where that is saved nowhere
   * @param saved the plan of that piece, looked at if at all
   */
  LayView view(
      Studio studio, PlanReadings.ReadLay read, Optional<String> pieceId, Supplier<Plan> saved) {
    return views(
            studio,
            pieceId.orElse(NO_PIECE),
            () ->
                pieceId.map(id -> taken(studio, id, saved.get())).orElse(PotsOfPiece.Taken.NOTHING))
        .lays(read.faces(), read.forSale())
        .view(read.face(), read.reading());
  }

  /** What an option of a lay is called. */
  String title(Studio studio, PlanReadings.ReadLay read, LayReading.Laid laid, LayOption option) {
    return views(studio, NO_PIECE, () -> PotsOfPiece.Taken.NOTHING)
        .lays(read.faces(), read.forSale())
        .title(read.face(), laid, option);
  }

  /** The first options of one lay with their items, to be looked at side by side. */
  List<LayView.OptionItems> options(Studio studio, PlanReadings.ReadLay read) {
    return views(studio, NO_PIECE, () -> PotsOfPiece.Taken.NOTHING)
        .lays(read.faces(), read.forSale())
        .options(read.face(), read.reading());
  }

  private ReadingViews views(Studio studio, String ofPiece, Supplier<PotsOfPiece.Taken> taken) {
    // one reading names a design many times: it is looked up once
    Map<String, Optional<OwnedDesign>> known = new HashMap<>();
    return new ReadingViews(
        studio.tape(),
        id -> known.computeIfAbsent(id, d -> shelf.design(studio.id(), d)),
        new FreeStock(() -> shelf.available(studio, ofPiece)),
        new PotsOfPiece(taken, pots -> shelf.availableMl(studio.id(), ofPiece, pots)));
  }

  /** What a piece takes as it is saved. */
  private PotsOfPiece.Taken taken(Studio studio, String pieceId, Plan saved) {
    return taken(
        studio, pieceId, saved, readings.read(studio, saved), readings.coats(studio, saved));
  }

  private PotsOfPiece.Taken taken(
      Studio studio, String pieceId, Plan plan, PlanReading reading, CoatsReading coats) {
    StillToTake still =
        pieceId.equals(NO_PIECE)
            ? StillToTake.all()
            : StillToTake.of(
                pieceId,
                plan.order(),
                reading,
                coats,
                ledger.usedByLay(studio.id(), pieceId).keySet());
    return new PotsOfPiece.Taken(reading.lays(), still, stillFromPots(coats, still));
  }

  /** What coats take of each pot, and what is mended with it. */
  private static Map<String, Double> stillFromPots(CoatsReading coats, StillToTake still) {
    Map<String, Double> all = new HashMap<>(coats.stillFromPots(still::of));
    still.mendMl().forEach((pot, ml) -> all.merge(pot, ml, Double::sum));
    return all;
  }

  /** A design's sheet by itself. */
  public LayView.ArtView sheetOf(Studio studio, Design design) {
    return ArtViews.ofSheet(design, id -> shelf.design(studio.id(), id));
  }
}
