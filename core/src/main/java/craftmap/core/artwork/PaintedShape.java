package craftmap.core.artwork;

import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Optional;

/** One shape of a drawing, in millimetres, with what it is filled and drawn in. */
final class PaintedShape {
  private final Path2D.Double path;
  private final Optional<Ink> fill;
  private final Optional<Ink> line;
  private final BasicStroke pen;

  PaintedShape(Path2D.Double path, Optional<Ink> fill, Optional<Ink> line, BasicStroke pen) {
    this.path = path;
    this.fill = fill;
    this.line = line;
    this.pen = pen;
  }

  Path2D.Double path() {
    return path;
  }

  Optional<Ink> fill() {
    return fill;
  }

  Optional<Ink> line() {
    return line;
  }

  BasicStroke pen() {
    return pen;
  }

  /** Scaled by the same amount both ways, and moved. */
  PaintedShape through(AffineTransform similar) {
    double k = Math.sqrt(Math.abs(similar.getDeterminant()));
    BasicStroke scaled =
        new BasicStroke(
            (float) (pen.getLineWidth() * k),
            pen.getEndCap(),
            pen.getLineJoin(),
            pen.getMiterLimit());
    return new PaintedShape(new Path2D.Double(path, similar), fill, line, scaled);
  }
}
