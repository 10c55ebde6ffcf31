package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.colour.Lab;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Hiding;
import java.util.OptionalInt;

/** How many coats of a paint until nothing shows of what is under it. */
record HidesSum(Colour under, Colour paint, Hiding hiding) implements Sum {
  private static final double SWATCH = 46;

  static HidesSum read(MeasureSheet sheet) {
    return new HidesSum(
        new Colour(sheet.colour("under", "colour-under-it", "#6B4A2F")),
        new Colour(sheet.colour("paint", "colour-of-the-paint", "#F2E9D8")),
        sheet.choice("hiding", "it-hides", Hiding.GOOD));
  }

  @Override
  public SumAnswer answer() {
    Covering covering = Covering.of(paint, hiding.share());
    Lab ground = under.lab();
    OptionalInt coats = covering.coatsToHide(ground, Coating.MOST_COATS);
    SumAnswer.Builder answer =
        SumAnswer.of(
            coats.isPresent()
                ? coats.getAsInt() == 0
                    ? said("nothing-to-hide")
                    : said("coats-hide-it", Figure.count(coats.getAsInt()))
                : said("coats-do-not-hide-it", Figure.count(Coating.MOST_COATS)));
    int shown = coats.orElse(Coating.MOST_COATS);
    Sketch.Pencil pencil =
        new Sketch.Pencil()
            .colour(0, 0, SWATCH, SWATCH, under)
            .note(SWATCH / 2, SWATCH + 9, said("none-yet"));
    for (int n = 1; n <= shown; n++) {
      answer.line(
          said("after-so-many-coats", Figure.count(n)),
          said("colour-off-by", new Figure.Shift(covering.departs(ground, n))));
      pencil
          .colour(n * (SWATCH + 5), 0, SWATCH, SWATCH, covering.over(ground, n).colour())
          .note(n * (SWATCH + 5) + SWATCH / 2, SWATCH + 9, Figure.count(n));
    }
    return answer
        .why(said("why-hides", new Figure.Share(hiding.share()), new Figure.Shift(Covering.HIDDEN)))
        .mind(said("test-a-swatch"))
        .drawn(pencil.done());
  }
}
