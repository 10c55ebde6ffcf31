package craftmap.core.surface;

import craftmap.core.measure.Letters;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;

/**
 * Letters and figures over a face, so that two people can say "C4": square cells, figures from the
 * left, letters from the top.
 */
public record MapGrid(double cellMm, int columns, int rows) {
  private static final int ALONG_THE_LONGER_SIDE = 6;

  public static MapGrid over(Outline outline) {
    double longer = Math.max(outline.widthMm(), outline.heightMm());
    double cell = longer / ALONG_THE_LONGER_SIDE;
    return new MapGrid(cell, cells(outline.widthMm(), cell), cells(outline.heightMm(), cell));
  }

  private static int cells(double side, double cell) {
    return Math.max(1, (int) Math.ceil((side - Tolerance.EXACT.lengthMm()) / cell));
  }

  /** The cell a point lies in; a point off the face counts for the nearest cell. */
  public String cellOf(Point point) {
    int row = Math.clamp((int) Math.floor(point.yMm() / cellMm), 0, rows - 1);
    int column = Math.clamp((int) Math.floor(point.xMm() / cellMm), 0, columns - 1);
    return Letters.of(row) + (column + 1);
  }
}
