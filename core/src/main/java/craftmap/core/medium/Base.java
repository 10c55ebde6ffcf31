package craftmap.core.medium;

/** What a medium is thinned and cleaned with, and so what it gets on with. */
public enum Base {
  WATER,
  OIL,
  SOLVENT,
  WAX,
  RESIN,
  CASEIN,
  SHELLAC,
  LATEX
}
