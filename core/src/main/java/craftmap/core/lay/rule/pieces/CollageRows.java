package craftmap.core.lay.rule.pieces;

import craftmap.core.design.Design;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Pieces of a collage in rows. */
final class CollageRows {
  private CollageRows() {}

  /**
   * Rows as photos hang in a hall: in the order they were chosen, each row as full as it gets, its
   * pieces on one middle line; all of them in the middle of the face.
   */
  static Optional<List<Placement>> place(List<Design> pieces, Geometry inside, double amountMm) {
    Envelope e = inside.getEnvelopeInternal();
    double top = e.getMinY();
    for (int attempt = 0; attempt < 2; attempt++) {
      List<Row> rows = new ArrayList<>();
      double y = top;
      int next = 0;
      while (next < pieces.size()) {
        Row row = Row.from(pieces, next, y, inside, amountMm);
        if (row == null || y + row.height > e.getMaxY() + 1e-6) {
          return Optional.empty();
        }
        rows.add(row);
        next += row.count;
        y += row.height + amountMm;
      }
      double spare = e.getMaxY() - (y - amountMm);
      if (attempt == 1 || spare < 1e-6) {
        return Optional.of(rows.stream().flatMap(r -> r.places(amountMm).stream()).toList());
      }
      top += spare / 2;
      // a row further down may find less room, where the face narrows: then it stays at the top
      if (!fitsFrom(pieces, top, inside, amountMm)) {
        return Optional.of(rows.stream().flatMap(r -> r.places(amountMm).stream()).toList());
      }
    }
    return Optional.empty();
  }

  /**
   * Rows over all of the face: as far apart as they can be with all of them still on it. The gap is
   * found by halving; what is given is what was placed, so that it always fits.
   *
   * @return none where they cannot lie further apart than they do by the gap that is wished for
   */
  static Optional<List<Placement>> spread(List<Design> pieces, Geometry inside, double atLeastMm) {
    double fits = atLeastMm;
    Envelope e = inside.getEnvelopeInternal();
    double fitsNot = Math.max(e.getWidth(), e.getHeight());
    Optional<List<Placement>> widest = Optional.empty();
    while (fitsNot - fits > SPREAD_TO_MM) {
      double gap = (fits + fitsNot) / 2;
      Optional<List<Placement>> placed = place(pieces, inside, gap);
      if (placed.isPresent()) {
        widest = placed;
        fits = gap;
      } else {
        fitsNot = gap;
      }
    }
    return widest;
  }

  private static final double SPREAD_TO_MM = 0.5;

  private static boolean fitsFrom(
      List<Design> pieces, double top, Geometry inside, double amountMm) {
    double y = top;
    int next = 0;
    while (next < pieces.size()) {
      Row row = Row.from(pieces, next, y, inside, amountMm);
      if (row == null || y + row.height > inside.getEnvelopeInternal().getMaxY() + 1e-6) {
        return false;
      }
      next += row.count;
      y += row.height + amountMm;
    }
    return true;
  }

  /** One row: from which piece, how many, and where it lies. */
  private record Row(
      List<Design> pieces,
      int first,
      int count,
      double top,
      double height,
      double left,
      double right,
      double taken) {

    /** As many of the next pieces as find room beside each other at this height. */
    static Row from(List<Design> pieces, int first, double top, Geometry inside, double gap) {
      Row best = null;
      double height = 0;
      double taken = -gap;
      for (int n = first; n < pieces.size(); n++) {
        height = Math.max(height, pieces.get(n).printHeightMm());
        taken += gap + pieces.get(n).printWidthMm();
        double[] clear = clear(inside, top, top + height);
        if (clear == null || taken > clear[1] - clear[0] + 1e-6) {
          break;
        }
        best = new Row(pieces, first, n - first + 1, top, height, clear[0], clear[1], taken);
      }
      return best;
    }

    /** From where to where a strip of the face is clear over its whole height. */
    private static double[] clear(Geometry inside, double top, double bottom) {
      Envelope e = inside.getEnvelopeInternal();
      if (bottom > e.getMaxY() + 1e-6) {
        return null;
      }
      double left = e.getMinX();
      double right = e.getMaxX();
      double middle = e.centre().x;
      for (int i = 0; i <= LINES; i++) {
        double y = top + (bottom - top) * i / LINES;
        double[] at = chord(inside, Math.clamp(y, e.getMinY() + 1e-6, e.getMaxY() - 1e-6), middle);
        if (at == null) {
          return null;
        }
        left = Math.max(left, at[0]);
        right = Math.min(right, at[1]);
      }
      return left < right ? new double[] {left, right} : null;
    }

    private static final int LINES = 6;

    /** The stretch of a level line inside the face that lies nearest to its middle. */
    private static double[] chord(Geometry inside, double y, double middle) {
      Envelope e = inside.getEnvelopeInternal();
      Geometry line =
          Planar.intersection(
              inside, Planar.polygon(new Box(e.getMinX() - 1, y - 1e-4, e.getWidth() + 2, 2e-4)));
      double[] best = null;
      for (int i = 0; i < line.getNumGeometries(); i++) {
        Envelope part = line.getGeometryN(i).getEnvelopeInternal();
        if (best == null || part.getMinX() <= middle && middle <= part.getMaxX()) {
          best = new double[] {part.getMinX(), part.getMaxX()};
        }
      }
      return best;
    }

    List<Placement> places(double gap) {
      List<Placement> places = new ArrayList<>();
      double x = (left + right - taken) / 2;
      for (int i = first; i < first + count; i++) {
        Design d = pieces.get(i);
        places.add(Placement.at(new Point(x + d.printWidthMm() / 2, top + height / 2)));
        x += d.printWidthMm() + gap;
      }
      return places;
    }
  }
}
