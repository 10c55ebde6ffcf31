package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Mix;
import craftmap.core.medium.SoldBy;

/** How much is poured over a face, so thick, over its edges too. */
record PouredSum(
    double widthMm, double heightMm, double thickMm, double edgeMm, double loss, Mix mix)
    implements Sum {
  static PouredSum read(MeasureSheet sheet) {
    return new PouredSum(
        sheet.size("width", "width-of-the-face", 420),
        sheet.size("height", "height-of-the-face", 300),
        sheet.length("thick", "poured-so-thick", 3, LengthRange.THICKNESS),
        sheet.length("edge", "runs-down-the-edge-by", 0, Bare.RIM),
        sheet.figure("loss", "stays-in-the-cup", 5, FigureRange.PERCENT) / 100,
        new Mix(
            sheet.figure("a", "first-part", 2, MixSum.PARTS),
            sheet.figure("b", "second-part", 1, MixSum.PARTS),
            SoldBy.VOLUME));
  }

  @Override
  public SumAnswer answer() {
    double face = widthMm * heightMm;
    double edge = 2 * (widthMm + heightMm) * edgeMm;
    // a coat that spreads over one square metre a litre lies a millimetre thick
    double ml = new Coating(face + edge, 1, 1 / thickMm, loss, 1, 1).volumeMl();
    double tall = widthMm / 14;
    return SumAnswer.of(
            said(
                "poured-of-which",
                new Figure.Volume(ml),
                new Figure.Volume(ml * mix.shareOfA()),
                new Figure.Volume(ml * (1 - mix.shareOfA()))))
        .line(said("face-and-edges"), new Figure.WideArea(face + edge))
        .line(said("poured-so-thick"), new Figure.FineLength(thickMm))
        .why(
            said(
                "why-poured",
                new Figure.WideArea(face + edge),
                new Figure.FineLength(thickMm),
                new Figure.Share(loss)))
        .mind(said("pour-no-thicker"))
        .mind(said("two-parts-harm"))
        .drawn(
            new Sketch.Pencil()
                .box(
                    Sketch.StandsFor.WET,
                    edgeMm > 0 ? -tall / 2 : 0,
                    0,
                    widthMm + (edgeMm > 0 ? tall : 0),
                    tall)
                .box(Sketch.StandsFor.WET, -tall / 2, tall, edgeMm > 0 ? tall / 2 : 0, tall)
                .box(Sketch.StandsFor.WET, widthMm, tall, edgeMm > 0 ? tall / 2 : 0, tall)
                .box(Sketch.StandsFor.GROUND, 0, tall, widthMm, 2 * tall)
                .note(widthMm / 2, tall / 2, new Figure.FineLength(thickMm))
                .done());
  }
}
