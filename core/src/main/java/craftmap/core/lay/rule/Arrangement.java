package craftmap.core.lay.rule;

/** How an option arranges its copies: by this it is told from others, picked, and put in words. */
public sealed interface Arrangement
    permits RunRow,
        RingRows,
        BorderSides,
        GridPattern,
        Stand,
        CornerSet,
        Scattering,
        RollerStrips,
        FrameSides,
        Wording,
        AcrossFronts,
        SheetCover,
        Wrapping,
        CollageSet,
        RollStrips,
        PageSet,
        ZoneArea {
  Way way();

  /** How many copies, or how many to a row. */
  int count();

  /** The second count, such as the rows; 1 where there is one only. */
  default int across() {
    return 1;
  }
}
