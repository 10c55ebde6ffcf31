package craftmap.core.lay.rule.run;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Ranking;
import java.util.List;
import java.util.Optional;

/** A run without any piece: rows on a bare length, ranked as they would be on a face. */
public final class RunSums {
  private RunSums() {}

  /** Ranked options whose items stay unplaced; empty when nothing fits. */
  public static List<LayOption> ranked(double lineMm, double motifMm, RunWish wish) {
    return Ranking.rank(
        RunArithmetic.rows(lineMm, motifMm, wish).stream()
            .map(
                row ->
                    new LayOption(
                        row, List.of(), Run.standing(row, wish, List.of()), Optional.empty()))
            .toList());
  }
}
