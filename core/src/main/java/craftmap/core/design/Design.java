package craftmap.core.design;

import craftmap.core.artwork.Artwork;
import craftmap.core.colour.Colour;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** Anything with a pattern or shape that goes onto a face. */
public sealed interface Design
    permits StencilDesign,
        PrintedSheet,
        CutOut,
        FoilRoll,
        Moulding,
        Mould,
        Texture,
        PlasterFabric,
        FilmRoll,
        EnlargedImage,
        Dots,
        PaintedZone {
  Card card();

  DesignKind kind();

  /** The sheet it is drawn on; none for what has no picture of its own. */
  Optional<Picture> picture();

  /** What shows on the face, in the coordinates of the sheet. */
  Box printed();

  /** The print itself on its sheet; its box where nothing finer is known. */
  default Geometry shape() {
    Geometry box = Planar.polygon(printed());
    return picture()
        .flatMap(Picture::shape)
        .map(Artwork::outline)
        .map(whole -> part().isEmpty() ? whole : Planar.intersection(whole, box))
        .orElse(box);
  }

  /** What of an area on its sheet nothing shows through: less than all where a carrier is clear. */
  default Geometry hidden(Geometry area) {
    return picture()
        .flatMap(Picture::ink)
        .map(
            ink ->
                Planar.intersection(
                    Planar.intersection(area, Planar.polygon(printed())), ink.area()))
        .orElseGet(() -> Planar.intersection(area, shape()));
  }

  default double shapeMm2() {
    return picture()
        .flatMap(Picture::shape)
        .filter(whole -> part().isEmpty())
        .map(Artwork::areaMm2)
        .orElseGet(() -> printed().areaMm2());
  }

  /** The colours it has of its own, whatever it is painted in; none where its picture tells. */
  default List<Colour> colours() {
    return List.of();
  }

  /** The part of its picture that is laid alone; none where all of it is. */
  default Optional<MotifBox> part() {
    return Optional.empty();
  }

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

  /** Whether what reaches over an edge stays whole and hangs over it, as a moulding does. */
  default boolean hangsOver() {
    return this instanceof Moulding || this instanceof Mould;
  }

  /** What it is put on with; none where nothing out of a pot is needed. */
  default Optional<PutOn> putOn() {
    return switch (this) {
      case CustomCut cut ->
          cut.film() == CustomCut.Film.VINYL
              ? Optional.empty()
              : Optional.of(PutOn.THROUGH_OPENINGS);
      case RaisedStencil _, Texture _ -> Optional.of(PutOn.PASTE);
      case StencilDesign _ -> Optional.of(PutOn.THROUGH_OPENINGS);
      case Dots _, PaintedZone _, EnlargedImage _ -> Optional.of(PutOn.PAINT);
      case Mould mould ->
          Optional.of(
              switch (mould.filling()) {
                case CLAY -> PutOn.CLAY;
                case RESIN -> PutOn.RESIN;
              });
      case Moulding moulding ->
          Optional.of(
              switch (moulding.flexibility().glue()) {
                case WOOD_GLUE -> PutOn.GLUE;
                case CONTACT_ADHESIVE -> PutOn.CONTACT;
              });
      case Napkin _, Paper _, CutOut _ -> Optional.of(PutOn.DECOUPAGE);
      case FoilRoll _ -> Optional.of(PutOn.SIZE);
      case Transfer _ -> Optional.of(PutOn.SEAL);
      case PlasterFabric _, FilmRoll _ -> Optional.empty();
    };
  }

  /** Whether it is there only once something is painted, or spread, through it or by it. */
  default boolean isPainted() {
    return switch (this) {
      case CustomCut cut -> cut.film() == CustomCut.Film.STENCIL_FILM;
      case StencilDesign _, Dots _, Texture _, PaintedZone _ -> true;
      case Transfer _,
          Napkin _,
          Paper _,
          CutOut _,
          FoilRoll _,
          Moulding _,
          Mould _,
          PlasterFabric _,
          FilmRoll _,
          EnlargedImage _ ->
          false;
    };
  }
}
