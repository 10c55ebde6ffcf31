package craftmap.core.coats;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;

/** Where on its group a coat goes. */
public sealed interface Where {
  Where ALL = new All();

  /** All of it. */
  record All() implements Where {}

  /** A band along the edges. */
  record Edges(double widthMm) implements Where {
    public Edges {
      LengthRange.SIZE.check("width-of-the-band", widthMm);
    }
  }

  /** What stands out, as a share of the area. */
  record HighSpots(double share) implements Where {
    public HighSpots {
      FigureRange.PERCENT.check(said("share-of-the-area"), share * 100);
    }
  }

  /** What lies deep, as a share of the area. */
  record Recesses(double share) implements Where {
    public Recesses {
      FigureRange.PERCENT.check(said("share-of-the-area"), share * 100);
    }
  }

  /** On all of it and wiped back, so that a share stays. */
  record WipedBack() implements Where {
    /** Of a full coat, until the studio has learned its own. */
    public static final double STAYS = 0.35;
  }

  /**
   * How much of a full coat over an area it takes.
   *
   * @param edgeMm round what is coated
   */
  default double share(double areaMm2, double edgeMm) {
    return switch (this) {
      case All _ -> 1;
      case Edges e -> areaMm2 > 0 ? Math.min(1, e.widthMm() * edgeMm / areaMm2) : 0;
      case HighSpots h -> h.share();
      case Recesses r -> r.share();
      case WipedBack _ -> WipedBack.STAYS;
    };
  }

  /** Whether it changes the colour of the whole. */
  default boolean tintsAll() {
    return this instanceof All || this instanceof WipedBack;
  }
}
