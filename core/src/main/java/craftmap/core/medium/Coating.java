package craftmap.core.medium;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;

/**
 * What coats over an area take: V = area x relief x (first coat + coats - 1) / spread x (1 + loss),
 * with what stays in the brush or sponge, on the palette and on the sheet as the loss. Through a
 * stencil the area is that of the openings, and relief and first coat are 1.
 *
 * @param relief how much more surface there is than the flat area
 * @param firstCoat how much more the first coat takes than a later one
 */
public record Coating(
    double areaMm2,
    int coats,
    double spreadM2PerLitre,
    double loss,
    double relief,
    double firstCoat) {
  /** Bare wood drinks a quarter more the first time. */
  public static final double FIRST_ON_BARE_WOOD = 1.25;

  /** Dry-brushing and sponging through openings leave about a third of the paint elsewhere. */
  public static final double LOSS_THROUGH_A_STENCIL = 0.30;

  /** What dries in the brush. */
  public static final double LOSS_BY_BRUSH = 0.05;

  public static final int MOST_COATS = 12;
  private static final double MM2_PER_M2 = 1e6;
  private static final double ML_PER_LITRE = 1000;

  public Coating {
    if (coats < 1 || coats > MOST_COATS) {
      throw new RefusedInput(
          "coats", given(coats), said("is-not-a-number-of-coats"), said("1-to", given(MOST_COATS)));
    }
  }

  /** Through openings. */
  public static Coating throughOpenings(double areaMm2, int coats, double spreadM2PerLitre) {
    return new Coating(areaMm2, coats, spreadM2PerLitre, LOSS_THROUGH_A_STENCIL, 1, 1);
  }

  public boolean isThroughOpenings() {
    return loss == LOSS_THROUGH_A_STENCIL;
  }

  public double volumeMl() {
    return areaMm2
        / MM2_PER_M2
        * relief
        * (firstCoat + coats - 1)
        / spreadM2PerLitre
        * ML_PER_LITRE
        * (1 + loss);
  }
}
