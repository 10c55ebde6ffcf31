package craftmap.core.design;

import craftmap.core.artwork.Artwork;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/** The sheet of a stencil whose openings are known, or only the share that they take. */
final class OpenSheet {
  private static final FigureRange SHARE = new FigureRange("%", 1, 95, 1);
  private static final double TYPICAL_OPEN = 30;
  private static final double TYPICAL_RIM = 20;

  private OpenSheet() {}

  /** With its artwork there is nothing to ask: size and open share are computed. */
  static Picture ask(MeasureSheet sheet, Optional<Picture> drawn) {
    if (drawn.isPresent() && drawn.get().shape().isPresent()) {
      return drawn.get();
    }
    Picture plain = PlainSheet.ask(sheet, drawn, 210, 150);
    double least = Math.min(plain.widthMm(), plain.heightMm());
    double rim =
        sheet.length(
            "rim",
            "sheet-round-the-print",
            Math.min(TYPICAL_RIM, least / 8),
            LengthRange.DISTANCE.upTo(0.45 * least));
    double open = sheet.figure("open", "open-share-of-the-print", TYPICAL_OPEN, SHARE);
    Box print = new Box(rim, rim, plain.widthMm() - 2 * rim, plain.heightMm() - 2 * rim);
    return new Picture(
        plain.widthMm(),
        plain.heightMm(),
        Optional.of(Artwork.slats(print, open / 100)),
        plain.background(),
        plain.motifs());
  }
}
