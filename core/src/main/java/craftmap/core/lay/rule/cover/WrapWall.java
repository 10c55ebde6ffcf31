package craftmap.core.lay.rule.cover;

import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** A rolled-up wall as paper sees it: measured round its wider end, from the seam behind. */
sealed interface WrapWall {
  /** Round its wider end. */
  double roundMm();

  /** From the top to the foot along the wall. */
  double downMm();

  /** Whether it is wider at its foot than at its rim. */
  boolean widerBelow();

  /** A piece of the wall from one place round it to another, and from one height to another. */
  Piece piece(double fromMm, double toMm, double topMm, double footMm);

  /** The wall of a face; none where it is not rolled up. */
  static Optional<WrapWall> of(Outline outline) {
    return outline
        .rolledUp()
        .map(
            wall ->
                switch (wall) {
                  case CylinderOutline c -> new Straight(c);
                  case ConeOutline c -> new Tapered(c);
                });
  }

  /**
   * A piece of wall laid out flat.
   *
   * @param onFace where it lies on the face
   * @param middle of the smallest box around it that stands as it does
   * @param widthMm of that box
   * @param turnDeg how it stands on the face
   */
  record Piece(Geometry onFace, Point middle, double widthMm, double heightMm, double turnDeg) {}

  /** A straight wall. */
  record Straight(CylinderOutline wall) implements WrapWall {
    @Override
    public double roundMm() {
      return wall.circumferenceMm();
    }

    @Override
    public double downMm() {
      return wall.heightMm();
    }

    @Override
    public boolean widerBelow() {
      return false;
    }

    @Override
    public Piece piece(double from, double to, double top, double foot) {
      var box = new craftmap.core.plane.Box(from, top, to - from, foot - top);
      return new Piece(Planar.polygon(box), box.centre(), to - from, foot - top, 0);
    }
  }

  /** A tapered wall: a piece of it is a sector of a ring. */
  record Tapered(ConeOutline wall) implements WrapWall {
    private static final double STEP_RAD = Math.toRadians(0.5);

    @Override
    public double roundMm() {
      return Math.max(wall.topMm(), wall.bottomMm());
    }

    @Override
    public double downMm() {
      return wall.slantMm();
    }

    @Override
    public boolean widerBelow() {
      return !wall.widerAtTheTop();
    }

    private double radiusMm(double down) {
      return wall.widerAtTheTop() ? wall.outerRadiusMm() - down : wall.innerRadiusMm() + down;
    }

    /** The direction from the apex to a place round the wall. */
    private double angle(double round) {
      double along = round / roundMm() * wall.openRad();
      double half = wall.openRad() / 2;
      return wall.widerAtTheTop() ? -Math.PI / 2 - half + along : Math.PI / 2 + half - along;
    }

    @Override
    public Piece piece(double from, double to, double top, double foot) {
      double a = angle(from);
      double b = angle(to);
      double outer = Math.max(radiusMm(top), radiusMm(foot));
      double inner = Math.min(radiusMm(top), radiusMm(foot));
      double half = Math.abs(b - a) / 2;
      double middle = (a + b) / 2;
      // more than half way round, the ends of the outer arc lie lowest
      double low = (half > Math.PI / 2 ? outer : inner) * Math.cos(half);
      Point apex = wall.apex();
      double from0 = (outer + low) / 2;
      double turn = Math.toDegrees(middle) + (wall.widerAtTheTop() ? 90 : -90);
      return new Piece(
          sector(a, b, outer, inner),
          apex.movedBy(from0 * Math.cos(middle), from0 * Math.sin(middle)),
          2 * outer * Math.sin(Math.min(half, Math.PI / 2)),
          outer - low,
          turn);
    }

    private Geometry sector(double a, double b, double outer, double inner) {
      int steps = Math.max(2, (int) Math.ceil(Math.abs(b - a) / STEP_RAD));
      List<Point> ring = new ArrayList<>();
      for (int i = 0; i <= steps; i++) {
        ring.add(at(a + (b - a) * i / steps, outer));
      }
      for (int i = steps; i >= 0; i--) {
        ring.add(at(a + (b - a) * i / steps, inner));
      }
      return Planar.polygonThrough(ring);
    }

    private Point at(double angle, double radius) {
      return wall.apex().movedBy(radius * Math.cos(angle), radius * Math.sin(angle));
    }
  }
}
