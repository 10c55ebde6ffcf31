package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A polygon by its sides and the diagonals from the first corner: the first side lies level, each
 * further corner follows from the tape's distance to the first corner and to the one before.
 *
 * @param diagonalsMm from the first corner to the third, the fourth and so on; three fewer than
 *     sides
 */
public record SidesOutline(List<Double> sidesMm, List<Double> diagonalsMm) implements Outline {
  private static final int MOST_SIDES = 12;

  public SidesOutline {
    sidesMm = List.copyOf(sidesMm);
    diagonalsMm = List.copyOf(diagonalsMm);
    if (sidesMm.size() < 3 || sidesMm.size() > MOST_SIDES) {
      throw new RefusedInput(
          "sides",
          given(sidesMm.size()),
          said("make-no-outline"),
          said("3-to-sides", given(MOST_SIDES)));
    }
    if (diagonalsMm.size() != sidesMm.size() - 3) {
      throw new RefusedInput(
          "diagonals",
          given(diagonalsMm.size()),
          said("do-not-fix-the-corners"),
          said("diagonals-from-the-first-corner", count((sidesMm.size() - 3))));
    }
    for (int i = 0; i < sidesMm.size(); i++) {
      LengthRange.SIZE.check(said("side", given(i + 1)), sidesMm.get(i));
    }
    for (int i = 0; i < diagonalsMm.size(); i++) {
      LengthRange.SIZE.check(said("diagonal-to-corner", given(i + 3)), diagonalsMm.get(i));
    }
    if (!Contour.through(raw(sidesMm, diagonalsMm)).ring(1).isSimple()) {
      throw new RefusedInput(
          "diagonals",
          said("as-given"),
          said("make-the-sides-cross"),
          said("other-lengths-or-measure-again"));
    }
  }

  static SidesOutline read(MeasureSheet sheet) {
    int n = sheet.count("sides", "sides", 5, 3, MOST_SIDES);
    List<Double> sides = new ArrayList<>();
    for (int i = 1; i <= n; i++) {
      // opposite sides are mostly alike
      double like = i <= 2 ? 300 : sides.get(i - 3);
      sides.add(sheet.size("side" + i, said("side", given(i)), like));
    }
    double around = sides.stream().mapToDouble(s -> s).sum();
    double radius = around / n / 2 / Math.sin(Math.PI / n);
    List<Double> diagonals = new ArrayList<>();
    for (int corner = 3; corner < n; corner++) {
      double even =
          n == 4
              ? Math.hypot(sides.get(0), sides.get(1))
              : 2 * radius * Math.sin(Math.PI * (corner - 1) / n);
      diagonals.add(
          sheet.size("diagonal" + corner, said("diagonal-to-corner", given(corner)), even));
    }
    return new SidesOutline(sides, diagonals);
  }

  @Override
  public OutlineNote note() {
    Map<String, Double> measures = new HashMap<>();
    measures.put("sides", (double) sidesMm.size());
    for (int i = 0; i < sidesMm.size(); i++) {
      measures.put("side" + (i + 1), sidesMm.get(i));
    }
    for (int i = 0; i < diagonalsMm.size(); i++) {
      measures.put("diagonal" + (i + 3), diagonalsMm.get(i));
    }
    return OutlineNote.of(OutlineKind.SIDES_AND_DIAGONALS, measures);
  }

  private static List<Point> raw(List<Double> sides, List<Double> diagonals) {
    List<Point> corners = new ArrayList<>();
    Point first = new Point(0, 0);
    corners.add(first);
    corners.add(new Point(sides.getFirst(), 0));
    for (int i = 2; i < sides.size(); i++) {
      boolean last = i == sides.size() - 1;
      double fromFirst = last ? sides.getLast() : diagonals.get(i - 2);
      Figure field =
          last ? said("side", given(sides.size())) : said("diagonal-to-corner", given(i + 1));
      corners.add(Triangles.corner(first, corners.getLast(), fromFirst, sides.get(i - 1), field));
    }
    return corners;
  }

  @Override
  public List<Side> sides() {
    List<Point> raw = raw(sidesMm, diagonalsMm);
    Extent extent = Contour.through(raw).extent();
    return PolygonOutline.sidesThrough(
        raw.stream().map(p -> p.movedBy(-extent.leftMm(), -extent.topMm())).toList());
  }
}
