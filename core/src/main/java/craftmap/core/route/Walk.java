package craftmap.core.route;

import craftmap.core.coats.Band;
import craftmap.core.coats.Group;
import craftmap.core.coats.Wish;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Eye;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A first walk along the route, with a board that is thrown away afterwards: there is one thing to
 * do at each stop, and the plan itself tells whether it was done. What is undone is to be done
 * again.
 */
public final class Walk {
  /** Its stops, in their order. Nothing has to be cut for it. */
  public static final List<Stop> STOPS =
      List.of(Stop.SURVEY, Stop.CHOOSE, Stop.LAY_OUT, Stop.COATS, Stop.ORDER, Stop.GATHER);

  private Walk() {}

  /** What it is tried on: one face that nobody has measured yet. */
  public static FormNote board() {
    return FormNote.typical(FormKind.SINGLE_FACE);
  }

  /**
   * The stops at which the walk's one thing was done. The last is there to be looked at: nothing is
   * done at it.
   */
  public static Set<Stop> done(Plan plan) {
    Set<Stop> done = EnumSet.noneOf(Stop.class);
    if (Standing.isMeasured(plan.form())) {
      done.add(Stop.SURVEY);
    }
    if (!plan.lays().isEmpty()) {
      done.add(Stop.CHOOSE);
    }
    if (plan.lays().stream().anyMatch(Walk::isOnesOwn)) {
      done.add(Stop.LAY_OUT);
    }
    if (plan.coats().groups().stream().anyMatch(Walk::hasColour)) {
      done.add(Stop.COATS);
    }
    if (plan.order().begins().isPresent()) {
      done.add(Stop.ORDER);
    }
    return done;
  }

  private static boolean hasColour(Group group) {
    return !group.wishes().coat(Band.GROUND).equals(Wish.OPEN);
  }

  /** Otherwise than it was proposed: another option, or by hand. */
  private static boolean isOnesOwn(Lay lay) {
    return lay.work().pick().isPresent() || !lay.work().eye().equals(Eye.NONE);
  }
}
