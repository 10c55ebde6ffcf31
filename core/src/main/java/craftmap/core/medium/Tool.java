package craftmap.core.medium;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * What a medium is put on with.
 *
 * @param coversM2PerMin how much of a face it covers in a minute
 * @param loss what stays in it, as a share of what reaches the face
 */
public record Tool(String id, String name, Kind kind, double coversM2PerMin, double loss) {
  /** Kinds of tool, with what is typical of them. */
  public enum Kind {
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

    Kind(double typicalCover, double typicalLossPercent) {
      this.typicalCover = typicalCover;
      this.typicalLossPercent = typicalLossPercent;
    }
  }

  /** One as they usually are, while none is owned. */
  public static Tool typical(Kind kind) {
    return new Tool(
        kind.name(), kind.name(), kind, kind.typicalCover, kind.typicalLossPercent / 100);
  }

  private static final FigureRange COVER = new FigureRange("m²/min", 0.001, 10, 3);

  public static Tool read(String id, String name, MeasureSheet sheet) {
    return sheet.make(
        () -> {
          Kind kind = sheet.choice("kind", "tool", Kind.BRUSH);
          return new Tool(
              id,
              name,
              kind,
              sheet.figure("covers", "covers", kind.typicalCover, COVER),
              sheet.figure("loss", "stays-in-it", kind.typicalLossPercent, FigureRange.PERCENT)
                  / 100);
        });
  }
}
