package craftmap.core.finding;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** By what something was found. */
public enum FindingRule {
  KEEP_OUT_FAR,
  KEEP_OUT_CLEAR,
  KEEP_OUT_TOUCHED,
  KEEP_OUT_HIT,
  KEEP_OUT_CUT_ROUND,
  KEEP_OUT_STRAY,
  BREAK_CROSSED,
  BREAK_CROSSED_ONCE,
  BREAK_SWALLOWS,
  BREAK_STEP,
  BREAK_CUT,
  BLEMISH_COVERED,
  BLEMISH_PART,
  BLEMISH_BARE,
  COPIES_OFF_FACE,
  COPIES_ON_EACH_OTHER,
  LETTERS_BRIDGED,
  LETTERS_THIN,
  BEND_TOO_TIGHT,
  BEND_WITH_HEAT,
  BEND_FINE,
  LENGTH_JOINED,
  MOULDING_GLUE,
  PARTS_WHOLE,
  PARTS_SPOILT,
  GROUND_BARE,
  PICTURE_THROUGH,
  PICTURE_CLOSED_UP,
  PICTURE_JOINTS,
  PICTURE_SHOWN,
  SEAM_JOIN,
  SEAM_OUT_OF_STEP,
  SEAM_MEETS,
  SEAM_MEETS_ACROSS,
  SEAM_IN_SIGHT,
  SEAM_MISS_BEHIND,
  STRIPS_SAG,
  COLLAGE_COVERS,
  THIN_FINE,
  THIN_OVER_GROUND,
  DOME_FITS,
  DOME_TOO_LARGE,
  INK_SEAL,
  PLIES,
  FOIL_ON_SIZE,
  DATUM_DEPARTS,
  DIAGONALS,
  SHEET_SHARED,
  STOCK_ENOUGH,
  STOCK_ENOUGH_TOGETHER,
  STOCK_SHORT,
  STOCK_SHORT_TOGETHER,
  STOCK_SHORT_OF_HAND,
  POT_UNNAMED,
  POT_OTHER,
  POT_ENOUGH,
  POT_SHORT,
  TRANSFER_SEAL,
  TORN_EDGE,
  RUNS_OFF,
  HANGS_OVER,
  OVER_THE_INSET,
  RIGHTS;

  /** Short and stable: notes that stay in a plan and other programs may name it. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The rule with an id. */
  public static Optional<FindingRule> of(String id) {
    return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
  }
}
