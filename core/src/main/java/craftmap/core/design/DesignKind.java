package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/** The kinds of design that go onto a face. */
public enum DesignKind {
  STENCIL(Drawn.OPENINGS),
  ADHESIVE_STENCIL(Drawn.OPENINGS),
  STENCIL_ROLL(Drawn.OPENINGS),
  RAISED_STENCIL(Drawn.OPENINGS),
  CUSTOM_CUT(Drawn.OPENINGS),
  TRANSFER(Drawn.INK),
  NAPKIN(Drawn.PICTURE),
  PAPER(Drawn.PICTURE),
  COLLAGE(Drawn.OUTLINE),
  FOIL(Drawn.NOTHING),
  MOULDING(Drawn.OUTLINE),
  CASTING(Drawn.OUTLINE),
  TEXTURE(Drawn.PICTURE),
  PLASTER_FABRIC(Drawn.NOTHING),
  FILM(Drawn.NOTHING),
  ENLARGED_IMAGE(Drawn.PICTURE),
  DOTS(Drawn.NOTHING),
  PAINTED_ZONE(Drawn.NOTHING);

  /** What a picture of this kind shows. */
  public enum Drawn {
    /** Dark is cut out. */
    OPENINGS,
    /** A thing on a bare sheet: what is painted is the thing. */
    OUTLINE,
    /** Ink on a clear carrier: the whole sheet is laid, what is printed stays. */
    INK,
    /** The whole sheet. */
    PICTURE,
    /** There is no picture. */
    NOTHING
  }

  private final Drawn drawn;

  DesignKind(Drawn drawn) {
    this.drawn = drawn;
  }

  public Drawn drawn() {
    return drawn;
  }

  /** The design that the card, the properties on the sheet and the picture make. */
  public Design read(Card card, MeasureSheet sheet, Optional<Picture> picture) {
    return sheet.make(() -> made(card, sheet, picture));
  }

  private Design made(Card card, MeasureSheet sheet, Optional<Picture> picture) {
    return switch (this) {
      case STENCIL -> Stencil.read(card, sheet, picture);
      case ADHESIVE_STENCIL -> AdhesiveStencil.read(card, sheet, picture);
      case STENCIL_ROLL -> StencilRoll.read(card, sheet, picture);
      case RAISED_STENCIL -> RaisedStencil.read(card, sheet, picture);
      case CUSTOM_CUT -> CustomCut.read(card, sheet, picture);
      case TRANSFER -> Transfer.read(card, sheet, picture);
      case NAPKIN -> Napkin.read(card, sheet, picture);
      case PAPER -> Paper.read(card, sheet, picture);
      case COLLAGE -> CutOut.read(card, sheet, picture);
      case FOIL -> FoilRoll.read(card, sheet);
      case MOULDING -> Moulding.read(card, sheet, picture);
      case CASTING -> Mould.read(card, sheet, picture);
      case TEXTURE -> Texture.read(card, sheet, picture);
      case PLASTER_FABRIC -> PlasterFabric.read(card, sheet);
      case FILM -> FilmRoll.read(card, sheet);
      case ENLARGED_IMAGE -> EnlargedImage.read(card, sheet, picture);
      case DOTS -> Dots.read(card, sheet);
      case PAINTED_ZONE -> PaintedZone.read(card, sheet);
    };
  }
}
