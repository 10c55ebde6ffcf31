package craftmap.server.cut;

import craftmap.core.cut.nest.StraightCuts;
import craftmap.core.design.Design;
import craftmap.core.design.Transfer;
import craftmap.core.measure.Letters;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.Sections;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.supply.StockUnit;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.piece.view.SectionWords;
import craftmap.server.shelf.Available;
import craftmap.server.stock.Holding;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Says what is cut, in the studio's tape. */
final class CutViews {
  private final TapeDivision tape;
  private final Map<String, PlanReading> readings;
  private final boolean several;

  /**
   * @param readings of each piece that is cut for, by its id
   */
  CutViews(TapeDivision tape, Map<String, PlanReading> readings) {
    this.tape = tape;
    this.readings = readings;
    this.several = readings.size() > 1;
  }

  /**
   * What is cut on the Cut stop.
   *
   * @param others pieces that use one of the same designs and are not cut yet
   * @param made what is not cut from sheets
   */
  record CutsView(
      List<DesignCutView> designs, List<OtherPiece> others, List<MadeLists.Made> made) {}

  /**
   * The same before it is worked out how each design is cut.
   *
   * @param designs in the order in which they are told then
   */
  record CutsAheadView(
      List<DesignAhead> designs, List<OtherPiece> others, List<MadeLists.Made> made) {}

  /** A design that is cut, and how many parts of it. */
  record DesignAhead(String designId, String name, int parts) {}

  /** A piece that could be cut together with this one. */
  record OtherPiece(String pieceId, String name, String designsText, boolean together) {}

  /**
   * What is cut from one design.
   *
   * @param sheetsText "5 sheets, 5 is the least possible for parts laid like this"
   * @param onHandText owned, kept for these pieces, needed
   * @param isCut its sheets are booked
   * @param isSearched the plan was searched for rather than found at once
   * @param searches whether there is anything to search for; a picture's parts are where they are
   * @param shortText what has no sheet; absent where there is enough
   */
  record DesignCutView(
      String designId,
      String name,
      LayView.ArtView art,
      String sheetsText,
      String onHandText,
      boolean isCut,
      boolean isSearched,
      boolean searches,
      KeptPlans.WishDoc wish,
      Measure knife,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String shortText,
      List<SheetToCut> sheets) {}

  /**
   * One sheet to cut.
   *
   * @param isLeftover it is a leftover of the shelf
   * @param sections what lies in the hand of it: several where the picture comes in sections
   * @param keeps named parts that the plan puts back on the shelf
   * @param cuts from edge to edge, in their order; none where parts are cut around
   */
  record SheetToCut(
      String title,
      boolean isLeftover,
      List<ReadingView.BoxView> sections,
      List<PieceToCut> pieces,
      List<RestView> rests,
      List<KeptView> keeps,
      List<CutView> cuts,
      String scrapText) {}

  /**
   * One piece.
   *
   * @param pieceName what it is cut for, where several are cut at once
   * @param placeText its distances from the left and top edges of what lies in the hand: the sheet,
   *     the leftover, or the section of a picture that it is cut from
   */
  record PieceToCut(
      int number,
      String pieceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceName,
      String layId,
      String faceId,
      String faceName,
      String sizeText,
      String placeText,
      ReadingView.BoxView box) {}

  /**
   * A straight cut from edge to edge of what is left by then.
   *
   * @param letters by which the drawing and the list name it
   */
  record CutView(
      String letters, String text, double fromXMm, double fromYMm, double toXMm, double toYMm) {}

  record KeptView(String name, String sizeText, ReadingView.BoxView box) {}

  record RestView(String sizeText, ReadingView.BoxView box) {}

  DesignCutView view(Cutting cutting, LayView.ArtView art) {
    DesignCut cut = cutting.cut();
    List<SheetToCut> sheets = new ArrayList<>();
    int number = 0;
    for (DesignCut.Sheet sheet : cut.sheets()) {
      number += sheet.leftoverId().isEmpty() ? 1 : 0;
      sheets.add(sheet(cutting, sheet, number));
    }
    return new DesignCutView(
        cut.design().id(),
        cut.design().name(),
        art,
        sheetsText(cut),
        onHandText(cutting),
        cutting.isCut(),
        cutting.isSearched(),
        cut.searched(),
        cutting.wish(),
        Measure.of(cutting.wish().knifeMm(), tape),
        cut.isEnough() ? null : shortText(cutting),
        sheets);
  }

  private static String sheetsText(DesignCut cut) {
    String sheets =
        Words.say(cut.newSheets() == 1 ? "detail.oneSheet" : "detail.sheets", cut.newSheets());
    return !cut.isEnough()
        ? sheets
        : cut.isProven()
            ? Words.say("cut.least", sheets, cut.newSheets())
            : Words.say("cut.found", sheets, cut.least());
  }

  private static String shortText(Cutting cutting) {
    int unplaced = cutting.cut().unplaced().size();
    String parts = Words.say("cut.short", unplaced);
    return cutting.missing() == 0
        ? Words.say("cut.short.never", parts)
        : Words.say("cut.short.more", parts, sheets(cutting.missing()));
  }

