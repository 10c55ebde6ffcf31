package craftmap.core.form;

import craftmap.core.plane.Box;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The piece unfolded: groups of faces laid out round the one in the middle.
 *
 * <ol>
 *   <li>A group's size is the box around its faces that are shown.
 *   <li>The middle group lies first; each further one beside the group it is folded out from,
 *       centred on it, with clear paper between.
 *   <li>Where it would lie on another it moves on outwards until it is clear.
 *   <li>Faces that belong to no group follow in rows below.
 * </ol>
 */
public final class Net {
  /** Clear paper between faces on the net, so that each keeps its own edge to the eye. */
  public static final double GAP_MM = 24;

  /** A face to place: its outline, its group and where in it. */
  public record Item(String id, Outline outline, String group, Point at, boolean inset) {}

  private final Map<String, Box> groups = new LinkedHashMap<>();

  private Net() {}

  /** Where each face's box lies; the whole net begins at 0, 0. */
  public static Map<String, Box> place(List<Item> items, List<NetGroup> layout) {
    return new Net().run(items, layout);
  }

  private Map<String, Box> run(List<Item> items, List<NetGroup> layout) {
    Map<String, Extent> sizes = sizes(items);
    List<NetGroup> waiting = new ArrayList<>(layout);
    // each group after the one it lies beside; what hangs on a hidden one hangs on what that hung
    // on
    while (!waiting.isEmpty()) {
      List<NetGroup> later = new ArrayList<>();
      for (NetGroup group : waiting) {
        Extent size = sizes.get(group.id());
        if (size == null) {
          continue;
        }
        NetGroup beside = parent(group, layout, sizes);
        if (beside != null && !groups.containsKey(beside.id())) {
          later.add(group);
          continue;
        }
        groups.put(
            group.id(),
            beside == null ? clear(box(0, 0, size), Edge.RIGHT) : beside(group, beside, size));
      }
      if (later.size() == waiting.size()) {
        throw new IllegalStateException("impossible state: groups beside each other in a circle");
      }
      waiting = later;
    }
    below(sizes);
    return shifted(items, sizes);
  }

  private static Map<String, Extent> sizes(List<Item> items) {
    Map<String, Extent> sizes = new LinkedHashMap<>();
    for (Item item : items) {
      if (!item.inset()) {
        double x = item.at().xMm();
        double y = item.at().yMm();
        Extent extent =
            new Extent(x, y, x + item.outline().widthMm(), y + item.outline().heightMm());
        sizes.merge(item.group(), extent, Extent::and);
      }
    }
    return sizes;
  }

  private static NetGroup parent(NetGroup group, List<NetGroup> layout, Map<String, Extent> sizes) {
    NetGroup at = group;
    while (at.beside().isPresent()) {
      String wanted = at.beside().get();
      at = layout.stream().filter(g -> g.id().equals(wanted)).findFirst().orElseThrow();
      if (sizes.containsKey(at.id())) {
        return at;
      }
    }
    return null;
  }

  private static Box box(double left, double top, Extent size) {
    return new Box(left, top, size.widthMm(), size.heightMm());
  }

  private Box beside(NetGroup group, NetGroup other, Extent size) {
    Box by = groups.get(other.id());
    double midX = by.centre().xMm() - size.widthMm() / 2;
    double midY = by.centre().yMm() - size.heightMm() / 2;
    Box wanted =
        switch (group.edge()) {
          case TOP -> box(midX, by.topMm() - GAP_MM - size.heightMm(), size);
          case BOTTOM -> box(midX, by.bottomMm() + GAP_MM, size);
          case LEFT -> box(by.leftMm() - GAP_MM - size.widthMm(), midY, size);
          case RIGHT -> box(by.rightMm() + GAP_MM, midY, size);
        };
    return clear(wanted, group.edge());
  }

  /** The box moved on in a direction until it lies on none that is placed already. */
  private Box clear(Box wanted, Edge way) {
    Box box = wanted;
    for (boolean moved = true; moved; ) {
      moved = false;
      for (Box placed : groups.values()) {
        if (box.overlaps(placed, 1e-3)) {
          box =
              switch (way) {
                case TOP -> at(box, box.leftMm(), placed.topMm() - GAP_MM - box.heightMm());
                case BOTTOM -> at(box, box.leftMm(), placed.bottomMm() + GAP_MM);
                case LEFT -> at(box, placed.leftMm() - GAP_MM - box.widthMm(), box.topMm());
                case RIGHT -> at(box, placed.rightMm() + GAP_MM, box.topMm());
              };
          moved = true;
        }
      }
    }
    return box;
  }

  private static Box at(Box box, double left, double top) {
    return new Box(left, top, box.widthMm(), box.heightMm());
  }

  private void below(Map<String, Extent> sizes) {
    double left = groups.values().stream().mapToDouble(Box::leftMm).min().orElse(0);
    double right = groups.values().stream().mapToDouble(Box::rightMm).max().orElse(0);
    double y = groups.values().stream().mapToDouble(Box::bottomMm).max().orElse(-GAP_MM) + GAP_MM;
    double x = left;
    double rowHeight = 0;
    for (Map.Entry<String, Extent> size : sizes.entrySet()) {
      if (groups.containsKey(size.getKey())) {
        continue;
      }
      double width = size.getValue().widthMm();
      if (x > left && x + width > Math.max(right, left + width)) {
        x = left;
        y += rowHeight + GAP_MM;
        rowHeight = 0;
      }
      groups.put(size.getKey(), box(x, y, size.getValue()));
      x += width + GAP_MM;
      rowHeight = Math.max(rowHeight, size.getValue().heightMm());
    }
  }

  private Map<String, Box> shifted(List<Item> items, Map<String, Extent> sizes) {
    double left = groups.values().stream().mapToDouble(Box::leftMm).min().orElse(0);
    double top = groups.values().stream().mapToDouble(Box::topMm).min().orElse(0);
    Map<String, Box> boxes = new LinkedHashMap<>();
    for (Item item : items) {
      Box group = groups.get(item.group());
      Extent size = sizes.get(item.group());
      boxes.put(
          item.id(),
          new Box(
              group.leftMm() - left + item.at().xMm() - size.leftMm(),
              group.topMm() - top + item.at().yMm() - size.topMm(),
              item.outline().widthMm(),
              item.outline().heightMm()));
    }
    return boxes;
  }
}
