package craftmap.core.lay;

/**
 * What options are ranked by, the weightiest first. None is ever traded against another: a later
 * one counts only where all earlier ones are equal.
 */
public enum Criterion {
  /** Ground that was to be covered and is not. */
  NOTHING_BARE,
  CLEAR_OF_KEEP_OUTS,
  /** Where others show a motif whole, one that cuts every motif looks like a mistake. */
  SHOWS_A_WHOLE,
  /** Motifs of a picture that are cut or hidden, by how much they would be missed. */
  LEAST_SPOILT,
  NO_SLIVER,
  FEWEST_SHEETS,
  SYMMETRICAL,
  WHOLE_MOTIFS,
  /** Of a border, by how much the gaps of two sides differ. */
  SIDES_DIFFER_LEAST,
  LEAST_GAP_CHANGE,
  END_MARGIN_IN_PROPORTION,
  MORE_MOTIFS,
  /** Nothing tells them apart but the order in which the kinds are listed. */
  LISTED_EARLIER
}
