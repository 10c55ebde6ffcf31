package craftmap.core.sight;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.plane.Box;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Line;
import craftmap.core.plane.Point;
import craftmap.core.plane.Stroke;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Mark;
import craftmap.core.surface.Zone;
import craftmap.core.surface.outline.OvalOutline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A place of a face that can be pointed at on a photo. It goes by its name, so that it stays the
 * same place when the face is measured again.
 *
 * @param main whether it is one of the four that are asked for first
 */
public record Anchor(String id, Figure name, Point at, boolean main) {
  private static final String MARK = "mark:";

  /** A corner turns by more than this; less is a bend of a curve. */
  private static final double LEAST_TURN = Math.toRadians(20);

  private static final int MOST_CORNERS = 24;

  /** The four of its corners, or of its rim, first; none of a wall that is rolled up. */
  public static List<Anchor> of(Face face) {
    if (face.outline().wraps()) {
      return List.of();
    }
    Map<String, Anchor> all = new LinkedHashMap<>();
    Stream.concat(ofOutline(face), face.marks().all().flatMap(Anchor::ofMark))
        .forEach(a -> all.putIfAbsent(a.id(), a));
    return List.copyOf(all.values());
  }

  private static Stream<Anchor> ofOutline(Face face) {
    Contour contour = face.outline().contour();
    Extent extent = contour.extent();
    List<Point> corners = corners(contour);
    if (corners.size() >= 4 && corners.size() <= MOST_CORNERS) {
      return named(corners, extent);
    }
    Box box = Box.between(extent.leftMm(), extent.topMm(), extent.rightMm(), extent.bottomMm());
    double midX = box.centre().xMm();
    double midY = box.centre().yMm();
    if (face.outline() instanceof OvalOutline) {
      return Stream.of(
          main("rim-top", said("anchor-rim-top"), new Point(midX, box.topMm())),
          main("rim-right", said("anchor-rim-right"), new Point(box.rightMm(), midY)),
          main("rim-bottom", said("anchor-rim-bottom"), new Point(midX, box.bottomMm())),
          main("rim-left", said("anchor-rim-left"), new Point(box.leftMm(), midY)));
    }
    return Stream.of(
        main("box-top-left", said("anchor-box-top-left"), new Point(box.leftMm(), box.topMm())),
        main("box-top-right", said("anchor-box-top-right"), new Point(box.rightMm(), box.topMm())),
        main(
            "box-bottom-right",
            said("anchor-box-bottom-right"),
            new Point(box.rightMm(), box.bottomMm())),
        main(
            "box-bottom-left",
            said("anchor-box-bottom-left"),
            new Point(box.leftMm(), box.bottomMm())));
  }

  private static Anchor main(String id, Figure name, Point at) {
    return new Anchor(id, name, at, true);
  }

  /** Where two strokes meet at an angle. */
  private static List<Point> corners(Contour contour) {
    List<Stroke> strokes = contour.strokes();
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < strokes.size(); i++) {
      Stroke before = strokes.get((i + strokes.size() - 1) % strokes.size());
      Stroke after = strokes.get(i);
      if (before instanceof Line a && after instanceof Line b && turn(a, b) > LEAST_TURN) {
        corners.add(after.from());
      }
    }
    return corners;
  }

  private static double turn(Line a, Line b) {
    double ax = a.to().xMm() - a.from().xMm();
    double ay = a.to().yMm() - a.from().yMm();
    double bx = b.to().xMm() - b.from().xMm();
    double by = b.to().yMm() - b.from().yMm();
    return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
  }

  /** The four that lie farthest out towards the corners of the box are asked for first. */
  private static Stream<Anchor> named(List<Point> corners, Extent extent) {
    List<Point> left = new ArrayList<>(corners);
    List<Anchor> all = new ArrayList<>();
    String[] ids = {"top-left", "top-right", "bottom-right", "bottom-left"};
    Figure[] names = {
      said("anchor-top-left"),
      said("anchor-top-right"),
      said("anchor-bottom-right"),
      said("anchor-bottom-left")
    };
    for (int i = 0; i < ids.length; i++) {
      double right = i == 1 || i == 2 ? 1 : -1;
      double down = i >= 2 ? 1 : -1;
      Point farthest =
          left.stream()
              .max(
                  Comparator.comparingDouble(
                      p -> right * p.xMm() / extent.widthMm() + down * p.yMm() / extent.heightMm()))
              .orElseThrow();
      left.remove(farthest);
      all.add(main(ids[i], names[i], farthest));
    }
    for (int i = 0; i < corners.size(); i++) {
      if (left.contains(corners.get(i))) {
        all.add(
            new Anchor(
                "corner-" + (i + 1), said("anchor-corner", given(i + 1)), corners.get(i), false));
      }
    }
    return all.stream();
  }

  private static Stream<Anchor> ofMark(Mark mark) {
    return switch (mark) {
      case Hole h ->
          h.count() == 1
              ? Stream.of(of(h, h.middle()))
              : IntStream.rangeClosed(1, h.count())
                  .mapToObj(
                      n ->
                          new Anchor(
                              MARK + h.id() + ":" + n,
                              said("anchor-of-a-row", new Figure.Named(h.name()), given(n)),
                              h.centres().get(n - 1),
                              false));
      case Blemish b -> Stream.of(of(b, b.centre()));
      case KeepOut k -> ofArea(k, k.area());
      case Zone _, Break _ -> Stream.empty();
    };
  }

  private static Anchor of(Mark mark, Point at) {
    return new Anchor(MARK + mark.id(), new Figure.Named(mark.title()), at, false);
  }

  private static Stream<Anchor> ofArea(KeepOut keepOut, Area area) {
    return switch (area) {
      case Area.Round r -> Stream.of(of(keepOut, r.centre()));
      case Area.Upright(Box b) -> Stream.of(of(keepOut, b.centre()));
      case Area.Corners _, Area.Strip _, Area.Rim _ -> Stream.empty();
    };
  }
}
