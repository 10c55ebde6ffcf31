package craftmap.core.lay.rule.single;

import craftmap.core.lay.rule.Arrangement;
import craftmap.core.lay.rule.Way;
import craftmap.core.lettering.Bridges;
import craftmap.core.plane.Point;
import java.util.List;

/**
 * Words laid.
 *
 * @param way where they stand; {@link Way.InWords} where each word has its own place on a ring
 * @param capMm height of a capital
 * @param widthMm of all ink, or of the widest word on a ring
 * @param islands that were found, before they were bridged
 * @param bridges none in vinyl
 * @param thin places where strokes are thinner than the material allows, on the sheet
 */
public record Wording(
    Way way,
    int count,
    double capMm,
    double widthMm,
    int islands,
    List<Bridges.Bridge> bridges,
    List<Point> thin)
    implements Arrangement {
  public Wording {
    bridges = List.copyOf(bridges);
    thin = List.copyOf(thin);
  }
}
