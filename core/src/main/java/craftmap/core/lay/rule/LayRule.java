package craftmap.core.lay.rule;

import craftmap.core.lay.rule.border.Border;
import craftmap.core.lay.rule.border.Corners;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.Wrap;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.Roller;
import craftmap.core.lay.rule.field.Scatter;
import craftmap.core.lay.rule.pieces.Collage;
import craftmap.core.lay.rule.pieces.Strips;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.single.Lettering;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.lay.rule.single.WholeFace;

/** A rule by which a design is laid on a face. */
public sealed interface LayRule
    permits Run,
        Ring,
        Border,
        Grid,
        Roller,
        Single,
        Corners,
        Scatter,
        Frame,
        Lettering,
        Across,
        Cover,
        Wrap,
        Collage,
        Strips,
        Pages,
        WholeFace {

  RuleKind kind();

  /** What the rule makes of a design on a face. */
  LayAnswer lay(Laying laying);

  /** The rule as it is written down; {@link RuleKind#read} makes the same rule of it. */
  RuleNote note();

  /** The same rule turned over left to right, for the other of a pair. */
  LayRule mirrored(double faceWidthMm);
}
