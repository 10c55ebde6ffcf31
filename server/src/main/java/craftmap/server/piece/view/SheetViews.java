package craftmap.server.piece.view;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Transfer;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.Sections;
import craftmap.core.plane.Box;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Sheets with what is cut from them. */
final class SheetViews {
  /** More sheets are told in figures, not drawn. */
  private static final int MOST_DRAWN = 24;

  private final TapeDivision tape;
  private final Function<String, Optional<OwnedDesign>> shelf;
  private final UnaryOperator<String> faceName;

  SheetViews(
      TapeDivision tape,
      Function<String, Optional<OwnedDesign>> shelf,
      UnaryOperator<String> faceName) {
    this.tape = tape;
    this.shelf = shelf;
    this.faceName = faceName;
  }

  List<LayView.CutSheetView> of(LayReading.Laid laid) {
    if (!(laid.chosen().arrangement() instanceof SheetWork work)) {
      return List.of();
    }
    Map<Integer, List<SheetPart>> bySheet =
        work.parts().stream()
            .collect(Collectors.groupingBy(SheetPart::sheet, TreeMap::new, Collectors.toList()));
    List<String> faces = laid.faceIds();
    List<LayView.CutSheetView> sheets = new ArrayList<>();
    for (Map.Entry<Integer, List<SheetPart>> sheet : bySheet.entrySet()) {
      if (sheets.size() == MOST_DRAWN) {
        break;
      }
      Design design = sheet.getValue().getFirst().design();
      sheets.add(
          new LayView.CutSheetView(
              sheet.getKey(),
              bySheet.size() == 1
                  ? Words.say("sheet.only")
                  : Words.say("sheet.of", sheet.getKey(), bySheet.size()),
              ArtViews.ofSheet(design, shelf),
              sheet.getValue().stream().map(p -> part(p, faces)).toList(),
              savings(laid, design, sheet.getValue())));
    }
    return List.copyOf(sheets);
  }

  private LayView.SheetPartView part(SheetPart part, List<String> faces) {
    Box cut = part.cut();
    return new LayView.SheetPartView(
        part.number(),
        part.front() < faces.size() ? faceName.apply(faces.get(part.front())) : "",
        Words.say("sheet.size", tape.show(cut.widthMm()), tape.show(cut.heightMm())),
        placeText(part.design(), cut),
        motifs(part),
        Boxes.view(cut),
        PathData.of(part.shape()));
  }

  /** As the Cut stop tells it of a new sheet: on the section it is cut from. */
  private String placeText(Design design, Box cut) {
    if (!(design instanceof Transfer transfer)) {
      return Words.say("sheet.place", tape.show(cut.leftMm()), tape.show(cut.topMm()));
    }
    Box sheet = new Box(0, 0, transfer.sheet().widthMm(), transfer.sheet().heightMm());
    Sections sections = Sections.of(design, sheet);
    Box hand = sections.measuring(cut);
    return SectionWords.on(
        sections,
        cut,
        Words.say(
            "sheet.place",
            tape.show(cut.leftMm() - hand.leftMm()),
            tape.show(cut.topMm() - hand.topMm())));
  }

  private static String motifs(SheetPart part) {
    String whole = names(part.whole());
    String spoilt = names(part.spoilt());
    String shows = whole.isEmpty() ? "" : Words.say("sheet.shows", whole);
    String cuts = spoilt.isEmpty() ? "" : Words.say("sheet.cuts", spoilt);
    return shows.isEmpty() || cuts.isEmpty() ? shows + cuts : shows + "; " + cuts;
  }

  static String names(List<MotifBox> motifs) {
    return motifs.stream().map(MotifBox::name).distinct().collect(Collectors.joining(", "));
  }

  /** Named parts that were cut off on purpose, or that no part comes near. */
  private List<LayView.SavingView> savings(
      LayReading.Laid laid, Design design, List<SheetPart> parts) {
    if (!(laid.lay().rule() instanceof Across across)) {
      return List.of();
    }
    return design.picture().map(p -> p.motifs()).orElse(List.of()).stream()
        .filter(
            m ->
                across.cutAway().contains(m.name())
                    || parts.stream().noneMatch(p -> p.cut().overlaps(m.box(), 0)))
        .map(
            m ->
                new LayView.SavingView(
                    m.name(),
                    Words.say(
                        "sheet.size", tape.show(m.box().widthMm()), tape.show(m.box().heightMm())),
                    Boxes.view(m.box()),
                    laid.lay().keeping().offcuts().contains(m.name())))
        .toList();
  }
}
