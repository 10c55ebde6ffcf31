package craftmap.core.lay.rule.run;

import craftmap.core.design.Design;
import craftmap.core.lay.Item;
import craftmap.core.lay.Obstacles;
import craftmap.core.lay.Placement;
import craftmap.core.lay.rule.Laying;
import craftmap.core.measure.Tolerance;
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
      Placement at = new Placement(at(row.centreMm(i)), turnDeg(line.edge()), false, scale);
      Box visible = visible(row, i, tall);
      double share = row.share(i) * (tallOnFace(tall).lengthMm() / tall);
      if (design.hangsOver() || Tolerance.EXACT.sameLength(share, 1)) {
        items.add(Item.whole(design, at, obstacles.hit(Item.box(design, at))));
      } else {
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
    Span across = tallOnFace(tall);
    double middle = line.distanceMm() + (across.fromMm() + across.toMm()) / 2;
    Point at = at((from + to) / 2, middle);
    return line.edge().isLevel()
        ? Box.around(at, to - from, across.lengthMm())
        : Box.around(at, across.lengthMm(), to - from);
  }

  /** What of the motif's height lies on the face, from the line: all of it, but near an edge. */
  private Span tallOnFace(double tall) {
    return new Span(
        Math.max(-tall / 2, -line.distanceMm()),
        Math.min(tall / 2, line.reachOn(face.outline()) - line.distanceMm()));
  }

  private Point at(double alongTheLineMm) {
    return at(alongTheLineMm, line.distanceMm());
  }

  private Point at(double alongTheLineMm, double distanceMm) {
    double along = fromMm + line.startInsetMm() + alongTheLineMm;
    return switch (line.edge()) {
      case TOP -> new Point(along, distanceMm);
      case BOTTOM -> new Point(along, face.outline().heightMm() - distanceMm);
      case LEFT -> new Point(distanceMm, along);
      case RIGHT -> new Point(face.outline().widthMm() - distanceMm, along);
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
