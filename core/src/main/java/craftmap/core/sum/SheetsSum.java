package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Optional;

/** How many sheets cover a rectangle. */
record SheetsSum(RectangleOutline face, double wideMm, double tallMm, Cover cover)
    implements LaySum {
  static SheetsSum read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-face", 870);
    double height = sheet.size("height", "height-of-the-face", 420);
    double wide = sheet.size("wide", "width-of-a-sheet", 330);
    double tall = sheet.size("tall", "height-of-a-sheet", 330);
    double overlap = sheet.length("overlap", "overlap", 8, Bare.RIM);
    double bleed = sheet.length("bleed", "over-the-edge-to-trim", 0, Bare.RIM);
    return new SheetsSum(
        new RectangleOutline(width, height),
        wide,
        tall,
        new Cover(
            Cover.Unit.WHOLE_SHEET,
            overlap > 0 ? Cover.Join.OVERLAPPING : Cover.Join.BUTTED,
            overlap,
            bleed,
            sheet.choice("turning", "sheets-lie", Cover.Turning.WHICHEVER_IS_BETTER),
            Cover.Rows.EITHER,
            Cover.Meets.NOWHERE,
            Optional.empty(),
            Optional.empty()));
  }

  @Override
  public LayAnswer lay() {
    return cover.lay(new Laying(Bare.room(face), Bare.rectangle(wideMm, tallMm)));
  }

  @Override
  public RunWish wish() {
    return new RunWish(0, 0, 0);
  }

  @Override
  public Figure.Said why() {
    return said(
        "why-sheets",
        new Figure.Length(wideMm - cover.overlapMm()),
        new Figure.Length(tallMm - cover.overlapMm()));
  }

  @Override
  public Sketch drawn(LayOption option) {
    return Bare.drawn(face, option);
  }

  @Override
  public List<SumAnswer.Line> further(LayOption way) {
    SheetCover laid = (SheetCover) way.arrangement();
    return List.of(
        new SumAnswer.Line(said("parts-to-lay"), Figure.count(laid.parts().size())),
        new SumAnswer.Line(said("sheets-to-open"), Figure.count(laid.sheets())),
        new SumAnswer.Line(said("never-fewer-than"), Figure.count(laid.leastSheets())));
  }
}
