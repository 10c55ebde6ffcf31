package craftmap.core.lay.rule.run;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;

/**
 * What the artist would like of a run.
 *
 * @param gapMm preferred clear distance between motifs
 * @param endMarginMm least clear distance from an end of the line to the nearest motif
 * @param allowedChange by which share the gap may change, 0.15 for 15 %
 */
public record RunWish(double gapMm, double endMarginMm, double allowedChange) {
  private static final double MOST_CHANGE = 0.9;

  public RunWish {
    gapMm = LengthRange.DISTANCE.check("gap", gapMm);
    endMarginMm = LengthRange.DISTANCE.check("end-margin", endMarginMm);
    if (!(allowedChange >= 0) || !(allowedChange <= MOST_CHANGE)) {
      throw new RefusedInput(
          "allowed-change",
          Double.isFinite(allowedChange)
              ? said("percent", given(Decimals.show(allowedChange * 100, 1)))
              : given(String.valueOf(allowedChange)),
          said("is-not-a-share-of-the-gap"),
          said("a-share-from-0-to-90"));
    }
  }
}
