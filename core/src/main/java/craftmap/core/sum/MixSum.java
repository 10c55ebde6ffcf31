package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Recipe;
import craftmap.core.measure.Figure;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Mix;
import craftmap.core.medium.SoldBy;
import java.util.Optional;

/** How much of each of two parts. */
record MixSum(double all, Mix mix) implements Sum {
  static final FigureRange PARTS = new FigureRange("", 0.1, 100, 2);
  private static final FigureRange MADE = new FigureRange("ml", 0.1, 100_000, 1);
  private static final FigureRange WEIGHED = new FigureRange("g", 0.1, 100_000, 1);

  static MixSum read(MeasureSheet sheet) {
    SoldBy by = sheet.choice("by", "parts-by", SoldBy.VOLUME);
    double all = sheet.figure("all", "so-much-in-all", 260, by == SoldBy.WEIGHT ? WEIGHED : MADE);
    double a = sheet.figure("a", "first-part", 4, PARTS);
    double b = sheet.figure("b", "second-part", 1, PARTS);
    return new MixSum(all, new Mix(a, b, by));
  }

  @Override
  public SumAnswer answer() {
    double first = all * mix.shareOfA();
    SumAnswer.Builder answer =
        SumAnswer.of(said("of-the-first-and-of-the-second", amount(first), amount(all - first)))
            .line(said("first-part"), new Figure.Share(mix.shareOfA()))
            .line(said("second-part"), new Figure.Share(1 - mix.shareOfA()));
    Recipe recipe =
        new Recipe(
            1, all, Optional.of(new Recipe.Parts(first, all - first, mix)), 0, 0, Optional.empty());
    recipe
        .spoons()
        .ifPresent(
            s ->
                answer.line(
                    said("in-level-spoons"),
                    said(
                        "spoons-of-each",
                        Figure.count(s.first()),
                        Figure.count(s.second()),
                        new Figure.Volume(s.spoonMl()),
                        new Figure.Volume(s.madeMl()))));
    double top = 100 * (1 - mix.shareOfA());
    return answer
        .why(
            said(
                "why-mix",
                amount(all),
                new Figure.Amount(mix.partA(), 2, ""),
                new Figure.Amount(mix.partA() + mix.partB(), 2, "")))
        .mind(said("two-parts-harm"))
        .drawn(
            new Sketch.Pencil()
                .box(Sketch.StandsFor.OTHER, 0, 0, 110, top)
                .box(Sketch.StandsFor.WET, 0, top, 110, 100 - top)
                .note(150, top / 2, amount(all - first))
                .note(150, (top + 100) / 2, amount(first))
                .done());
  }

  private Figure amount(double of) {
    return mix.by() == SoldBy.WEIGHT
        ? new Figure.Amount(of, of < 10 ? 1 : 0, "g")
        : new Figure.Volume(of);
  }
}
