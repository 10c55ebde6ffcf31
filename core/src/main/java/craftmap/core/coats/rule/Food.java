package craftmap.core.coats.rule;

import craftmap.core.coats.Band;
import craftmap.core.measure.Level;
import craftmap.core.surface.Exposure;
import java.util.Optional;

/** Nothing that is coated touches food or drink unless the label of the coat allows it. */
final class Food implements CoatRule {
  @Override
  public String id() {
    return "food";
  }

  @Override
  public boolean safety() {
    return true;
  }

  @Override
  public void look(Seen seen, Findings found) {
    if (!seen.surface().bears(Exposure.FOOD_NEAR)) {
      return;
    }
    Optional<Band> last = seen.worked().reduce((a, b) -> b);
    boolean allowed =
        last.filter(b -> b instanceof Band.Coat c && c.of().medium().wear().food()).isPresent();
    if (last.isPresent() && !allowed) {
      found.caution(last.get(), Level.STOP, Seen.named(last.get()));
    }
  }
}
