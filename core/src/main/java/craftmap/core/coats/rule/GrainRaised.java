package craftmap.core.coats.rule;

import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.medium.Base;
import craftmap.core.surface.MakeUp;
import java.util.List;
import java.util.OptionalInt;

/** Water raises the grain of bare wood: the first coat is sanded before the second. */
final class GrainRaised implements CoatRule {
  @Override
  public String id() {
    return "grain-raised";
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (!seen.surface().drinks() || seen.surface().makeUp() == MakeUp.BOARD) {
      return;
    }
    seen.coats(c -> c.isFilm() && c.where().tintsAll()).stream()
        .findFirst()
        .filter(c -> c.of().medium().kind().base() == Base.WATER)
        .filter(c -> c.of().medium().wear().sandable() && c.times() > 1 && c.grit().isEmpty())
        .ifPresent(
            first ->
                found.at(
                    first,
                    Level.TIP,
                    List.of(
                        seen.changed(
                            "sand-first",
                            first,
                            seen.wish(first).sanded(OptionalInt.of(FINE)),
                            new Figure.Count(FINE))),
                    Seen.named(first)));
  }

  private static final int FINE = 220;
}
