package craftmap.core.design;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/** An image printed larger over office pages, traced through, and painted in by hand. */
public record EnlargedImage(
    Card card,
    Picture image,
    Page page,
    double overlapMm,
    double smallestScale,
    double largestScale,
    Direction direction)
    implements Design {
  /** The pages it is printed on, by what a printer reaches of them. */
  public enum Page {
    A4(190, 277),
    LETTER(196, 259);

    private final double widthMm;
    private final double heightMm;

    Page(double widthMm, double heightMm) {
      this.widthMm = widthMm;
      this.heightMm = heightMm;
    }

    public double widthMm() {
      return widthMm;
    }

    public double heightMm() {
      return heightMm;
    }
  }

  private static final FigureRange SCALE = new FigureRange("%", 5, 5000, 0);

  static EnlargedImage read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    return new EnlargedImage(
        card,
        PlainSheet.ask(sheet, drawn, 200, 150),
        sheet.choice("page", "pages", Page.A4),
        sheet.length("overlap", "pages-overlap-by", 10, LengthRange.DISTANCE.upTo(90)),
        sheet.figure("smallest", "print-no-smaller-than", 50, SCALE) / 100,
        sheet.figure("largest", "print-no-larger-than", 400, SCALE) / 100,
        PlainSheet.direction(sheet, Direction.UPRIGHT));
  }

  /** Pages for the image at a scale, the pages upright or lying, whichever needs fewer. */
  public int pages(double scale) {
    double w = image.widthMm() * scale;
    double h = image.heightMm() * scale;
    return Math.min(
        count(w, page.widthMm, overlapMm) * count(h, page.heightMm, overlapMm),
        count(w, page.heightMm, overlapMm) * count(h, page.widthMm, overlapMm));
  }

  /** Pages over a length, each overlapping the next. */
  public static int count(double length, double pageMm, double overlapMm) {
    return length <= pageMm
        ? 1
        : 1 + (int) Math.ceil((length - pageMm) / (pageMm - overlapMm) - 1e-9);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.ENLARGED_IMAGE;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(image);
  }

  @Override
  public Box printed() {
    return new Box(0, 0, image.widthMm(), image.heightMm());
  }

  @Override
  public Handling handling() {
    return Handling.DRAWN;
  }

  @Override
  public Comes comes() {
    return new Comes.ByHand();
  }
}
