package craftmap.core.lay;

/**
 * What options are ranked by, the weightiest first. None is ever traded against another: a later
 * one counts only where all earlier ones are equal.
 */
public enum Criterion {
  CLEAR_OF_KEEP_OUTS,
  NO_SLIVER,
  SYMMETRICAL,
  WHOLE_MOTIFS,
  LEAST_GAP_CHANGE,
  END_MARGIN_IN_PROPORTION,
  MORE_MOTIFS,
  /** Nothing tells them apart but the order in which the kinds are listed. */
  LISTED_EARLIER
}
