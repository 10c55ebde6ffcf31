package craftmap.core.surface;

/** What a face is made of, or what its present finish is, whichever decides how to treat it. */
public enum MakeUp {
  BARE_WOOD,
  VENEER,
  BOARD,
  LAMINATE,
  GLASS,
  GLAZED,
  METAL,
  PLASTIC,
  LEATHER,
  STONE_WARE,
  PAINTED,
  WAXED,
  VARNISHED
}
