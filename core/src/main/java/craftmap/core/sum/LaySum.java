package craftmap.core.sum;

import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.Figure;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * Something laid on a bare face by the rules by which it would be laid on a piece, so that both
 * answer alike.
 */
sealed interface LaySum extends Sum
    permits RunSum, RingSum, BorderSum, GridSum, SheetsSum, StripsSum {
  LayAnswer lay();

  /** What is wished of gaps; nothing where there are none. */
  RunWish wish();

  Figure.Said why();

  Sketch drawn(LayOption option);

  /** What else there is to know of one of the ways. */
  default List<SumAnswer.Line> further(LayOption way) {
    return List.of();
  }

  /** Where to tick, from the zero of the tape. */
  default List<Double> ticks(LayOption way) {
    return List.of();
  }

  /** How long the line is that is ticked; 0 where there is none. */
  default double lineMm() {
    return 0;
  }

  @Override
  default SumAnswer answer() {
    return switch (lay()) {
      case LayAnswer.Options options -> {
        List<LayOption> ranked = options.ranked();
        yield SumAnswer.ofWays(
                new SumAnswer.Ways(
                    ranked,
                    wish(),
                    ranked.stream().map(this::ticks).toList(),
                    ranked.stream().map(this::further).toList(),
                    lineMm()))
            .why(why())
            .drawn(ranked.stream().map(this::drawn).toList());
      }
      case LayAnswer.TooLong tooLong ->
          SumAnswer.of(said("not-one-fits", new Figure.Length(tooLong.byMm()))).drawn(List.of());
      case LayAnswer.NoRoom(LayAnswer.Reason reason) ->
          SumAnswer.of(
                  reason == LayAnswer.Reason.TOO_MANY
                      ? said("more-than-anybody-lays")
                      : said("nothing-fits-here"))
              .drawn(List.of());
      case LayAnswer.Refused refused -> throw refused.why();
    };
  }

  /** A long face with motifs on it, of which those past its ends show a part. */
  static Sketch onLine(double lineMm, double motifMm, List<Double> middles) {
    double tall = Math.max(motifMm, lineMm / 16);
    Sketch.Pencil pencil = new Sketch.Pencil().box(Sketch.StandsFor.GROUND, 0, 0, lineMm, tall);
    for (double middle : middles) {
      double left = Math.max(0, middle - motifMm / 2);
      double right = Math.min(lineMm, middle + motifMm / 2);
      pencil.box(
          Bare.isShort(right - left, motifMm) ? Sketch.StandsFor.PART : Sketch.StandsFor.MOTIF,
          left,
          tall * 0.14,
          right - left,
          tall * 0.72);
    }
    return pencil
        .line(
            Sketch.StandsFor.GUIDE,
            new Point(lineMm / 2, -tall * 0.12),
            new Point(lineMm / 2, tall * 1.12))
        .done();
  }
}
