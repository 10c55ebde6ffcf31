package craftmap.core.design;

/** The kinds of design that go onto a face. */
public enum DesignKind {
  STENCIL,
  ADHESIVE_STENCIL,
  STENCIL_ROLL,
  RAISED_STENCIL,
  CUSTOM_CUT,
  TRANSFER,
  NAPKIN,
  PAPER,
  COLLAGE,
  FOIL,
  MOULDING,
  CASTING,
  TEXTURE,
  PLASTER_FABRIC,
  ENLARGED_IMAGE,
  DOTS,
  PAINTED_ZONE
}
