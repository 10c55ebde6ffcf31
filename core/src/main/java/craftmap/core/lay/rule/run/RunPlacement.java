package craftmap.core.lay.rule.run;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Obstacles;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Laying;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Edge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lays a row of motifs along a line of a face. */
final class RunPlacement {
  private final Face face;
  private final Design design;
  private final Obstacles obstacles;
  private final EdgeLine line;
  private final double fromMm;

  /**
   * For one line.
   *
   * @param fromMm where the stretch begins that the line can use
   */
  RunPlacement(Laying laying, EdgeLine line, double fromMm) {
    this.face = laying.room().face();
    this.design = laying.design();
    this.obstacles = laying.room().obstacles();
    this.line = line;
    this.fromMm = fromMm;
  }

  List<Item> items(RunRow row) {
    double scale = row.motifMm() / design.printWidthMm();
    double tall = design.printHeightMm() * scale;
    List<Item> items = new ArrayList<>(row.count());
    for (int i = 0; i < row.count(); i++) {
      double share = row.share(i);
      Placement at = new Placement(at(row.centreMm(i)), turnDeg(line.edge()), false, scale);
      if (share == 1) {
        items.add(Item.whole(design, at, obstacles.hit(Item.box(design, at))));
      } else {
        Box visible = visible(row, i, tall);
        items.add(
            new Item(
                design, at, share, Optional.of(Planar.polygon(visible)), obstacles.hit(visible)));
      }
    }
    return items;
  }

  private Box visible(RunRow row, int index, double tall) {
    double from = Math.max(0, row.startMm(index));
    double to = Math.min(row.lineMm(), row.startMm(index) + row.motifMm());
    Point middle = at((from + to) / 2);
    return line.edge().isLevel()
        ? Box.around(middle, to - from, tall)
        : Box.around(middle, tall, to - from);
  }

  private Point at(double alongTheLineMm) {
    double along = fromMm + line.startInsetMm() + alongTheLineMm;
    return switch (line.edge()) {
      case TOP -> new Point(along, line.distanceMm());
      case BOTTOM -> new Point(along, face.outline().heightMm() - line.distanceMm());
      case LEFT -> new Point(line.distanceMm(), along);
      case RIGHT -> new Point(face.outline().widthMm() - line.distanceMm(), along);
    };
  }

  /** On the sides the motif's top looks outwards; along top and bottom it stays upright. */
  private static int turnDeg(Edge edge) {
    return switch (edge) {
      case TOP, BOTTOM -> 0;
      case RIGHT -> 90;
      case LEFT -> 270;
    };
  }
}
