package craftmap.core.surface;

/** What a face is made of. */
public enum MakeUp {
  WOOD,
  VENEER,
  BOARD,
  LAMINATE,
  GLASS,
  GLAZED,
  METAL,
  PLASTIC,
  LEATHER,
  STONE_WARE
}
