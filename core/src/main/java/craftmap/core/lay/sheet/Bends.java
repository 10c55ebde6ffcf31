package craftmap.core.lay.sheet;

import craftmap.core.design.Design;
import craftmap.core.design.Paper;

/** What flat sheets do on surfaces that are not. */
public final class Bends {
  private Bends() {}

  /** How far the straight edge of a strip of a width stands off the arc of a radius it follows. */
  public static double sagMm(double radiusMm, double widthMm) {
    double half = widthMm / 2;
    return half >= radiusMm ? radiusMm : radiusMm - Math.sqrt(radiusMm * radiusMm - half * half);
  }

  /** The widest strip whose straight edge stands off the arc by no more than a tolerance. */
  public static double widestStripMm(double radiusMm, double toleranceMm) {
    double t = Math.min(toleranceMm, radiusMm);
    return 2 * Math.sqrt(2 * radiusMm * t - t * t);
  }

  /**
   * The largest flat disc that lies on a ball without a fold: laid on, its rim has to shrink by the
   * share (d / 2r)² / 6, which the material must give.
   *
   * @param stretch the share the material gives, 0.02 for 2 %
   */
  public static double flatAcrossMm(double radiusMm, double stretch) {
    return 2 * radiusMm * Math.sqrt(6 * stretch);
  }

  /** What materials typically give. */
  public static double stretchOf(Design design) {
    return switch (design.kind()) {
      case PAPER ->
          design instanceof Paper p && p.weight() == Paper.Weight.TISSUE ? WET_TISSUE : PAPER;
      case COLLAGE, ENLARGED_IMAGE -> PAPER;
      case NAPKIN -> WET_TISSUE;
      case TRANSFER -> TRANSFER_FILM;
      case STENCIL,
          ADHESIVE_STENCIL,
          STENCIL_ROLL,
          RAISED_STENCIL,
          CUSTOM_CUT,
          FOIL,
          MOULDING,
          CASTING,
          TEXTURE,
          PLASTER_FABRIC,
          FILM,
          DOTS,
          PAINTED_ZONE ->
          0;
    };
  }

  private static final double PAPER = 0.005;
  private static final double WET_TISSUE = 0.02;
  private static final double TRANSFER_FILM = 0.01;
}
