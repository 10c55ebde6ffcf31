package craftmap.core.lay.rule;

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
