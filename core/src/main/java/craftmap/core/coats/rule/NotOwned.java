package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import java.util.List;

/** What is not on the shelf has to be bought before the day. */
final class NotOwned implements CoatRule {
  @Override
  public String id() {
    return "not-owned";
  }

  @Override
  public void look(Seen seen, Findings found) {
    for (Band.Coat coat : seen.coats(c -> !c.of().isOwned())) {
      found.at(coat, Level.TIP, List.of(), Seen.named(coat), new Figure.Volume(seen.ml(coat)));
    }
  }
}
