package craftmap.core.trial;

import craftmap.core.design.DesignKind;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** A face less what a kind of design may not cover. */
final class FreeRegion {
  /** A print may touch an edge; arithmetic must not push it over. */
  private static final double SLACK_MM = 1e-6;

  private static final double EXACT_ENOUGH_MM = 0.01;

  private final Face face;
  private final DesignKind kind;
  private final PreparedGeometry whole;
  private final PreparedGeometry free;

  FreeRegion(Face face, DesignKind kind) {
    this.face = face;
    this.kind = kind;
    Geometry outline = face.outline().region();
    whole = PreparedGeometryFactory.prepare(outline.buffer(SLACK_MM));
    List<Geometry> forbidden = new ArrayList<>();
    for (KeepOut k : face.keepOuts()) {
      if (k.forbids(kind)) {
        forbidden.add(k.area().on(face.outline()));
      }
    }
    free =
        forbidden.isEmpty()
            ? whole
            : PreparedGeometryFactory.prepare(
                outline.buffer(SLACK_MM).difference(Planar.union(forbidden).buffer(-SLACK_MM)));
  }

  Geometry area() {
    return free.getGeometry();
  }

  double widthMm() {
    return face.outline().widthMm();
  }

  double heightMm() {
    return face.outline().heightMm();
  }

  boolean holds(Box box) {
    return free.contains(Planar.polygon(box));
  }

  boolean onFace(Box box) {
    return whole.contains(Planar.polygon(box));
  }

  boolean touches(Box box) {
    return free.intersects(Planar.polygon(box))
        && free.getGeometry().intersection(Planar.polygon(box)).getArea() > 1;
  }

  /** A keep-out that the box lies on. */
  Optional<KeepOut> inTheWay(Box box) {
    return face.keepOuts().stream()
        .filter(k -> k.forbids(kind))
        .filter(k -> k.area().on(face.outline()).intersects(Planar.polygon(box)))
        .findFirst();
  }

  /** The widest box of that height that lies on the face round the middle of another. */
  double widest(Box box, double heightMm) {
    return most(
        box.widthMm(), w -> onFace(Box.around(box.centre(), Math.max(w, SLACK_MM), heightMm)));
  }

  /** The tallest box of that width, likewise. */
  double tallest(Box box, double widthMm) {
    return most(
        box.heightMm(), h -> onFace(Box.around(box.centre(), widthMm, Math.max(h, SLACK_MM))));
  }

  private interface Fits {
    boolean at(double length);
  }

  private static double most(double wanted, Fits fits) {
    double low = 0;
    double high = wanted;
    while (high - low > EXACT_ENOUGH_MM) {
      double middle = (low + high) / 2;
      if (fits.at(middle)) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }
}
