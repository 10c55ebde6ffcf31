package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Relief;

/** How much paint, primer or varnish so many coats take. */
record CoatsSum(Coating coating) implements Sum {
  private static final FigureRange AREA = new FigureRange("m²", 0.0001, 1000, 3);

  /** How a surface is worked. */
  enum Worked {
    FLAT(Relief.FLAT),
    PANELLED(Relief.PANELLED),
    CARVED(Relief.CARVED),
    TURNED(Relief.TURNED);

    private final Relief relief;

    Worked(Relief relief) {
      this.relief = relief;
    }
  }

  static CoatsSum read(MeasureSheet sheet) {
    double area = sheet.figure("area", "area-to-coat", 1.84, AREA);
    int coats = sheet.count("coats", "coats", 2, 1, Coating.MOST_COATS);
    double spread = sheet.figure("spread", "spread-on-the-label", 11, FigureRange.SPREAD);
    ToolKind tool = sheet.choice("tool", "tool", ToolKind.BRUSH);
    boolean bare = sheet.yes("bare", "on-bare-wood", true);
    Worked worked = sheet.choice("worked", "the-surface-is", Worked.FLAT);
    return new CoatsSum(
        new Coating(
            area * 1e6,
            coats,
            spread,
            Tool.typical(tool).loss(),
            worked.relief.factor(),
            bare ? Coating.FIRST_ON_BARE_WOOD : 1));
  }

  @Override
  public SumAnswer answer() {
    double all = coating.volumeMl();
    double each = all / (coating.firstCoat() + coating.coats() - 1);
    double first = each * coating.firstCoat();
    Sketch.Pencil pencil = new Sketch.Pencil();
    double top = 0;
    for (int n = coating.coats(); n >= 1; n--) {
      double thick = 26 * (n == 1 ? coating.firstCoat() : 1);
      pencil
          .box(n % 2 == 1 ? Sketch.StandsFor.WET : Sketch.StandsFor.OTHER, 0, top, 240, thick)
          .note(300, top + thick / 2, new Figure.Volume(n == 1 ? first : each));
      top += thick;
    }
    pencil.box(Sketch.StandsFor.GROUND, 0, top, 240, 40);
    SumAnswer.Builder answer = SumAnswer.of(said("so-much-of-it", new Figure.Volume(all)));
    answer.line(said("first-coat"), new Figure.Volume(first));
    if (coating.coats() > 1) {
      answer.line(said("each-further-coat"), new Figure.Volume(each));
    }
    return answer
        .line(said("stays-in-the-tool"), new Figure.Share(coating.loss()))
        .why(
            said(
                "why-coats",
                new Figure.WideArea(coating.areaMm2()),
                new Figure.Times(coating.relief()),
                new Figure.Times(coating.firstCoat() + coating.coats() - 1),
                new Figure.Amount(coating.spreadM2PerLitre(), 2, "m²/l"),
                new Figure.Share(coating.loss())))
        .mind(said("the-label-wins"))
        .drawn(pencil.done());
  }
}
