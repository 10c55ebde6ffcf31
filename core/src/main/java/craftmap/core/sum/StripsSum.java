package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.pieces.Strips;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;

/** How much of a roll of foil, film or fabric covers a rectangle. */
record StripsSum(RectangleOutline face, double rollMm, double overlapMm, Strips strips)
    implements LaySum {
  static StripsSum read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-face", 600);
    double height = sheet.size("height", "height-of-the-face", 380);
    double roll = sheet.size("roll", "width-of-the-roll", 80);
    // strips that lie over each other by more than half would never get on
    double overlap =
        sheet.length(
            "overlap",
            "strips-overlap-by",
            Math.min(5, roll / 4),
            LengthRange.DISTANCE.upTo(roll / 2));
    return new StripsSum(
        new RectangleOutline(width, height),
        roll,
        overlap,
        new Strips(
            sheet.choice("direction", "strips-run", Strips.Running.WHICHEVER_IS_BETTER),
            0,
            sheet.length("spare", "each-cut-longer-by", 10, Bare.RIM),
            1));
  }

  @Override
  public LayAnswer lay() {
    return strips.lay(new Laying(Bare.room(face), Bare.roll(rollMm, overlapMm)));
  }

  @Override
  public RunWish wish() {
    return new RunWish(0, 0, 0);
  }

  @Override
  public Figure.Said why() {
    return said("why-strips", new Figure.Length(rollMm - overlapMm));
  }

  @Override
  public Sketch drawn(LayOption option) {
    return Bare.drawn(face, option);
  }

  @Override
  public List<SumAnswer.Line> further(LayOption way) {
    RollStrips laid = (RollStrips) way.arrangement();
    return List.of(
        new SumAnswer.Line(said("strips-to-cut"), Figure.count(laid.strips())),
        new SumAnswer.Line(said("off-the-roll"), new Figure.LongLength(laid.usedMm())));
  }
}
