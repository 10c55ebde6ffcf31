package craftmap.core.cut.cutter;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;

/** What is fed into a cutter: how far the blade reaches, and how much of it stays free. */
public record CutterMat(double widthMm, double heightMm) {
  /** The rollers and the blade need this much at every edge. */
  public static final double MARGIN_MM = 5;

  private static final double LEAST_MM = 60;

  public CutterMat {
    LengthRange.SIZE.check("Mat width", widthMm);
    LengthRange.SIZE.check("Mat length", heightMm);
    if (widthMm < LEAST_MM || heightMm < LEAST_MM) {
      throw new RefusedInput(
          "Mat",
          widthMm + " x " + heightMm + " mm",
          "is too small",
          "at least " + LEAST_MM + " mm each way");
    }
  }

  Box usable() {
    return new Box(MARGIN_MM, MARGIN_MM, widthMm - 2 * MARGIN_MM, heightMm - 2 * MARGIN_MM);
  }
}
