package craftmap.core.design;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.artwork.Artwork;
import craftmap.core.artwork.PrintedInk;
import craftmap.core.colour.Colour;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Optional;

/**
 * The sheet that a design is drawn or printed on, at its true size.
 *
 * @param shape openings of a stencil, or the outline of a thing; none where the whole sheet counts
 * @param background the colour it is printed on, where it has one
 * @param ink what is printed on a clear carrier; none where the whole sheet hides what is under it
 */
public record Picture(
    double widthMm,
    double heightMm,
    Optional<Artwork> shape,
    Optional<Colour> background,
    List<MotifBox> motifs,
    Optional<PrintedInk> ink) {
  /**
   * What may differ between a symmetrical shape and its mirror image: hand-drawn is never exact.
   */
  private static final double SYMMETRICAL_WITHIN = 0.03;

  private static final double OVER_THE_EDGE_MM = 0.01;

  /** A sheet that hides whatever it lies on. */
  public Picture(
      double widthMm,
      double heightMm,
      Optional<Artwork> shape,
      Optional<Colour> background,
      List<MotifBox> motifs) {
    this(widthMm, heightMm, shape, background, motifs, Optional.empty());
  }

  public Picture {
    widthMm = LengthRange.SIZE.check("sheet-width", widthMm);
    heightMm = LengthRange.SIZE.check("sheet-height", heightMm);
    motifs = List.copyOf(motifs);
    for (MotifBox motif : motifs) {
      Box b = motif.box();
      if (b.leftMm() < -OVER_THE_EDGE_MM
          || b.topMm() < -OVER_THE_EDGE_MM
          || b.rightMm() > widthMm + OVER_THE_EDGE_MM
          || b.bottomMm() > heightMm + OVER_THE_EDGE_MM) {
        throw new RefusedInput(
            said("motif-box-2", given(motif.name())),
            said("to", mm(b.leftMm()), mm(b.topMm()), mm(b.rightMm()), mm(b.bottomMm())),
            said("reaches-over-the-edge-of-the-sheet"),
            said("a-box-within", mm(widthMm), mm(heightMm)));
      }
    }
  }

  /** A sheet of which only the size is known. */
  public static Picture bare(double widthMm, double heightMm) {
    return new Picture(widthMm, heightMm, Optional.empty(), Optional.empty(), List.of());
  }

  /** The part that shows: the openings, the outline, or the sheet less a bare rim. */
  Box printed(double rimMm) {
    if (shape.isPresent()) {
      return shape.get().print();
    }
    if (2 * rimMm >= Math.min(widthMm, heightMm)) {
      throw new RefusedInput(
          "unprinted-rim",
          mm(rimMm),
          said("leaves-nothing-of-the-picture"),
          said("less-than-half-of", mm(Math.min(widthMm, heightMm))));
    }
    return new Box(rimMm, rimMm, widthMm - 2 * rimMm, heightMm - 2 * rimMm);
  }

  /** Whether its mirror image is the same; a bare rectangle is. */
  public boolean isSymmetrical() {
    return shape.map(s -> s.isSymmetrical(SYMMETRICAL_WITHIN)).orElse(false);
  }

  private static String show(double mm) {
    return Decimals.show(mm, 1);
  }
}
