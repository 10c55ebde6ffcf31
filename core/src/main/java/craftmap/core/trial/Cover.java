package craftmap.core.trial;

import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Covers a whole face with sheets side by side, or with strips from a roll. */
final class Cover {
  private static final double NOISE_MM = 1e-9;
  private static final int MOST_PANELS = 4000;

  private Cover() {}

  /** Sheets of one size, overlapping; those that would lie on nothing are left out. */
  static List<Placed> withSheets(
      FreeRegion region, double widthMm, double heightMm, double overlapMm, boolean sideways) {
    List<Placed> upright = sheets(region, widthMm, heightMm, overlapMm, 0);
    if (!sideways) {
      return upright;
    }
    List<Placed> lying = sheets(region, heightMm, widthMm, overlapMm, 90);
    return lying.size() < upright.size() ? lying : upright;
  }

  private static List<Placed> sheets(
      FreeRegion region, double w, double h, double overlap, double turnDeg) {
    int columns = count(region.widthMm(), w, overlap);
    int rows = count(region.heightMm(), h, overlap);
    List<Placed> placed = new ArrayList<>();
    if ((long) columns * rows > MOST_PANELS) {
      return placed;
    }
    double left = (region.widthMm() - columns * w + (columns - 1) * overlap) / 2;
    double top = (region.heightMm() - rows * h + (rows - 1) * overlap) / 2;
    for (int r = 0; r < rows; r++) {
      for (int c = 0; c < columns; c++) {
        Box box = new Box(left + c * (w - overlap), top + r * (h - overlap), w, h);
        if (region.touches(box)) {
          placed.add(new Placed(box, turnDeg));
        }
      }
    }
    return placed;
  }

  /** How many of a size with an overlap reach over a length. */
  static int count(double length, double size, double overlap) {
    return length <= size + NOISE_MM
        ? 1
        : 1 + (int) Math.ceil((length - size) / (size - overlap) - NOISE_MM);
  }

  /** Strips along the longer side, each as long as the face is there. */
  static List<Placed> withStrips(FreeRegion region, double widthMm, double overlapMm) {
    boolean across = region.widthMm() >= region.heightMm();
    double over = across ? region.heightMm() : region.widthMm();
    int strips = count(over, widthMm, overlapMm);
    double from = (over - strips * widthMm + (strips - 1) * overlapMm) / 2;
    List<Placed> placed = new ArrayList<>();
    for (int i = 0; i < strips; i++) {
      double at = from + i * (widthMm - overlapMm);
      Box strip =
          across
              ? new Box(0, at, region.widthMm(), widthMm)
              : new Box(at, 0, widthMm, region.heightMm());
      Geometry there = region.area().intersection(Planar.polygon(strip));
      Envelope e = there.getEnvelopeInternal();
      if (there.getArea() > 0) {
        placed.add(
            new Placed(
                across
                    ? new Box(e.getMinX(), at, e.getWidth(), widthMm)
                    : new Box(at, e.getMinY(), widthMm, e.getHeight()),
                across ? 90 : 0));
      }
    }
    return placed;
  }

  /** The length of all strips together. */
  static double lengthMm(List<Placed> strips) {
    return strips.stream()
        .mapToDouble(s -> s.turnDeg() == 0 ? s.onFace().heightMm() : s.onFace().widthMm())
        .sum();
  }
}
