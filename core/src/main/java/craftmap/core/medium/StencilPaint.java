package craftmap.core.medium;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/**
 * Paint that a lay takes: V = area x relief x (first coat + coats - 1) / spread x (1 + loss), with
 * what stays in the sponge, on the palette and on the sheet as the loss. Through a stencil the area
 * is that of the openings, and relief and first coat are 1.
 *
 * @param relief how much more surface there is than the flat area
 * @param firstCoat how much more the first coat takes than a later one
 */
public record StencilPaint(
    double openAreaMm2,
    int coats,
    double spreadM2PerLitre,
    double loss,
    double relief,
    double firstCoat) {
  /** Bare wood drinks a quarter more the first time. */
  public static final double FIRST_ON_BARE_WOOD = 1.25;

  /** Dry-brushing and sponging through openings leave about a third of the paint elsewhere. */
  public static final double TYPICAL_LOSS = 0.30;

  public static final int MOST_COATS = 12;
  private static final double MM2_PER_M2 = 1e6;
  private static final double ML_PER_LITRE = 1000;

  public StencilPaint {
    if (coats < 1 || coats > MOST_COATS) {
      throw new RefusedInput(
          "coats", given(coats), said("is-not-a-number-of-coats"), said("1-to", given(MOST_COATS)));
    }
  }

  /** Through openings. */
  public StencilPaint(double openAreaMm2, int coats, double spreadM2PerLitre, double loss) {
    this(openAreaMm2, coats, spreadM2PerLitre, loss, 1, 1);
  }

  public double volumeMl() {
    return openAreaMm2
        / MM2_PER_M2
        * relief
        * (firstCoat + coats - 1)
        / spreadM2PerLitre
        * ML_PER_LITRE
        * (1 + loss);
  }
}
