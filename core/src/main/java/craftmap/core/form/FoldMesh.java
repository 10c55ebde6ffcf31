package craftmap.core.form;

import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;

/**
 * A face as triangles that can be drawn flat or folded up. A face that is rolled or domed is cut
 * into strips first, so that each triangle is nearly flat.
 *
 * @param onFace each corner's place on the face
 * @param inRoom the same corner on the standing piece
 * @param triangles three corners each, by index
 */
public record FoldMesh(List<Point> onFace, List<Vec> inRoom, List<int[]> triangles) {
  /** Of the smaller side: finer than the eye sees on a screen, however small the face. */
  private static final double FLATNESS_SHARE = 0.002;

  private static final int STRIPS = 56;
  private static final int CELLS_OF_A_DOME = 14;

  public static FoldMesh of(Outline outline, Pose pose) {
    Builder builder = new Builder(outline, pose);
    Geometry region =
        outline.region(FLATNESS_SHARE * Math.min(outline.widthMm(), outline.heightMm()));
    Envelope e = region.getEnvelopeInternal();
    switch (pose) {
      case Pose.Flat flat -> builder.add(region);
      case Pose.Domed domed -> builder.addCells(region, e, CELLS_OF_A_DOME, CELLS_OF_A_DOME);
      case Pose.Rolled rolled -> builder.addCells(region, e, STRIPS, 1);
      case Pose.RolledOval rolled -> builder.addCells(region, e, STRIPS, 1);
      case Pose.Tipped tipped -> builder.addCells(region, e, STRIPS, 1);
    }
    return builder.done();
  }

  private static final class Builder {
    private final Outline outline;
    private final Pose pose;
    private final Map<Coordinate, Integer> index = new LinkedHashMap<>();
    private final List<int[]> triangles = new ArrayList<>();

    Builder(Outline outline, Pose pose) {
      this.outline = outline;
      this.pose = pose;
    }

    void addCells(Geometry region, Envelope e, int columns, int rows) {
      double w = e.getWidth() / columns;
      double h = e.getHeight() / rows;
      for (int i = 0; i < columns; i++) {
        for (int j = 0; j < rows; j++) {
          Box cell = new Box(e.getMinX() + i * w, e.getMinY() + j * h, w, h);
          add(Planar.intersection(region, Planar.polygon(cell)));
        }
      }
    }

    void add(Geometry part) {
      for (int i = 0; i < part.getNumGeometries(); i++) {
        if (part.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
          Geometry cut = ConstrainedDelaunayTriangulator.triangulate(polygon);
          for (int t = 0; t < cut.getNumGeometries(); t++) {
            triangle(cut.getGeometryN(t).getCoordinates());
          }
        }
      }
    }

    private void triangle(Coordinate[] corners) {
      int[] at = new int[3];
      for (int i = 0; i < 3; i++) {
        Coordinate corner = new Coordinate(corners[i].x, corners[i].y);
        Integer known = index.get(corner);
        at[i] = known == null ? index.size() : known;
        index.putIfAbsent(corner, at[i]);
      }
      triangles.add(at);
    }

    FoldMesh done() {
      List<Point> onFace = index.keySet().stream().map(c -> new Point(c.x, c.y)).toList();
      return new FoldMesh(
          onFace, onFace.stream().map(p -> pose.at(outline, p)).toList(), List.copyOf(triangles));
    }
  }
}
