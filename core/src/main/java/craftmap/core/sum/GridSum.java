package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;

/** How a motif covers a rectangle in columns and rows. */
record GridSum(RectangleOutline face, double motifMm, double tallMm, Grid grid) implements LaySum {
  static GridSum read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-face", 640);
    double height = sheet.size("height", "height-of-the-face", 420);
    double motif = sheet.size("motif", "width-of-the-motif", 80);
    double tall = sheet.size("tall", "height-of-the-motif", 60);
    Grid.Pattern pattern = sheet.choice("pattern", "rows-stand", Grid.Pattern.STRAIGHT);
    double gap = sheet.distance("gap", "gap-across", 30);
    double down = sheet.distance("down", "gap-down", 30);
    double change = sheet.figure("change", "gaps-may-change-by", 20, Run.CHANGE) / 100;
    return new GridSum(
        new RectangleOutline(width, height),
        motif,
        tall,
        new Grid(
            pattern,
            new RunWish(gap, 0, change),
            down,
            Grid.Quarter.NOT_TURNED,
            Grid.Cut.CUT_AT_THE_EDGE));
  }

  @Override
  public LayAnswer lay() {
    return grid.lay(new Laying(Bare.room(face), Bare.rectangle(motifMm, tallMm)));
  }

  @Override
  public RunWish wish() {
    return grid.across();
  }

  @Override
  public Figure.Said why() {
    return said(
        "why-grid",
        new Figure.Length(motifMm + grid.across().gapMm()),
        new Figure.Length(tallMm + grid.downMm()));
  }

  @Override
  public Sketch drawn(LayOption option) {
    return Bare.drawn(face, option);
  }

  @Override
  public List<SumAnswer.Line> further(LayOption way) {
    GridPattern pattern = (GridPattern) way.arrangement();
    return List.of(
        new SumAnswer.Line(said("whole-copies"), Figure.count(pattern.wholes())),
        new SumAnswer.Line(said("cut-copies"), Figure.count(pattern.parts())));
  }
}
