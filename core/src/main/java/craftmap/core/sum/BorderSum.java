package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.border.Border;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.Optional;

/** How a motif goes round a rectangle with the same gap on all sides, as nearly as can be. */
record BorderSum(
    RectangleOutline face, double motifMm, double deepMm, double cornerMm, Border border)
    implements LaySum {
  static BorderSum read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-face", 880);
    double height = sheet.size("height", "height-of-the-face", 440);
    double motif = sheet.size("motif", "width-of-the-motif", 48);
    double gap = sheet.distance("gap", "gap-you-would-like", 12);
    double corner = sheet.distance("corner", "side-of-a-corner-piece-0-for-none", 70);
    double deep = sheet.size("deep", "height-of-the-motif", 48);
    double inset = sheet.length("inset", "clear-of-the-edge-by", 0, Bare.RIM);
    double change = sheet.figure("change", "gap-may-change-by", 25, Run.CHANGE) / 100;
    return new BorderSum(
        new RectangleOutline(width, height),
        motif,
        deep,
        corner,
        new Border(inset, new RunWish(gap, 0, change)));
  }

  @Override
  public LayAnswer lay() {
    return border.lay(
        new Laying(
            Bare.room(face),
            Bare.rectangle(motifMm, deepMm),
            cornerMm > 0 ? Optional.of(Bare.rectangle(cornerMm, cornerMm)) : Optional.empty()));
  }

  @Override
  public RunWish wish() {
    return border.wish();
  }

  @Override
  public Figure.Said why() {
    return cornerMm > 0
        ? said(
            "why-border-corners",
            new Figure.Length(face.widthMm() - 2 * (border.insetMm() + cornerMm)),
            new Figure.Length(face.heightMm() - 2 * (border.insetMm() + cornerMm)))
        : said("why-border");
  }

  @Override
  public Sketch drawn(LayOption option) {
    return Bare.drawn(face, option);
  }
}
