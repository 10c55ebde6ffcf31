package craftmap.server.piece;

import craftmap.core.design.Stencil;
import craftmap.core.lay.Item;
import craftmap.core.lay.LayAnswer;
import craftmap.core.lay.LayOption;
import craftmap.core.lay.Run;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.PlanReading;
import craftmap.core.plan.Proposal;
import craftmap.server.shelf.OwnedStencil;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.words.Words;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Each stencil of the shelf as it would sit on a face, before anything is decided. */
@RestController
@RequestMapping("/api")
class TrialController {
  private final Studios studios;
  private final ShelfService shelf;
  private final Pieces pieces;

  TrialController(Studios studios, ShelfService shelf, Pieces pieces) {
    this.studios = studios;
    this.shelf = shelf;
    this.pieces = pieces;
  }

  enum Verdict {
    FITS,
    FITS_PARTLY,
    DOES_NOT_FIT
  }

  /**
   * One stencil tried on a face.
   *
   * @param run how it would be laid
   * @param items the best option's items; none where it does not fit
   */
  record TrialView(
      String designId,
      Verdict verdict,
      String verdictText,
      String sheetText,
      String printText,
      PlanDocument.RunDoc run,
      List<ReadingView.ItemView> items) {}

  @GetMapping("/pieces/{id}/faces/{faceId}/trials")
  List<TrialView> trials(@PathVariable String id, @PathVariable String faceId) {
    Studio studio = studios.current();
    PlanReading reading = pieces.read(studio, pieces.get(studio, id).document());
    PlanReading.FaceReading face =
        reading.faces().stream()
            .filter(f -> f.face().id().equals(faceId))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("There is no face " + faceId + "."));
    return shelf.stencils(studio.id()).stream().map(s -> trial(face, s, studio.tape())).toList();
  }

  private static TrialView trial(
      PlanReading.FaceReading face, OwnedStencil owned, TapeDivision tape) {
    Stencil stencil = owned.stencil();
    Proposal proposal = Proposal.of(face.face(), stencil, face.lays());
    String sheet =
        Words.say(
            "trial.sheet", tape.show(stencil.sheetWidthMm()), tape.show(stencil.sheetHeightMm()));
    String print =
        Words.say(
            "trial.print", tape.show(stencil.printWidthMm()), tape.show(stencil.printHeightMm()));
    return switch (proposal.answer()) {
      case LayAnswer.Options options ->
          new TrialView(
              stencil.id(),
              options.best().itemsOnKeepOuts() == 0 && options.best().row().parts() == 0
                  ? Verdict.FITS
                  : Verdict.FITS_PARTLY,
              verdict(options.best()),
              sheet,
              print,
              doc(proposal.run()),
              options.best().items().stream().map(TrialController::item).toList());
      case LayAnswer.TooTall tooTall ->
          no(
              stencil,
              Words.say("trial.tooTall", tape.show(tooTall.byMm())),
              sheet,
              print,
              proposal);
      case LayAnswer.TooLong tooLong ->
          no(
              stencil,
              Words.say("trial.tooLong", tape.show(tooLong.byMm())),
              sheet,
              print,
              proposal);
      case LayAnswer.OverTheEdge over ->
          throw new IllegalStateException("impossible state: a proposal runs off, " + over);
    };
  }

  private static String verdict(LayOption best) {
    if (best.itemsOnKeepOuts() > 0) {
      return Words.say("trial.onKeepOut", best.row().wholes());
    }
    return best.row().parts() == 0
        ? Words.say("trial.fits", best.row().wholes())
        : Words.say("trial.fitsPart", best.row().wholes(), best.row().parts());
  }

  private static TrialView no(
      Stencil stencil, String verdict, String sheet, String print, Proposal proposal) {
    return new TrialView(
        stencil.id(), Verdict.DOES_NOT_FIT, verdict, sheet, print, doc(proposal.run()), List.of());
  }

  private static ReadingView.ItemView item(Item item) {
    return LayViews.item(item, 1);
  }

  private static PlanDocument.RunDoc doc(Run run) {
    var line = run.line();
    var wish = run.wish();
    return new PlanDocument.RunDoc(
        line.edge(),
        line.distanceMm(),
        line.startInsetMm(),
        line.endInsetMm(),
        wish.gapMm(),
        wish.endMarginMm(),
        wish.allowedChange());
  }
}
