package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * How much tape a lay asks for: along the lines where what is worked on meets what has to stay
 * clean, and nowhere else. Paste and colour are taped where they meet a keep-out or leave a rim;
 * where they run out at the edge of the face nothing is taped. Of a stencil, the lines under its
 * sheets count.
 */
final class Masking {
  private Masking() {}

  static double mm(Room room, Design design, List<Item> items) {
    if (design instanceof PaintedZone) {
      return items.stream()
          .mapToDouble(i -> room.beyondTheEnds(i.visibleArea().getBoundary()).getLength())
          .sum();
    }
    if (design instanceof Texture) {
      return room.linesToKeepOuts().getLength();
    }
    if (!(design instanceof StencilDesign)) {
      return 0;
    }
    Geometry lines = room.linesToKeepOuts();
    if (lines.isEmpty()) {
      return 0;
    }
    List<Geometry> sheets = new ArrayList<>();
    for (Item item : items) {
      if (item.design() instanceof StencilDesign s
          && item.sheet(s).around().envelope().intersects(lines.getEnvelopeInternal())) {
        sheets.add(item.sheet(s).polygon());
      }
    }
    return sheets.isEmpty() ? 0 : Planar.intersection(lines, Planar.union(sheets)).getLength();
  }
}
