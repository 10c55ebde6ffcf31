package craftmap.core.design;

/** A roll of which strips are cut and laid side by side: foil, plaster fabric. */
public sealed interface StripRoll permits FoilRoll, PlasterFabric {
  double widthMm();

  /** By how much a strip lies over its neighbour. */
  double overlapMm();

  /** A strip of a length off the roll. */
  Design strip(double lengthMm);
}
