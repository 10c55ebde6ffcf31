package craftmap.core.lay.rule.single;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import java.util.List;

/**
 * One copy somewhere.
 *
 * @param spoilt named parts of a picture that are cut off or do not show
 */
public record Stand(Way.Alone way, Placement at, List<MotifBox> spoilt) implements Arrangement {
  public Stand {
    spoilt = List.copyOf(spoilt);
  }

  @Override
  public int count() {
    return 1;
  }
}
