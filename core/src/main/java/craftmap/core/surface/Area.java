package craftmap.core.surface;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.Side;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Part of a face: a keep-out's or a zone's. */
public sealed interface Area {
  /** The area as it lies on an outline, in the coordinates of the face. */
  Geometry on(Outline outline);

  /** Turned over left to right on a face of this width. */
  Area mirrored(double widthMm);

  /** An upright box; it may reach over the edge, as a lock plate's hasp does. */
  record Upright(Box box) implements Area {
    @Override
    public Geometry on(Outline outline) {
      return Planar.polygon(box);
    }

    @Override
    public Area mirrored(double widthMm) {
      return new Upright(
          new Box(widthMm - box.rightMm(), box.topMm(), box.widthMm(), box.heightMm()));
    }
  }

  record Round(Point centre, double diameterMm) implements Area {
    public Round {
      diameterMm = LengthRange.SIZE.check("diameter", diameterMm);
    }

    @Override
    public Geometry on(Outline outline) {
      Contour circle =
          OvalOutline.circle(diameterMm)
              .contour()
              .movedBy(centre.xMm() - diameterMm / 2, centre.yMm() - diameterMm / 2);
      return Planar.area(circle, List.of(), Contour.FLATNESS_MM);
    }

    @Override
    public Area mirrored(double widthMm) {
      return new Round(centre.mirroredAt(widthMm / 2), diameterMm);
    }
  }

  /** Through points, at least three, without crossing itself. */
  record Corners(List<Point> points) implements Area {
    public Corners {
      points = List.copyOf(points);
      new PolygonOutline(points); // refuses what is no outline
    }

    @Override
    public Geometry on(Outline outline) {
      return Planar.area(Contour.through(points), List.of(), Contour.FLATNESS_MM);
    }

    @Override
    public Area mirrored(double widthMm) {
      return new Corners(points.stream().map(p -> p.mirroredAt(widthMm / 2)).toList().reversed());
    }
  }

  /** A strip along one side. */
  record Strip(Side.Name side, double depthMm) implements Area {
    private static final BufferParameters FLAT_ENDS =
        new BufferParameters(16, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5);

    public Strip {
      depthMm = LengthRange.SIZE.check("depth-of-the-strip", depthMm);
    }

    @Override
    public Geometry on(Outline outline) {
      List<Geometry> strips =
          outline.sides().stream()
              .filter(s -> s.name() == side)
              .map(s -> BufferOp.bufferOp(Planar.path(s.strokes()), depthMm, FLAT_ENDS))
              .toList();
      if (strips.isEmpty()) {
        throw new RefusedInput(
            "side-of-the-strip",
            given(side.name().toLowerCase(java.util.Locale.ENGLISH)),
            said("is-not-on-this-face"),
            said("one-of-its-own-sides"));
      }
      return Planar.intersection(Planar.union(strips), outline.region());
    }

    @Override
    public Area mirrored(double widthMm) {
      return switch (side) {
        case LEFT -> new Strip(Side.Name.RIGHT, depthMm);
        case RIGHT -> new Strip(Side.Name.LEFT, depthMm);
        case TOP, BOTTOM, CORNER, RIM, SIDE -> this;
      };
    }
  }

  /** All round the outline. */
  record Rim(double depthMm) implements Area {
    public Rim {
      depthMm = LengthRange.SIZE.check("depth-of-the-rim", depthMm);
    }

    @Override
    public Geometry on(Outline outline) {
      Geometry whole = outline.region();
      return Planar.difference(whole, whole.buffer(-depthMm));
    }

    @Override
    public Area mirrored(double widthMm) {
      return this;
    }
  }
}
