package craftmap.core.design;

import craftmap.core.artwork.Artwork;
import craftmap.core.plane.Box;
import java.util.Optional;

/** A design that is put on through openings in a sheet. */
public sealed interface StencilDesign extends Design
    permits Stencil, AdhesiveStencil, StencilRoll, RaisedStencil, CustomCut {
  /** The sheet. */
  Picture sheet();

  /** The clear distance between motifs that the drawing was made for. */
  double naturalGapMm();

  /** How often it may be laid down before paint builds up on its edges. */
  int usesBetweenWashes();

  /** The openings, in millimetres on the sheet. */
  default Artwork openings() {
    return sheet().shape().orElseThrow();
  }

  default double sheetWidthMm() {
    return sheet().widthMm();
  }

  default double sheetHeightMm() {
    return sheet().heightMm();
  }

  @Override
  default Optional<Picture> picture() {
    return Optional.of(sheet());
  }

  @Override
  default Box printed() {
    return openings().print();
  }
}
