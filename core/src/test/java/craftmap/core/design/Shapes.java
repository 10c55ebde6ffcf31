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
    return drawn(
        sheetWidth,
        sheetHeight,
        "<rect x='%s' y='%s' width='%s' height='%s'/>"
            .formatted((sheetWidth - print) / 2, (sheetHeight - tall) / 2, print, tall),
        uses);
  }

  /** A star with a moon beside it: nothing of it is square. */
  public static Stencil starAndMoon() {
    return drawn(
        97.3,
        81.9,
        "<path d='M31 9 L38 29 L59 33 L42 45 L47 68 L30 54 L11 66 L19 44 L7 27 L26 29 Z'/>"
            + "<circle cx='73' cy='31' r='13.7'/>",
        5);
  }

  private static Stencil drawn(double width, double height, String inside, int uses) {
    String svg =
        "<svg width='%smm' height='%smm' viewBox='0 0 %s %s'>%s</svg>"
            .formatted(width, height, width, height, inside);
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
