package craftmap.core.design;

import java.util.Optional;

/** What a design's print lets one do with parts of it. */
public final class Printing {
  private Printing() {}

  /** What repeats is the same further on; of a picture with named parts every spot is another. */
  public static boolean isOnePicture(Design design) {
    return repeat(design).isEmpty()
        && design.picture().map(p -> !p.motifs().isEmpty()).orElse(false);
  }

  public static Optional<Repeat> repeat(Design design) {
    return switch (design) {
      case Paper p -> p.repeat();
      case Napkin n -> n.repeat();
      case StencilDesign _,
          Transfer _,
          CutOut _,
          FoilRoll _,
          Moulding _,
          Mould _,
          Texture _,
          PlasterFabric _,
          FilmRoll _,
          EnlargedImage _,
          Dots _,
          PaintedZone _ ->
          Optional.empty();
    };
  }

  /** Whether it makes a difference which slice of a print shows. */
  public static boolean hasSlices(Design design) {
    return repeat(design).isPresent() || isOnePicture(design);
  }

  /** Whether it makes a difference where a part is cut from: napkins are cut by their pictures. */
  public static boolean canBeginAnywhere(Design design) {
    return design instanceof Paper && (repeat(design).isPresent() || isOnePicture(design));
  }
}
