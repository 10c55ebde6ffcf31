package craftmap.core.design;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two or three colours blended from the edges to the centre, a wash, dry-brushed edges, splatter.
 *
 * @param reach how far the outer colour reaches towards the middle, as a share of half the face
 */
public record PaintedZone(
    Card card, List<Colour> colours, Way way, double reach, double widthMm, double heightMm)
    implements Design {
  /** How the colours meet. */
  public enum Way {
    BLEND,
    WASH,
    DRY_BRUSHED_EDGES,
    SPLATTER
  }

  private static final FigureRange REACH = new FigureRange("%", 2, 100, 0);

  /** A zone is drawn as a square of this size until it lies on a face. */
  private static final double SWATCH_MM = 200;

  public PaintedZone {
    colours = List.copyOf(colours);
  }

  static PaintedZone read(Card card, MeasureSheet sheet) {
    Way way = sheet.choice("way", "how", Way.BLEND);
    int count = sheet.count("colours", "colours", 2, 1, 3);
    String[] typical = {"#1F4650", "#7FA39B", "#EFE9DC"};
    List<Colour> colours = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Figure.Said label =
          i == 0 ? said("colour-at-the-edge") : said("colour-further-in", given(i + 1));
      colours.add(new Colour(sheet.colour("colour" + (i + 1), label, typical[i])));
    }
    return new PaintedZone(
        card,
        colours,
        way,
        sheet.figure("reach", "the-edge-reaches-inwards-by", 60, REACH) / 100,
        SWATCH_MM,
        SWATCH_MM);
  }

  /** The same over an area of this size. */
  public PaintedZone over(double otherWidthMm, double otherHeightMm) {
    return new PaintedZone(card, colours, way, reach, otherWidthMm, otherHeightMm);
  }

  @Override
  public DesignKind kind() {
    return DesignKind.PAINTED_ZONE;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.empty();
  }

  @Override
  public Box printed() {
    return new Box(0, 0, widthMm, heightMm);
  }

  @Override
  public Handling handling() {
    return Handling.DRAWN;
  }

  @Override
  public Comes comes() {
    return new Comes.ByHand();
  }

  @Override
  public Direction direction() {
    return Direction.ANY_WAY;
  }
}
