package craftmap.core.medium;

/** What a medium is used as. */
public enum Role {
  CLEANER,
  STRIPPER,
  FILLER,
  PRIMER,
  STAIN_BLOCKER,
  BONDING_PRIMER,
  PAINT,
  SIZE,
  ADHESIVE,
  CONTACT_ADHESIVE,
  DECOUPAGE_MEDIUM,
  PASTE,
  CLAY,
  GLAZE,
  STAIN,
  CLEAR_COAT,
  WAX,
  METALLIC_WAX,
  RESIN,
  POWDER
}
