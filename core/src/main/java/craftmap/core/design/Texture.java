package craftmap.core.design;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/** A pattern roller, comb or stamp that is drawn through paste while it is open. */
public record Texture(Card card, Picture pattern, Tool tool, double pasteMm, Direction direction)
    implements Design {
  /** What makes the pattern. */
  public enum Tool {
    PATTERN_ROLLER,
    COMB,
    STAMP
  }

  private static final LengthRange PASTE = LengthRange.THICKNESS.upTo(15);

  static Texture read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Tool tool = sheet.choice("tool", "tool", Tool.PATTERN_ROLLER);
    Picture pattern =
        drawn.orElseGet(
            () ->
                Picture.bare(
                    sheet.size("width", "width-of-its-face", 150),
                    sheet.size(
                        "height",
                        tool == Tool.PATTERN_ROLLER ? "circumference" : "height-of-its-face",
                        tool == Tool.COMB ? 20 : 160)));
    return new Texture(
        card,
        pattern,
        tool,
        sheet.length("paste", "thickness-of-the-paste", 1.5, PASTE),
        PlainSheet.direction(sheet, Direction.TWO_WAYS));
  }

  /** One turn of a roller: its pattern's height is its circumference. */
  public double turnMm() {
    return pattern.heightMm();
  }

  @Override
  public DesignKind kind() {
    return DesignKind.TEXTURE;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(pattern);
  }

  @Override
  public Box printed() {
    return new Box(0, 0, pattern.widthMm(), pattern.heightMm());
  }

  @Override
  public Handling handling() {
    return new Handling(false, true, false, false);
  }

  @Override
  public Comes comes() {
    return new Comes.AsTool(false);
  }
}
