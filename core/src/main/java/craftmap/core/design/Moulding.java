package craftmap.core.design;

import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import java.util.Optional;

/**
 * An applique, or trim by the length.
 *
 * @param strain how far its outside may stretch before it cracks, as a share
 * @param form single ones, handed pairs, or stock lengths
 */
public record Moulding(
    Card card,
    Picture sheet,
    double thicknessMm,
    Flexibility flexibility,
    double strain,
    Form form,
    double stockMm,
    boolean quarters,
    Direction direction)
    implements Design {
  /** What it takes to bend it, and so what glues it. */
  public enum Flexibility {
    RIGID(0),
    BENDS_WITH_HEAT(4),
    RUBBERY(20);

    private final double typicalStrainPercent;

    Flexibility(double typicalStrainPercent) {
      this.typicalStrainPercent = typicalStrainPercent;
    }

    /** What holds it on wood. */
    public Glue glue() {
      return this == RUBBERY ? Glue.CONTACT_ADHESIVE : Glue.WOOD_GLUE;
    }
  }

  /** How it is glued. */
  public enum Glue {
    WOOD_GLUE,
    CONTACT_ADHESIVE
  }

  /** How it is owned. */
  public enum Form {
    SINGLE,
    HANDED_PAIR,
    LENGTHS
  }

  private static final FigureRange STRAIN = new FigureRange("%", 0, 60, 1);

  static Moulding read(Card card, MeasureSheet sheet, Optional<Picture> drawn) {
    Form form = sheet.choice("form", "it-comes-as", Form.SINGLE);
    Picture plain =
        form == Form.LENGTHS && drawn.isEmpty()
            ? PlainSheet.ask(sheet, drawn, 20, 15)
            : PlainSheet.ask(sheet, drawn, 120, 60);
    double stock = form == Form.LENGTHS ? sheet.size("stock", "length-of-a-stock-length", 1000) : 0;
    double thickness = sheet.length("thickness", "thickness", 5, LengthRange.THICKNESS);
    Flexibility flexibility =
        sheet.choice("flexibility", "how-it-bends", Flexibility.BENDS_WITH_HEAT);
    double strain =
        flexibility == Flexibility.RIGID
            ? 0
            : sheet.figure(
                    "strain", "it-stretches-by-at-most", flexibility.typicalStrainPercent, STRAIN)
                / 100;
    boolean quarters =
        form == Form.SINGLE && sheet.yes("quarters", "cut-in-quarters-for-four-corners", false);
    return new Moulding(
        card,
        plain,
        thickness,
        flexibility,
        strain,
        form,
        stock,
        quarters,
        PlainSheet.direction(sheet, Direction.ANY_WAY));
  }

  /** The tightest bend it takes, from its strain: r = thickness / (2 strain). */
  public Optional<Double> leastBendRadiusMm() {
    return strain > 0 ? Optional.of(thicknessMm / (2 * strain)) : Optional.empty();
  }

  @Override
  public DesignKind kind() {
    return DesignKind.MOULDING;
  }

  @Override
  public Optional<Picture> picture() {
    return Optional.of(sheet);
  }

  @Override
  public Box printed() {
    return sheet.printed(0);
  }

  @Override
  public Handling handling() {
    return Handling.CAST;
  }

  @Override
  public Comes comes() {
    return switch (form) {
      case SINGLE -> new Comes.AsPieces(false);
      case HANDED_PAIR -> new Comes.AsPieces(true);
      case LENGTHS -> new Comes.ByLength(stockMm);
    };
  }
}
