package craftmap.core.lay;

import craftmap.core.plane.Planar;
import craftmap.core.surface.Break;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Copies that lie across a break: what falls into its gap, and whether they go round a step.
 *
 * @param items their numbers, from 1, in the order of the lay
 * @param lostMm2 what of their prints falls into the gap
 */
public record BreakCrossing(Break broken, List<Integer> items, double lostMm2) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final BufferParameters FLAT =
      new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);

  public BreakCrossing {
    items = List.copyOf(items);
  }

  /** One entry for each break that something lies across. */
  public static List<BreakCrossing> of(List<Break> breaks, List<Item> items) {
    List<BreakCrossing> all = new ArrayList<>();
    for (Break b : breaks) {
      Geometry line =
          GEOMETRY.createLineString(
              new Coordinate[] {
                new Coordinate(b.from().xMm(), b.from().yMm()),
                new Coordinate(b.to().xMm(), b.to().yMm())
              });
      Geometry gap = b.widthMm() > 0 ? BufferOp.bufferOp(line, b.widthMm() / 2, FLAT) : null;
      List<Integer> across = new ArrayList<>();
      double lost = 0;
      for (int i = 0; i < items.size(); i++) {
        Item item = items.get(i);
        if (!item.visible().envelope().intersects(line.getEnvelopeInternal())
            || !line.intersects(item.print())) {
          continue;
        }
        across.add(i + 1);
        lost += gap == null ? 0 : Planar.intersection(gap, item.print()).getArea();
      }
      if (!across.isEmpty()) {
        all.add(new BreakCrossing(b, across, lost));
      }
    }
    return all;
  }
}
