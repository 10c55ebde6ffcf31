package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.RunSums;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import java.util.List;
import java.util.stream.IntStream;

/** How many of a motif go along a line. */
record RunSum(double lineMm, double motifMm, RunWish wish) implements LaySum {
  static RunSum read(MeasureSheet sheet) {
    return new RunSum(
        sheet.size("length", "length-of-the-line", 870),
        sheet.size("motif", "width-of-the-motif", 96),
        new RunWish(
            sheet.distance("gap", "gap-you-would-like", 24),
            sheet.distance("ends", "end-margin-at-least", 10),
            sheet.figure("change", "gap-may-change-by", 15, Run.CHANGE) / 100));
  }

  @Override
  public LayAnswer lay() {
    List<LayOption> ranked = RunSums.ranked(lineMm, motifMm, wish);
    return ranked.isEmpty()
        ? new LayAnswer.TooLong(motifMm + 2 * wish.endMarginMm() - lineMm)
        : new LayAnswer.Options(ranked);
  }

  @Override
  public Figure.Said why() {
    return said(
        "why-run",
        new Figure.Length(motifMm),
        new Figure.Length(wish.gapMm()),
        new Figure.Length(motifMm + wish.gapMm()),
        new Figure.Length(lineMm));
  }

  @Override
  public Sketch drawn(LayOption option) {
    return LaySum.onLine(lineMm, motifMm, middles(option));
  }

  @Override
  public List<Double> ticks(LayOption way) {
    return middles(way).stream().filter(m -> m >= 0 && m <= lineMm).toList();
  }

  private static List<Double> middles(LayOption way) {
    RunRow row = (RunRow) way.arrangement();
    return IntStream.range(0, row.count()).mapToObj(row::centreMm).toList();
  }
}
