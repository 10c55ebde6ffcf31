package craftmap.core.medium;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;

/**
 * What a medium is put on with.
 *
 * @param coversM2PerMin how much of a face it covers in a minute
 * @param untaughtM2PerMin the same before anything was learned of it
 * @param loss what stays in it, as a share of what reaches the face
 */
public record Tool(
    String id,
    String name,
    ToolKind kind,
    double coversM2PerMin,
    double untaughtM2PerMin,
    double loss) {
  /** As it is measured, or typical. */
  public Tool(String id, String name, ToolKind kind, double coversM2PerMin, double loss) {
    this(id, name, kind, coversM2PerMin, coversM2PerMin, loss);
  }

  /** One as they usually are, while none is owned. */
  public static Tool typical(ToolKind kind) {
    return new Tool(
        kind.name(), kind.name(), kind, kind.coversM2PerMin(), kind.lossPercent() / 100);
  }

  /** The same where it covers so much of a face in a minute. */
  public Tool covering(double m2PerMin) {
    return new Tool(id, name, kind, m2PerMin, untaughtM2PerMin, loss);
  }

  private static final FigureRange COVER = new FigureRange("m²/min", 0.001, 10, 3);

  public static Tool read(String id, String name, MeasureSheet sheet) {
    return sheet.make(
        () -> {
          ToolKind kind = sheet.choice("kind", "tool", ToolKind.BRUSH);
          return new Tool(
              id,
              name,
              kind,
              sheet.figure("covers", "covers", kind.coversM2PerMin(), COVER),
              sheet.figure("loss", "stays-in-it", kind.lossPercent(), FigureRange.PERCENT) / 100);
        });
  }
}
