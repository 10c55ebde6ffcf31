package craftmap.core.lay.rule;

/**
 * The ways in which rules arrange copies. The order is the last word in a ranking, so that two
 * options that are otherwise alike never change places.
 */
public enum Way {
  /** A motif on the middle of the line, the gap as wished. */
  MOTIF_ON_CENTRE(true),
  /** A gap on the middle of the line, the gap as wished. */
  GAP_ON_CENTRE(true),
  /** The ends as wide as the gaps. */
  SPREAD(true),
  /** The first and the last motif at the end margin. */
  FLUSH(true),
  /** The gap as wished, starting at the end margin where the tape starts. */
  FROM_START(false),
  /** The gap as wished, ending at the end margin where the tape ends. */
  FROM_END(false),
  /** Running off both ends, a motif on the middle. */
  OFF_ENDS_MOTIF_ON_CENTRE(true),
  /** Running off both ends, a gap on the middle. */
  OFF_ENDS_GAP_ON_CENTRE(true),
  /** Motif and gap scaled so that whole repeats fill the line. */
  SCALED(true),
  /** Slid to where most of the damage is hidden. */
  COVERING(false),

  /** Round a closed line, a motif where it is read from. */
  RING_ON_DATUM(true),
  /** Round a closed line, a gap where it is read from. */
  RING_OFF_DATUM(true),
  /** Turned to where most of the damage is hidden. */
  RING_COVERING(false),

  /** Corner pieces, and runs between them. */
  BORDER_PIECES(true),
  /** The motif itself, turned, in each corner. */
  BORDER_TURNED(true),
  /** A motif folded round each corner, cut along the mitre. */
  BORDER_MITRED_ON_MOTIF(true),
  /** A gap at each corner. */
  BORDER_MITRED_ON_GAP(true),
  /** Nothing in the corners: the runs stop at a gap before them. */
  BORDER_OPEN(true),

  /** Motifs on the middle both ways. */
  GRID_MOTIF_MOTIF(true),
  /** A gap on the middle across, a motif down. */
  GRID_GAP_MOTIF(true),
  /** A motif on the middle across, a gap down. */
  GRID_MOTIF_GAP(true),
  /** Gaps on the middle both ways. */
  GRID_GAP_GAP(true),
  /** Whole columns and rows only, the gaps stretched to fill. */
  GRID_SPREAD(true),

  /** Where the artist put it. */
  STAND_PLACED(false),
  STAND_CENTRE(true),
  /** A little above the middle, where the eye takes the middle to be. */
  STAND_OPTICAL(true),
  STAND_LEFT_THIRD(false),
  STAND_RIGHT_THIRD(false),
  /** Where the face cuts off least of the picture's named parts. */
  STAND_ON_MOTIF(false),
  STAND_COVERING(false),

  /** Each corner the mirror image of the next. */
  CORNERS_MIRRORED(true),
  /** Left and right ones of a pair in turn. */
  CORNERS_PAIRS(true),
  /** One round piece cut in quarters. */
  CORNERS_QUARTERS(true),
  /** The same copy, a quarter turn further in each corner. */
  CORNERS_TURNED(false),

  SCATTERED(true),

  /** A strip on the middle. */
  STRIPS_ON_CENTRE(true),
  /** A joint on the middle. */
  STRIPS_JOINT_ON_CENTRE(true),
  /** The first strip at the edge the work starts from. */
  STRIPS_FROM_EDGE(false),

  /** A bead or motif on the middle of each side. */
  FRAME_ON_MOTIF(true),
  /** The middle between two on the middle of each side. */
  FRAME_ON_GAP(true),
  /** One bent length all round. */
  FRAME_BENT(true),

  WORDS(true),

  /** Where the artist put the picture. */
  ACROSS_PLACED(false),
  /** No gap to get over. */
  ACROSS_IN_PLACE(true),
  /** The picture goes on behind the gaps. */
  ACROSS_THROUGH(true),
  /** The picture is cut at the gaps and loses nothing. */
  ACROSS_CLOSED_UP(true),

  COVER_EVEN(true),
  COVER_SHEET_CENTRED(true),
  COVER_SEAM_CENTRED(true),
  COVER_FROM_EDGE(false),

  /** A whole sheet in front, the others share the rest. */
  WRAP_WHOLE_IN_FRONT(true),
  /** Equal parts, one seam behind. */
  WRAP_EVEN(true),
  /** Equal parts, the middle of one in front and of one behind. */
  WRAP_SEAMS_ASIDE(true),
  /** Straight strips on a tapered wall. */
  WRAP_STRIPS(true),

  COLLAGE_IN_ROWS(true),
  COLLAGE_LOOSE(true),

  PAGES_UPRIGHT(true),
  PAGES_LYING(true),

  /** All that is free. */
  ZONE(true);

  private final boolean symmetrical;

  Way(boolean symmetrical) {
    this.symmetrical = symmetrical;
  }

  public boolean symmetrical() {
    return symmetrical;
  }

  public boolean runsOff() {
    return this == OFF_ENDS_MOTIF_ON_CENTRE || this == OFF_ENDS_GAP_ON_CENTRE;
  }
}
