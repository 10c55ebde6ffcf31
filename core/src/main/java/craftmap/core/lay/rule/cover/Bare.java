package craftmap.core.lay.rule.cover;

import craftmap.core.lay.Item;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * What a cover leaves bare of the ground it was to cover.
 *
 * @param areaMm2 0 where everything is covered
 * @param around the smallest box around what is bare, on its face
 */
public record Bare(double areaMm2, Optional<Box> around) {
  public static final Bare NONE = new Bare(0, Optional.empty());

  /** Slivers thinner than this between two areas are arithmetic, not ground. */
  private static final double HAIR_MM = 0.05;

  public static Bare of(Geometry wanted, List<Item> items) {
    List<Geometry> covered = new ArrayList<>();
    for (Item item : items) {
      covered.add(item.visibleArea());
    }
    Geometry left = covered.isEmpty() ? wanted : Planar.difference(wanted, Planar.union(covered));
    Geometry seen = left.buffer(-HAIR_MM / 2);
    if (seen.isEmpty()) {
      return NONE;
    }
    Envelope e = left.getEnvelopeInternal();
    return new Bare(
        left.getArea(),
        Optional.of(new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight())));
  }

  public boolean isNone() {
    return areaMm2 == 0;
  }
}
