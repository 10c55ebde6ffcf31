package craftmap.core.plan;

import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.Way;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import java.util.Optional;

/** What was found on faces, for tests. */
public final class Founds {
  private Founds() {}

  /** The picked option of what was put by hand. */
  public static Pick placedByHand() {
    return new Pick(Way.STAND_PLACED, 1, 1);
  }

  /** Marks, and nothing else. */
  public static Found with(Marks marks) {
    Found n = Found.nothing();
    return new Found(
        n.name(),
        n.outline(),
        n.makeUp(),
        n.finish(),
        n.ground(),
        n.exposure(),
        n.edgeDepthMm(),
        n.relief(),
        n.shown(),
        n.comesOff(),
        n.standing(),
        n.ownMarks(),
        marks);
  }

  /** What a face is made of, and nothing else. */
  static Found surface(MakeUp makeUp, Finish finish, Relief relief) {
    Found n = Found.nothing();
    return new Found(
        n.name(),
        n.outline(),
        makeUp,
        finish,
        n.ground(),
        n.exposure(),
        n.edgeDepthMm(),
        Optional.of(relief),
        n.shown(),
        n.comesOff(),
        n.standing(),
        n.ownMarks(),
        n.marks());
  }
}
