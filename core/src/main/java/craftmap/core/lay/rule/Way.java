package craftmap.core.lay.rule;

import java.util.Arrays;
import java.util.Optional;

/**
 * The ways in which rules arrange copies, by what they arrange. The order within one is the last
 * word in a ranking, so that two options that are otherwise alike never change places. No two ways
 * share a name: by it a pick is kept in a plan.
 */
public sealed interface Way {
  /** Its name in a plan and in the catalogue of words. */
  String name();

  int ordinal();

  /** Whether left and right come out alike. */
  boolean symmetrical();

  /** The way of a name. */
  static Optional<Way> of(String name) {
    return Arrays.stream(Way.class.getPermittedSubclasses())
        .flatMap(ways -> Arrays.stream(ways.getEnumConstants()))
        .map(Way.class::cast)
        .filter(way -> way.name().equals(name))
        .findFirst();
  }

  /** Along a line. */
  enum OnLine implements Way {
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
    COVERING(false);

    private final boolean symmetrical;

    OnLine(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }

    public boolean runsOff() {
      return this == OFF_ENDS_MOTIF_ON_CENTRE || this == OFF_ENDS_GAP_ON_CENTRE;
    }
  }

  /** Round a closed line. */
  enum OnRing implements Way {
    /** Round a closed line, a motif where it is read from. */
    RING_ON_DATUM(true),
    /** Round a closed line, a gap where it is read from. */
    RING_OFF_DATUM(true),
    /** Turned to where most of the damage is hidden. */
    RING_COVERING(false);

    private final boolean symmetrical;

    OnRing(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Along all sides, and in the corners between them. */
  enum OnBorder implements Way {
    /** Corner pieces, and runs between them. */
    BORDER_PIECES(true),
    /** The motif itself, turned, in each corner. */
    BORDER_TURNED(true),
    /** A motif folded round each corner, cut along the mitre. */
    BORDER_MITRED_ON_MOTIF(true),
    /** A gap at each corner. */
    BORDER_MITRED_ON_GAP(true),
    /** Nothing in the corners: the runs stop at a gap before them. */
    BORDER_OPEN(true);

    private final boolean symmetrical;

    OnBorder(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    /** Whether copies are cut in the corners so that they meet. */
    public boolean isMitred() {
      return this == BORDER_MITRED_ON_MOTIF || this == BORDER_MITRED_ON_GAP;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** All over, in columns and rows. */
  enum InGrid implements Way {
    /** Motifs on the middle both ways. */
    GRID_MOTIF_MOTIF(true),
    /** A gap on the middle across, a motif down. */
    GRID_GAP_MOTIF(true),
    /** A motif on the middle across, a gap down. */
    GRID_MOTIF_GAP(true),
    /** Gaps on the middle both ways. */
    GRID_GAP_GAP(true),
    /** Whole columns and rows only, the gaps stretched to fill. */
    GRID_SPREAD(true);

    private final boolean symmetrical;

    InGrid(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** One by itself. */
  enum Alone implements Way {
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
    STAND_TOP_RAIL(true),
    STAND_MIDDLE_RAIL(true),
    STAND_BOTTOM_RAIL(true),
    STAND_LEFT_STILE(false),
    STAND_RIGHT_STILE(false);

    private final boolean symmetrical;

    Alone(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** One in each corner. */
  enum InCorners implements Way {
    /** Each corner the mirror image of the next. */
    CORNERS_MIRRORED(true),
    /** Left and right ones of a pair in turn. */
    CORNERS_PAIRS(true),
    /** One round piece cut in quarters. */
    CORNERS_QUARTERS(true),
    /** The same copy, a quarter turn further in each corner. */
    CORNERS_TURNED(false);

    private final boolean symmetrical;

    InCorners(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Thrown. */
  enum Scattered implements Way {
    SCATTERED(true);

    private final boolean symmetrical;

    Scattered(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** In strips off a roll, or of a roller. */
  enum InStrips implements Way {
    /** A strip on the middle. */
    STRIPS_ON_CENTRE(true),
    /** A joint on the middle. */
    STRIPS_JOINT_ON_CENTRE(true),
    /** The first strip at the edge the work starts from. */
    STRIPS_FROM_EDGE(false);

    private final boolean symmetrical;

    InStrips(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** A moulding all round. */
  enum InFrame implements Way {
    /** A bead or motif on the middle of each side. */
    FRAME_ON_MOTIF(true),
    /** The middle between two on the middle of each side. */
    FRAME_ON_GAP(true),
    /** One bent length all round. */
    FRAME_BENT(true);

    private final boolean symmetrical;

    InFrame(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Letters that stand by themselves; along a line they stand in its ways. */
  enum InWords implements Way {
    WORDS(true);

    private final boolean symmetrical;

    InWords(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** One picture over several faces. */
  enum OverFaces implements Way {
    /** Where the artist put the picture. */
    ACROSS_PLACED(false),
    /** No gap to get over. */
    ACROSS_IN_PLACE(true),
    /** The picture goes on behind the gaps. */
    ACROSS_THROUGH(true),
    /** The picture is cut at the gaps and loses nothing. */
    ACROSS_CLOSED_UP(true);

    private final boolean symmetrical;

    OverFaces(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Sheets that cover a face. */
  enum InSheets implements Way {
    COVER_EVEN(true),
    COVER_SHEET_CENTRED(true),
    COVER_SEAM_CENTRED(true),
    COVER_FROM_EDGE(false),
    /** The print begins where it takes the fewest sheets. */
    COVER_BEGUN_ANYWHERE(false);

    private final boolean symmetrical;

    InSheets(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Sheets round a rolled-up wall. */
  enum AllRound implements Way {
    /** A whole sheet in front, the others share the rest. */
    WRAP_WHOLE_IN_FRONT(true),
    /** Equal parts, one seam behind. */
    WRAP_EVEN(true),
    /** Equal parts, the middle of one in front and of one behind. */
    WRAP_SEAMS_ASIDE(true),
    /** Straight strips on a tapered wall. */
    WRAP_STRIPS(true);

    private final boolean symmetrical;

    AllRound(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** Many cut-outs, one by one. */
  enum Hung implements Way {
    COLLAGE_IN_ROWS(true),
    COLLAGE_SPREAD(true),
    COLLAGE_LOOSE(true);

    private final boolean symmetrical;

    Hung(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** An image over printed pages. */
  enum OnPages implements Way {
    PAGES_UPRIGHT(true),
    PAGES_LYING(true);

    private final boolean symmetrical;

    OnPages(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }

  /** All that is free. */
  enum Whole implements Way {
    /** All that is free. */
    ZONE(true);

    private final boolean symmetrical;

    Whole(boolean symmetrical) {
      this.symmetrical = symmetrical;
    }

    @Override
    public boolean symmetrical() {
      return symmetrical;
    }
  }
}
