package craftmap.core.cut.cutter;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;

/** What is fed into a cutter: how far the blade reaches, and how much of it stays free. */
public record CutterMat(double widthMm, double heightMm) {
  /** The rollers and the blade need this much at every edge. */
  public static final double MARGIN_MM = 5;

  private static final double LEAST_MM = 60;

  public CutterMat {
    LengthRange.SIZE.check("mat-width", widthMm);
    LengthRange.SIZE.check("mat-length", heightMm);
    if (widthMm < LEAST_MM || heightMm < LEAST_MM) {
      throw new RefusedInput(
          "mat",
          said("x", mm(widthMm), mm(heightMm)),
          said("is-too-small"),
          said("at-least-each-way", mm(LEAST_MM)));
    }
  }

  Box usable() {
    return new Box(MARGIN_MM, MARGIN_MM, widthMm - 2 * MARGIN_MM, heightMm - 2 * MARGIN_MM);
  }
}
