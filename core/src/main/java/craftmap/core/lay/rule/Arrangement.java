package craftmap.core.lay.rule;

import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;

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
