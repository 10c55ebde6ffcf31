package craftmap.server.cut;

import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.DesignCut;
import craftmap.core.plan.PlanReading;
import craftmap.core.plane.Box;
import craftmap.server.piece.LayView;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.ReadingView;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Person;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The cutting of a piece's sheets. */
@RestController
@RequestMapping("/api/pieces/{id}/cuts")
class CutController {
  private final Studios studios;
  private final Pieces pieces;
  private final PlanViews views;
  private final CutService cuts;

  CutController(Studios studios, Pieces pieces, PlanViews views, CutService cuts) {
    this.studios = studios;
    this.pieces = pieces;
    this.views = views;
    this.cuts = cuts;
  }

  /**
   * What is cut from one design.
   *
   * @param sheetsText "5 sheets, 5 is the least possible"
   * @param isCut its sheets are booked
   * @param shortText what has no sheet; absent where there is enough
   */
  record DesignCutView(
      String designId,
      String name,
      LayView.ArtView art,
      String sheetsText,
      boolean isCut,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String shortText,
      List<SheetToCut> sheets) {}

  /**
   * One sheet to cut.
   *
   * @param isLeftover it is a leftover of the shelf
   */
  record SheetToCut(
      String title,
      boolean isLeftover,
      List<PieceToCut> pieces,
      List<RestView> rests,
      String scrapText) {}

  /**
   * One piece.
   *
   * @param placeText its distances from the sheet's left and top edges
   */
  record PieceToCut(
      int number,
      String layId,
      String faceId,
      String faceName,
      String sizeText,
      String placeText,
      ReadingView.BoxView box) {}

  record RestView(String sizeText, ReadingView.BoxView box) {}

  /** Which rests are kept. */
  record CutDone(List<CutService.Kept> kept) {}

  @GetMapping
  List<DesignCutView> cuts(@PathVariable String id) {
    Studio studio = studios.current();
    SavedPlan piece = pieces.get(studio, id);
    PlanReading reading = pieces.read(studio, piece.document());
    return cuts.cuttings(studio, piece).stream().map(c -> view(studio, reading, c)).toList();
  }

  /** Books it as cut: sheets used, rests kept. */
  @PutMapping("/{designId}")
  List<DesignCutView> done(
      @PathVariable String id,
      @PathVariable String designId,
      @RequestBody CutDone done,
      @RequestHeader(name = Person.HEADER, required = false) String person) {
    Studio studio = studios.current();
    List<CutService.Kept> kept = done.kept() == null ? List.of() : done.kept();
    cuts.book(studio, pieces.get(studio, id), designId, kept, Person.of(person));
    return cuts(id);
  }

  @DeleteMapping("/{designId}")
  List<DesignCutView> notDone(
      @PathVariable String id,
      @PathVariable String designId,
      @RequestHeader(name = Person.HEADER, required = false) String person) {
    Studio studio = studios.current();
    cuts.takeBack(studio, pieces.get(studio, id), designId, Person.of(person));
    return cuts(id);
  }

  private DesignCutView view(Studio studio, PlanReading reading, CutService.Cutting cutting) {
    DesignCut cut = cutting.cut();
    List<SheetToCut> sheets = new ArrayList<>();
    int number = 0;
    for (DesignCut.Sheet sheet : cut.sheets()) {
      number += sheet.leftoverId().isEmpty() ? 1 : 0;
      sheets.add(sheet(studio.tape(), reading, cutting, sheet, number));
    }
    return new DesignCutView(
        cut.design().id(),
        cut.design().name(),
        views.sheetOf(studio, cut.design()),
        sheetsText(cut),
        cutting.isCut(),
        cut.isEnough()
            ? null
            : Words.say(
                cut.unplaced().size() == 1 ? "cut.short.one" : "cut.short", cut.unplaced().size()),
        sheets);
  }

  private static String sheetsText(DesignCut cut) {
    String sheets =
        Words.say(cut.newSheets() == 1 ? "detail.oneSheet" : "detail.sheets", cut.newSheets());
    return !cut.isEnough()
        ? sheets
        : cut.newSheets() <= cut.least()
            ? Words.say("cut.least", sheets, cut.newSheets())
            : Words.say("cut.found", sheets, cut.least());
  }

  private static SheetToCut sheet(
      TapeDivision tape,
      PlanReading reading,
      CutService.Cutting cutting,
      DesignCut.Sheet sheet,
      int number) {
    var picture = cutting.cut().design().picture().orElseThrow();
    Box whole =
        sheet
            .leftoverId()
            .map(cutting::leftover)
            .map(h -> new craftmap.core.supply.Offcut(h.offcut()).box())
            .orElse(new Box(0, 0, picture.widthMm(), picture.heightMm()));
    return new SheetToCut(
        sheet
            .leftoverId()
            .map(cutting::leftover)
            .map(Holding::code)
            .map(code -> Words.say("cut.leftover", code.text()))
            .orElse(Words.say("cut.sheet", number)),
        sheet.leftoverId().isPresent(),
        sheet.pieces().stream()
            .map(
                p ->
                    new PieceToCut(
                        p.number(),
                        p.layId(),
                        p.faceId(),
                        reading.find(p.faceId()).map(f -> f.face().name()).orElse(""),
                        size(tape, p.window()),
                        Words.say(
                            "sheet.place",
                            tape.show(p.window().leftMm()),
                            tape.show(p.window().topMm())),
                        box(p.window())))
            .toList(),
        sheet.rests().stream().map(r -> new RestView(size(tape, r), box(r))).toList(),
        Words.percent(DesignCut.scrapMm2(whole, sheet) / whole.areaMm2()));
  }

  private static String size(TapeDivision tape, Box b) {
    return Words.say("sheet.size", tape.show(b.widthMm()), tape.show(b.heightMm()));
  }

  private static ReadingView.BoxView box(Box b) {
    return new ReadingView.BoxView(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm());
  }
}
