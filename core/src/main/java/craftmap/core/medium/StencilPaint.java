package craftmap.core.medium;

import craftmap.core.measure.RefusedInput;

/**
 * Paint that stencilling takes: V = open area x coats / spread x (1 + loss), with what stays in the
 * sponge, on the palette and on the sheet as the loss.
 */
public record StencilPaint(double openAreaMm2, int coats, double spreadM2PerLitre, double loss) {
  /** Dry-brushing and sponging through openings leave about a third of the paint elsewhere. */
  public static final double TYPICAL_LOSS = 0.30;

  public static final int MOST_COATS = 12;
  private static final double MM2_PER_M2 = 1e6;
  private static final double ML_PER_LITRE = 1000;

  public StencilPaint {
    if (coats < 1 || coats > MOST_COATS) {
      throw new RefusedInput("Coats", "" + coats, "is not a number of coats", "1 to " + MOST_COATS);
    }
  }

  public double volumeMl() {
    return openAreaMm2 / MM2_PER_M2 * coats / spreadM2PerLitre * ML_PER_LITRE * (1 + loss);
  }
}
