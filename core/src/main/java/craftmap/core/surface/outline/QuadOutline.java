package craftmap.core.surface.outline;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Point;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A face that is not square: four sides and the diagonal from top left to bottom right, the other
 * one as a check. Top left lies at (0, 0), top right at (top, 0); bottom right follows from the
 * diagonal and the right side, bottom left from the bottom and the left side.
 */
public record QuadOutline(
    double topMm,
    double rightMm,
    double bottomMm,
    double leftMm,
    double diagonalMm,
    OptionalDouble checkMm)
    implements Outline {
  private static final Figure.Said DIAGONAL = said("diagonal-top-left-to-bottom-right");

  public QuadOutline {
    topMm = LengthRange.SIZE.check("top", topMm);
    rightMm = LengthRange.SIZE.check("right-side", rightMm);
    bottomMm = LengthRange.SIZE.check("bottom", bottomMm);
    leftMm = LengthRange.SIZE.check("left-side", leftMm);
    diagonalMm = LengthRange.SIZE.check(DIAGONAL, diagonalMm);
    if (checkMm.isPresent()) {
      LengthRange.SIZE.check("other-diagonal", checkMm.getAsDouble());
    }
    List<Point> corners = corners(topMm, rightMm, bottomMm, leftMm, diagonalMm);
    if (!Contour.through(corners).ring(1).isSimple()) {
      throw new RefusedInput(
          DIAGONAL,
          mm(diagonalMm),
          said("makes-the-sides-cross"),
          said("a-longer-one-or-measure-again"));
    }
  }

  static QuadOutline read(MeasureSheet sheet) {
    double top = sheet.size("top", "top", 900);
    double right = sheet.size("right", "right-side", 450);
    double bottom = sheet.size("bottom", "bottom", top);
    double left = sheet.size("left", "left-side", right);
    double diagonal = sheet.size("diagonal", DIAGONAL, Math.hypot(top, right));
    // nothing stands for a diagonal that was not taped
    double check = sheet.distance("check", "other-diagonal-as-a-check", 0);
    return new QuadOutline(
        top,
        right,
        bottom,
        left,
        diagonal,
        check > 0 ? OptionalDouble.of(check) : OptionalDouble.empty());
  }

  @Override
  public OutlineNote note() {
    Map<String, Double> measures = new HashMap<>();
    measures.put("top", topMm);
    measures.put("right", rightMm);
    measures.put("bottom", bottomMm);
    measures.put("left", leftMm);
    measures.put("diagonal", diagonalMm);
    checkMm.ifPresent(q -> measures.put("check", q));
    return OutlineNote.of(OutlineKind.OUT_OF_SQUARE, measures);
  }

  private static List<Point> corners(double a, double b, double c, double d, double p) {
    Point tl = new Point(0, 0);
    Point tr = new Point(a, 0);
    Point br = Triangles.corner(tl, tr, p, b, DIAGONAL);
    Point bl = Triangles.corner(tl, br, d, c, said("left-side"));
    return List.of(tl, tr, br, bl);
  }

  /** Top left, top right, bottom right, bottom left, in a box that begins at 0, 0. */
  public List<Point> corners() {
    List<Point> raw = corners(topMm, rightMm, bottomMm, leftMm, diagonalMm);
    Extent extent = Contour.through(raw).extent();
    return raw.stream().map(p -> p.movedBy(-extent.leftMm(), -extent.topMm())).toList();
  }

  @Override
  public List<Side> sides() {
    List<Point> c = corners();
    return RectangleOutline.around(c.get(0), c.get(1), c.get(2), c.get(3));
  }

  /** How it departs from square. */
  public Squareness squareness() {
    return Squareness.of(corners(), checkMm);
  }

  /**
   * The same outline with its departure from the rectangle of its mean sides made so many times
   * larger, to see which way it leans; not to scale.
   */
  public Contour exaggerated(double times) {
    double w = (topMm + bottomMm) / 2;
    double h = (leftMm + rightMm) / 2;
    List<Point> square =
        List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h));
    List<Point> c = corners();
    List<Point> moved = new java.util.ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Point s = square.get(i);
      Point p = c.get(i);
      moved.add(s.movedBy(times * (p.xMm() - s.xMm()), times * (p.yMm() - s.yMm())));
    }
    return Contour.through(moved);
  }
}
