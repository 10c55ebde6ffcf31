package craftmap.core.design;

import craftmap.core.artwork.Artwork;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;

/**
 * A plain stencil sheet.
 *
 * @param openings the openings, in millimetres on the sheet
 * @param naturalGapMm the clear distance between motifs that the drawing was made for
 * @param usesBetweenWashes how often it may be laid down before paint builds up on its edges
 */
public record Stencil(
    String id,
    String name,
    double sheetWidthMm,
    double sheetHeightMm,
    Artwork openings,
    double naturalGapMm,
    int usesBetweenWashes) {
  public Stencil {
    sheetWidthMm = LengthRange.SIZE.check("Sheet width", sheetWidthMm);
    sheetHeightMm = LengthRange.SIZE.check("Sheet height", sheetHeightMm);
    naturalGapMm = LengthRange.DISTANCE.check("Natural gap", naturalGapMm);
    if (usesBetweenWashes < 1) {
      throw new RefusedInput(
          "Uses between washes", "" + usesBetweenWashes, "is not a count", "1 or more");
    }
  }

  public double printWidthMm() {
    return openings.print().widthMm();
  }

  public double printHeightMm() {
    return openings.print().heightMm();
  }
}
