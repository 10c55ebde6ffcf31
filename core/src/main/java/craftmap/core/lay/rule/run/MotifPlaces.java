package craftmap.core.lay.rule.run;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.locationtech.jts.geom.Geometry;

/**
 * Where a picture is slid to behind an area of any outline, so that least of its named parts is
 * lost. The box around the area gives the exact places for boxes; since the area may have no
 * corners, each named part on the middle is looked at as well, and what the area really shows
 * decides.
 */
public final class MotifPlaces {
  private static final double WHOLE = 0.999;
  private static final double NOTHING = 0.001;
  private static final int MOST_SEARCHED = 6;

  private MotifPlaces() {}

  /**
   * The best shift of the picture.
   *
   * @param problem with the box around the area as its window
   * @param shown what the area shows with the picture shifted so far
   */
  public static Point best(
      SpoilSearch.Memo memo, SpoilSearch.Problem problem, Function<Point, List<Geometry>> shown) {
    List<Point> places = new ArrayList<>();
    memo.best(problem, MOST_SEARCHED).forEach(f -> places.add(f.shift()));
    Point middle = problem.windows().getFirst().centre();
    for (MotifBox motif : problem.motifs()) {
      Point own = motif.box().centre();
      places.add(
          new Point(
              within(middle.xMm() - own.xMm(), problem.least().xMm(), problem.most().xMm()),
              within(middle.yMm() - own.yMm(), problem.least().yMm(), problem.most().yMm())));
    }
    return places.stream()
        .min(
            Comparator.comparingInt((Point p) -> lost(problem.motifs(), p, shown.apply(p)))
                .thenComparingDouble(p -> p.distanceMm(problem.wished())))
        .orElseThrow();
  }

  private static double within(double value, double least, double most) {
    return Math.clamp(value, least, Math.max(least, most));
  }

  /** By importance: what is cut, wherever it is, and once more what is whole nowhere. */
  static int lost(List<MotifBox> motifs, Point shift, List<Geometry> shown) {
    int lost = 0;
    for (MotifBox motif : motifs) {
      Box b = motif.box();
      Geometry there =
          Planar.polygon(
              new Box(
                  b.leftMm() + shift.xMm(), b.topMm() + shift.yMm(), b.widthMm(), b.heightMm()));
      boolean whole = false;
      for (Geometry area : shown) {
        double share = Planar.intersection(area, there).getArea() / b.areaMm2();
        whole |= share >= WHOLE;
        lost += share > NOTHING && share < WHOLE ? motif.importance() : 0;
      }
      lost += whole ? 0 : motif.importance();
    }
    return lost;
  }
}
