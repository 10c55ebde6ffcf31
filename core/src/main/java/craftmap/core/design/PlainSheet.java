package craftmap.core.design;

import craftmap.core.measure.MeasureSheet;
import java.util.Optional;

/** The size of a sheet, from its picture or from the tape. */
final class PlainSheet {
  private PlainSheet() {}

  static Picture ask(
      MeasureSheet sheet, Optional<Picture> drawn, double typicalWidthMm, double typicalHeightMm) {
    return drawn.orElseGet(
        () ->
            Picture.bare(
                sheet.size("width", "width", typicalWidthMm),
                sheet.size("height", "height", typicalHeightMm)));
  }

  static Direction direction(MeasureSheet sheet, Direction typical) {
    return sheet.choice("direction", "which-way-up", typical);
  }
}
