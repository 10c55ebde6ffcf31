package craftmap.core.lay;

import craftmap.core.design.DesignKind;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Face;
import java.util.ArrayList;
import java.util.List;

/** Lays a row of motifs along a line of a face. */
final class RunPlacement {
  private final Face face;
  private final RunLine line;
  private final double fromMm;
  private final double motifHeightMm;
  private final Obstacles obstacles;

  /**
   * For one line.
   *
   * @param fromMm where the stretch begins that the line can use
   */
  RunPlacement(Face face, DesignKind kind, RunLine line, double fromMm, double motifHeightMm) {
    this.face = face;
    this.line = line;
    this.fromMm = fromMm;
    this.motifHeightMm = motifHeightMm;
    this.obstacles = Obstacles.on(face, kind);
  }

  List<Item> items(RunRow row) {
    List<Item> items = new ArrayList<>(row.count());
    for (int i = 0; i < row.count(); i++) {
      Box whole = onFace(row.startMm(i), row.motifMm());
      double share = row.share(i);
      Box visible = share == 1 ? whole : visible(row, i);
      items.add(
          new Item(
              whole.centre(), turnDeg(line.edge()), whole, visible, share, obstacles.hit(visible)));
    }
    return items;
  }

  private Box visible(RunRow row, int index) {
    double from = Math.max(0, row.startMm(index));
    double to = Math.min(row.lineMm(), row.startMm(index) + row.motifMm());
    return onFace(from, to - from);
  }

  /** A stretch of the line as a box on the face, as tall as the motif. */
  private Box onFace(double startMm, double lengthMm) {
    double along = fromMm + line.startInsetMm() + startMm + lengthMm / 2;
    Point centre = at(along);
    return line.edge().isLevel()
        ? Box.around(centre, lengthMm, motifHeightMm)
        : Box.around(centre, motifHeightMm, lengthMm);
  }

  private Point at(double alongMm) {
    return switch (line.edge()) {
      case TOP -> new Point(alongMm, line.distanceMm());
      case BOTTOM -> new Point(alongMm, face.outline().heightMm() - line.distanceMm());
      case LEFT -> new Point(line.distanceMm(), alongMm);
      case RIGHT -> new Point(face.outline().widthMm() - line.distanceMm(), alongMm);
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
