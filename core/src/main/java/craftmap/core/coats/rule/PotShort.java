package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/** A pot that runs out between coats is bought again in another batch, and another shade. */
final class PotShort implements CoatRule {
  @Override
  public String id() {
    return "pot-short";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat coat : seen.coats(c -> c.of().isOwned())) {
      double needed =
          seen.coats(c -> c.of().potId().equals(coat.of().potId())).stream()
              .mapToDouble(seen::ml)
              .sum();
      if (needed > coat.of().freeMl() && seen.ml(coat) > 0) {
        found.at(
            coat,
            Level.RISK,
            List.of(),
            Seen.named(coat),
            new Figure.Volume(needed - coat.of().freeMl()),
            new Figure.Volume(coat.of().freeMl()));
      }
    }
  }
}
