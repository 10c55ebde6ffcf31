package craftmap.core.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;

/** Where on its group a coat goes. */
public sealed interface Where {
  Where ALL = new All();

  /** All of it. */
  record All() implements Where {}

  /**
   * A band along the edges.
   *
   * @param part of the length of all edges, 0 to 1: where hands go, and not everywhere
   */
  record Edges(double widthMm, double part) implements Where {
    public Edges {
      LengthRange.SIZE.check("width-of-the-band", widthMm);
      FigureRange.PERCENT.check(said("part-of-the-edges"), part * 100);
    }

    public Edges(double widthMm) {
      this(widthMm, 1);
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

  /** Spots that fly off the brush, as a share of the area. */
  record Splatter(double share) implements Where {
    public Splatter {
      FigureRange.PERCENT.check(said("share-of-the-area"), share * 100);
    }
  }

  /** Poured on so thick, over the edges as well. */
  record Poured(double thicknessMm) implements Where {
    public Poured {
      LengthRange.SIZE.check("thickness-of-the-pour", thicknessMm);
    }
  }

  /**
   * One colour of a blend: a zone of each face, from its foot up, and half of the band in which it
   * is worked together with its neighbour.
   *
   * @param from where its zone begins, as a share of the height, the middle of the band
   * @param to where it ends
   * @param bandMm how wide the band is
   */
  record Blended(double from, double to, double bandMm) implements Where {
    public Blended {
      FigureRange.PERCENT.check(said("beginning-of-the-zone"), from * 100);
      FigureRange.PERCENT.check(said("end-of-the-zone"), to * 100);
      LengthRange.SIZE.check("width-of-the-band", bandMm);
      if (!(from < to)) {
        throw new RefusedInput(
            "zone-of-the-blend",
            given(FigureRange.PERCENT.show(from * 100)),
            said("is-not-below-its-end"),
            said("less-than", given(FigureRange.PERCENT.show(to * 100))));
      }
    }

    double share() {
      return to - from;
    }

    public Blended banded(double otherMm) {
      return new Blended(from, to, otherMm);
    }
  }

  /**
   * How much of a full coat over an area it takes.
   *
   * @param edgeMm round what is coated
   */
  default double share(double areaMm2, double edgeMm) {
    return switch (this) {
      case All _ -> 1;
      case Edges e -> areaMm2 > 0 ? Math.min(1, e.widthMm() * e.part() * edgeMm / areaMm2) : 0;
      case HighSpots h -> h.share();
      case Recesses r -> r.share();
      case Splatter s -> s.share();
      case Blended b -> b.share();
      case Poured _ -> 1;
      case WipedBack _ -> WipedBack.STAYS;
    };
  }

  /** Whether it changes the colour of the whole. */
  default boolean tintsAll() {
    return coversAll() || this instanceof WipedBack;
  }

  /** Whether it lies on all of it in full. */
  default boolean coversAll() {
    return this instanceof All || this instanceof Poured;
  }
}
