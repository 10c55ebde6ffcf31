package craftmap.core.design;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/**
 * A mould, by the casting it makes.
 *
 * @param volumeMl clay or resin in one casting
 * @param batchMinutes from filling until it can be filled again
 */
public record Mould(
    Card card,
    Picture casting,
    int cavities,
    double volumeMl,
    double batchMinutes,
    Filling filling,
    Direction direction)
    implements Design {
  /** What it is filled with. */
  public enum Filling {
    CLAY,
    RESIN
  }

  private static final FigureRange VOLUME = new FigureRange("ml", 0.1, 5000, 1);

  static Mould read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Picture casting = PlainSheet.ask(sheet, drawn, 70, 70);
    Filling filling = sheet.choice("filling", "filled-with", Filling.CLAY);
    return new Mould(
        card,
        casting,
        sheet.count("cavities", "cavities", 1, 1, 60),
        sheet.figure("volume", "volume-of-one-casting", 12, VOLUME),
        sheet.figure(
            "batch",
            "time-of-one-batch",
            filling == Filling.CLAY ? 30 : 60,
            new FigureRange("min", 1, 10_080, 0)),
        filling,
        PlainSheet.direction(sheet, Direction.ANY_WAY));
  }

  /** Batches for that many castings. */
  public int batches(int castings) {
    return Math.ceilDiv(castings, cavities);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.CASTING;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(casting);
  }

  @Override
  public Box printed() {
    return casting.printed(0);
  }

  @Override
  public Handling handling() {
    return Handling.CAST;
  }

  @Override
  public Comes comes() {
    return new Comes.AsTool(false);
  }
}