  private String onHandText(Cutting cutting) {
    double needed = cutting.needs().stream().mapToDouble(n -> n.quantity()).sum();
    double mine = cutting.needs().stream().mapToDouble(n -> n.mine()).sum();
    return Words.say(
        Cutting.isOnARoll(cutting.cut().design()) ? "cut.onHand.roll" : "cut.onHand",
        quantity(cutting, cutting.owned()),
        quantity(cutting, mine),
        quantity(cutting, needed),
        tape.show(Cutting.unitsOf(cutting.cut().design())));
  }

  private String quantity(Cutting cutting, double quantity) {
    return Available.text(quantity, cutting.unit(), tape);
  }

  private static String sheets(int count) {
    return StockUnit.SHEETS.show(BigDecimal.valueOf(count));
  }

  private SheetToCut sheet(Cutting cutting, DesignCut.Sheet sheet, int number) {
    Box whole = cutting.wholeOf(sheet);
    Sections sections = Sections.of(cutting.cut().design(), whole);
    return new SheetToCut(
        sheet
            .leftoverId()
            .map(cutting::leftover)
            .map(Holding::code)
            .map(code -> Words.say("cut.leftover", code.text()))
            .orElse(
                Words.say(
                    Cutting.isOnARoll(cutting.cut().design()) ? "cut.offRoll" : "cut.sheet",
                    number)),
        sheet.leftoverId().isPresent(),
        sections.each().stream().map(CutViews::box).toList(),
        sheet.pieces().stream().map(p -> piece(cutting, p, sections)).toList(),
        sheet.rests().stream().map(r -> new RestView(size(r), box(r))).toList(),
        cutting.planned().stream()
            .filter(o -> cutting.cut().sheets().indexOf(sheet) == o.sheet())
            .map(o -> new KeptView(o.name(), size(o.box()), box(o.box())))
            .toList(),
        cuts(cutting.cut().design(), sheet, sections),
        Words.percent(DesignCut.scrapMm2(whole, sheet) / whole.areaMm2()));
  }

  private List<CutView> cuts(Design design, DesignCut.Sheet sheet, Sections sections) {
    List<CutView> cuts = new ArrayList<>();
    sheet
        .straightCuts(sections.sheet())
        .ifPresent(
            o ->
                o.cuts().forEach(c -> cuts.add(cut(Letters.of(cuts.size()), design, c, sections))));
    return cuts;
  }

  private CutView cut(String letters, Design design, StraightCuts.Cut cut, Sections sections) {
    Box b = cut.through();
    boolean joint = design instanceof Transfer t && t.isJoint(cut.across(), cut.atMm());
    String text =
        joint
            ? Words.say("cut.joint", cutText(cut, sections.sheet()))
            : SectionWords.on(sections, b, cutText(cut, sections.measuring(b)));
    return cut.across()
        ? new CutView(letters, text, b.leftMm(), cut.atMm(), b.rightMm(), cut.atMm())
        : new CutView(letters, text, cut.atMm(), b.topMm(), cut.atMm(), b.bottomMm());
  }

  /**
   * "across, 300 mm from the top; between 0 and 250 mm from the left" where it is not the whole.
   *
   * @param hand what it is measured on
   */
  private String cutText(StraightCuts.Cut cut, Box hand) {
    Box b = cut.through();
    boolean all =
        cut.across() ? b.widthMm() > hand.widthMm() - 0.5 : b.heightMm() > hand.heightMm() - 0.5;
    String way = cut.across() ? "cut.across" : "cut.down";
    double at = cut.atMm() - (cut.across() ? hand.topMm() : hand.leftMm());
    double from = cut.across() ? b.leftMm() - hand.leftMm() : b.topMm() - hand.topMm();
    double to = from + (cut.across() ? b.widthMm() : b.heightMm());
    return all
        ? Words.say(way, tape.show(at))
        : Words.say(way + ".part", tape.show(at), tape.show(from), tape.show(to));
  }

  private PieceToCut piece(Cutting cutting, DesignCut.Piece p, Sections sections) {
    Box hand = sections.measuring(p.window());
    String faceName =
        readings.get(p.pieceId()).find(p.faceId()).map(f -> f.face().name()).orElse("");
    return new PieceToCut(
        p.number(),
        p.pieceId(),
        several
            ? cutting.pieces().stream()
                .filter(s -> s.id().equals(p.pieceId()))
                .map(SavedPlan::name)
                .findFirst()
                .orElse(null)
            : null,
        p.layId(),
        p.faceId(),
        faceName,
        size(p.window()),
        SectionWords.on(
            sections,
            p.window(),
            Words.say(
                p.turned() ? "cut.placeTurned" : "sheet.place",
                tape.show(p.window().leftMm() - hand.leftMm()),
                tape.show(p.window().topMm() - hand.topMm()))),
        box(p.window()));
  }

  private String size(Box b) {
    return Words.say("sheet.size", tape.show(b.widthMm()), tape.show(b.heightMm()));
  }

  private static ReadingView.BoxView box(Box b) {
    return new ReadingView.BoxView(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm());
  }
}
