package craftmap.core.coats.rule;

import craftmap.core.coats.LayHere;
import craftmap.core.design.Design;
import craftmap.core.design.Direction;
import craftmap.core.measure.Level;
import java.util.List;

/** Paper has a face and a back, and its print a way up: hard to tell once it is cut and wet. */
final class RightSide implements CoatRule {
  @Override
  public String id() {
    return "right-side";
  }

  @Override
  public void look(Seen seen, Findings found) {
    seen.lays(RightSide::hasOneWayUp).stream()
        .findFirst()
        .ifPresent(lay -> found.at(lay, Level.TIP, List.of(), Seen.named(lay)));
  }

  private static boolean hasOneWayUp(LayHere lay) {
    return lay.isGlued()
        && lay.design().map(Design::direction).filter(d -> d == Direction.UPRIGHT).isPresent();
  }
}
