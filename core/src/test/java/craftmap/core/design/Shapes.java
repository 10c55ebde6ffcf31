package craftmap.core.design;

import craftmap.core.artwork.Drawing;
import craftmap.core.artwork.SvgReader;
import java.util.List;
import java.util.Optional;

/** Simple stencils for tests elsewhere. */
public final class Shapes {
  private Shapes() {}

  /** A stencil whose print is one full rectangle in the middle of its sheet. */
  public static Stencil block(double print, double tall, double sheetWidth, double sheetHeight) {
    return block(print, tall, sheetWidth, sheetHeight, 5);
  }

  public static Stencil block(
      double print, double tall, double sheetWidth, double sheetHeight, int uses) {
    String svg =
        "<svg width='%smm' height='%smm' viewBox='0 0 %s %s'><rect x='%s' y='%s' width='%s' height='%s'/></svg>"
            .formatted(
                sheetWidth,
                sheetHeight,
                sheetWidth,
                sheetHeight,
                (sheetWidth - print) / 2,
                (sheetHeight - tall) / 2,
                print,
                tall);
    Drawing sheet = SvgReader.read(svg);
    Picture picture =
        new Picture(
            sheet.widthMm(),
            sheet.heightMm(),
            Optional.of(sheet.openings()),
            Optional.empty(),
            List.of());
    return new Stencil(
        new Card("block", "Block", "block", "", Rights.MAY_BE_SOLD),
        picture,
        24,
        uses,
        0,
        0,
        Direction.UPRIGHT);
  }
}
