package craftmap.core.design;

import craftmap.core.plane.Box;
import java.util.Optional;

/** Anything with a pattern or shape that goes onto a face. */
public sealed interface Design
    permits StencilDesign,
        Transfer,
        Napkin,
        Paper,
        CutOut,
        FoilRoll,
        Moulding,
        Mould,
        Texture,
        PlasterFabric,
        EnlargedImage,
        Dots,
        PaintedZone {
  Card card();

  DesignKind kind();

  /** The sheet it is drawn on; none for what has no picture of its own. */
  Optional<Picture> picture();

  /** What shows on the face, in the coordinates of the sheet. */
  Box printed();

  Handling handling();

  Comes comes();

  Direction direction();

  default String id() {
    return card().id();
  }

  default String name() {
    return card().name();
  }

  default double printWidthMm() {
    return printed().widthMm();
  }

  default double printHeightMm() {
    return printed().heightMm();
  }

  /** A design that differs from its mirror image and cannot be turned over. */
  default boolean isHanded() {
    return !handling().mirrors() && picture().map(p -> !p.isSymmetrical()).orElse(false);
  }
}
