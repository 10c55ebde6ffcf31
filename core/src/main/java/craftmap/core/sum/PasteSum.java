package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Coating;

/** How much paste fills the openings of a raised stencil, or is spread over all. */
record PasteSum(double areaMm2, double thickMm, double open, double loss) implements Sum {
  private static final FigureRange AREA = new FigureRange("m²", 0.0001, 100, 4);
  private static final FigureRange OPEN = new FigureRange("%", 1, 100, 0);

  static PasteSum read(MeasureSheet sheet) {
    return new PasteSum(
        sheet.figure("area", "area-of-the-design", 0.12, AREA) * 1e6,
        sheet.length("thick", "spread-so-thick", 2.5, LengthRange.THICKNESS),
        sheet.figure("open", "of-it-open", 38, OPEN) / 100,
        sheet.figure("loss", "stays-on-knife-and-sheet", 10, FigureRange.PERCENT) / 100);
  }

  @Override
  public SumAnswer answer() {
    double ml = new Coating(areaMm2 * open, 1, 1 / thickMm, loss, 1, 1).volumeMl();
    Sketch.Pencil pencil = new Sketch.Pencil();
    int bars = 6;
    double each = 240.0 / bars;
    for (int i = 0; i < bars; i++) {
      double wide = each * open;
      pencil
          .box(Sketch.StandsFor.WET, i * each + (each - wide) / 2, 0, wide, 16)
          .box(Sketch.StandsFor.REST, i * each, 6, (each - wide) / 2, 10)
          .box(Sketch.StandsFor.REST, i * each + (each + wide) / 2, 6, (each - wide) / 2, 10);
    }
    return SumAnswer.of(said("so-much-of-it", new Figure.Volume(ml)))
        .line(said("area-of-the-openings"), new Figure.WideArea(areaMm2 * open))
        .line(said("spread-so-thick"), new Figure.FineLength(thickMm))
        .why(
            said(
                "why-paste",
                new Figure.WideArea(areaMm2),
                new Figure.Share(open),
                new Figure.FineLength(thickMm),
                new Figure.Share(loss)))
        .drawn(
            pencil
                .box(Sketch.StandsFor.GROUND, 0, 16, 240, 26)
                .note(120, 29, new Figure.FineLength(thickMm))
                .done());
  }
}
