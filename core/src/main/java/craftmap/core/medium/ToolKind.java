package craftmap.core.medium;

/** Kinds of tool, with what is typical of them. */
public enum ToolKind {
  BRUSH(0.06, 5),
  ROLLER(0.15, 10),
  SPONGE(0.05, 15),
  SPRAYER(0.4, 35),
  STENCIL_BRUSH(0.015, 30),
  STENCIL_ROLLER(0.04, 30),
  PALETTE_KNIFE(0.02, 10),
  CLOTH(0.1, 8);

  private final double typicalCover;
  private final double typicalLossPercent;

  ToolKind(double typicalCover, double typicalLossPercent) {
    this.typicalCover = typicalCover;
    this.typicalLossPercent = typicalLossPercent;
  }

  double coversM2PerMin() {
    return typicalCover;
  }

  double lossPercent() {
    return typicalLossPercent;
  }
}
