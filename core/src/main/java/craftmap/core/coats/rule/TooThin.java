package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/** Thinned further than the label allows a coat does not hold together. */
final class TooThin implements CoatRule {
  @Override
  public String id() {
    return "too-thin";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat coat : seen.coats(c -> c.waterShare() > 0)) {
      double most = coat.of().medium().mixing().dilutionPercent() / 100;
      if (coat.waterShare() > most) {
        found.at(
            coat,
            Level.RISK,
            List.of(
                seen.changed(
                    "less-water", coat, seen.wish(coat).thinned(most), new Figure.Share(most))),
            Seen.named(coat),
            new Figure.Share(coat.waterShare()),
            new Figure.Share(most));
      }
    }
  }
}
