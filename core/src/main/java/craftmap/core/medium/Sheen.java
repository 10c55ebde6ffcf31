package craftmap.core.medium;

/** How a dry coat shines. */
public enum Sheen {
  NONE,
  FLAT,
  SATIN,
  GLOSS
}
