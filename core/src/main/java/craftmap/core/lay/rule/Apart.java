package craftmap.core.lay.rule;

import craftmap.core.lay.Item;
import java.util.List;
import org.locationtech.jts.index.strtree.STRtree;

/** Tells whether any two copies lie on each other. */
public final class Apart {
  private static final double TOUCHING_MM = 0.01;

  private Apart() {}

  public static boolean anyOverlap(List<Item> items) {
    return overlaps(items, 1) > 0;
  }

  /** How many pairs of copies lie on each other. */
  public static int overlaps(List<Item> items) {
    return overlaps(items, Integer.MAX_VALUE);
  }

  private static int overlaps(List<Item> items, int enough) {
    int overlaps = 0;
    STRtree tree = new STRtree();
    for (int i = 0; i < items.size(); i++) {
      tree.insert(items.get(i).box().around().envelope(), i);
    }
    for (int i = 0; i < items.size(); i++) {
      for (Object found : tree.query(items.get(i).box().around().envelope())) {
        int j = (Integer) found;
        if (j > i && overlap(items.get(i), items.get(j)) && ++overlaps >= enough) {
          return overlaps;
        }
      }
    }
    return overlaps;
  }

  /** Boxes tell first; where they meet, the prints themselves decide. Prints may touch. */
  static boolean overlap(Item a, Item b) {
    return a.box().overlaps(b.box(), TOUCHING_MM)
        && a.print().convexHull().intersection(b.print().convexHull()).getArea()
            > TOUCHING_MM * Math.max(a.box().heightMm(), b.box().heightMm());
  }
}
