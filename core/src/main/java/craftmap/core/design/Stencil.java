package craftmap.core.design;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import java.util.Optional;

/**
 * A plain stencil sheet.
 *
 * @param registerPitchMm from register mark to register mark; 0 where it has none
 * @param registerDownMm the same from row to row
 */
public record Stencil(
    Card card,
    Picture sheet,
    double naturalGapMm,
    int usesBetweenWashes,
    double registerPitchMm,
    double registerDownMm,
    Direction direction)
    implements StencilDesign {
  public Stencil {
    naturalGapMm = LengthRange.DISTANCE.check("natural-gap", naturalGapMm);
    registerPitchMm = LengthRange.DISTANCE.check("register-marks", registerPitchMm);
    registerDownMm = LengthRange.DISTANCE.check("register-marks-down", registerDownMm);
    if (usesBetweenWashes < 1) {
      throw new RefusedInput(
          "uses-between-washes",
          given(usesBetweenWashes),
          said("is-not-a-count"),
          said("1-or-more"));
    }
  }

  static Stencil read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture open = OpenSheet.ask(sheet, drawn);
    return new Stencil(
        card,
        open,
        NaturalGap.ask(sheet, open.printed(0), "gap-it-was-drawn-for", 24),
        sheet.count("uses", "uses-between-washes", 5, 1, 100),
        sheet.distance("register", "register-marks-apart-0-for-none", 0),
        sheet.distance("registerDown", "register-marks-from-row-to-row-0-for-none", 0),
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  @Override
  public DesignKind kind() {
    return DesignKind.STENCIL;
  }

  @Override
  public Handling handling() {
    return Handling.PLAIN_STENCIL;
  }

  @Override
  public Comes comes() {
    return new Comes.AsTool(true);
  }
}
