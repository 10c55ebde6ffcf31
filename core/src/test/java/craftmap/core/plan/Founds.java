package craftmap.core.plan;

import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.Way;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import java.util.Optional;
import java.util.OptionalDouble;

/** What was found on faces, for tests. */
public final class Founds {
  private Founds() {}

  /** The picked option of what was put by hand. */
  public static Pick placedByHand() {
    return new Pick(Way.Alone.STAND_PLACED, 1, 1);
  }

  /** Marks, and nothing else. */
  public static Found with(Marks marks) {
    return Found.nothing().with(marks);
  }

  /** What a face is made of, and nothing else. */
  static Found surface(MakeUp makeUp, Finish finish, Relief relief) {
    Found.Surface bare = Found.Surface.BARE;
    return Found.nothing()
        .with(new Found.Surface(makeUp, finish, bare.ground(), bare.exposure()))
        .with(new Found.Shape(Optional.empty(), OptionalDouble.empty(), Optional.of(relief)));
  }
}
