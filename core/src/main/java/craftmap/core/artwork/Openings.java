package craftmap.core.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;

/**
 * From painted shapes to what is cut out. Dark shapes are openings, a light shape painted over them
 * is sheet again. Shapes whose boxes do not meet cannot touch each other, so the union is made
 * within each cluster of boxes and never over the whole sheet.
 */
final class Openings {
  /** A pair of strokes whose boxes meet may cross; a sheet of artwork has far fewer of them. */
  private static final int MOST_CROSSINGS = 60_000;

  private static final Figure FIELD = said("artwork");

  private Openings() {}

  private record Part(Shape shape, boolean opens, Envelope box) {}

  static Artwork of(List<PaintedShape> shapes, double widthMm, double heightMm) {
    return of(
        parts(shapes, ink -> !ink.isLight()),
        widthMm,
        heightMm,
        "has no dark filled shape, so nothing would print");
  }

  /** All that is painted, light or dark. */
  static Artwork silhouette(List<PaintedShape> shapes, double widthMm, double heightMm) {
    return ink(shapes, widthMm, heightMm, Optional.empty());
  }

  /** All that is painted but what is painted in the colour of the bare sheet. */
  static Artwork ink(
      List<PaintedShape> shapes, double widthMm, double heightMm, Optional<Colour> bare) {
    Optional<Lab> sheet = bare.map(Colour::lab);
    return of(
        parts(shapes, ink -> sheet.isEmpty() || !Background.isLike(ink.colour(), sheet.get())),
        widthMm,
        heightMm,
        "has nothing painted on it");
  }

  private static Artwork of(List<Part> parts, double widthMm, double heightMm, String empty) {
    refuseTangles(parts);
    Rectangle2D.Double sheet = new Rectangle2D.Double(0, 0, widthMm, heightMm);
    List<Area> areas = new ArrayList<>();
    for (List<Part> cluster : clusters(parts)) {
      Area area = new Area();
      for (Part part : cluster) {
        Area own = new Area(part.shape());
        if (part.opens()) {
          area.add(own);
        } else {
          area.subtract(own);
        }
      }
      if (!sheet.contains(area.getBounds2D())) {
        area.intersect(new Area(sheet));
      }
      if (!area.isEmpty()) {
        areas.add(area);
      }
    }
    if (areas.isEmpty()) {
      throw new RefusedInput(
          FIELD, said("the-page"), given(empty), said("openings-in-black-or-another-dark-colour"));
    }
    return Artwork.of(areas);
  }

  private static List<Part> parts(List<PaintedShape> shapes, Predicate<Ink> opens) {
    List<Part> parts = new ArrayList<>();
    for (PaintedShape s : shapes) {
      s.fill().ifPresent(ink -> add(parts, s.path(), opens.test(ink)));
      s.line().ifPresent(ink -> add(parts, s.pen().createStrokedShape(s.path()), opens.test(ink)));
    }
    return parts;
  }

  private static void add(List<Part> parts, Shape shape, boolean opens) {
    Rectangle2D b = shape.getBounds2D();
    if (b.getWidth() > 0 && b.getHeight() > 0) {
      parts.add(
          new Part(shape, opens, new Envelope(b.getMinX(), b.getMaxX(), b.getMinY(), b.getMaxY())));
    }
  }

  /**
   * Uniting takes time and memory by the number of crossings; a scribble of a bomb has millions.
   */
  private static void refuseTangles(List<Part> parts) {
    HPRtree strokes = new HPRtree();
    List<Envelope> boxes = new ArrayList<>();
    for (Part part : parts) {
      double[] c = new double[6];
      double x = 0;
      double y = 0;
      for (PathIterator it = part.shape().getPathIterator(null); !it.isDone(); it.next()) {
        int kind = it.currentSegment(c);
        int points = kind == PathIterator.SEG_CUBICTO ? 3 : kind == PathIterator.SEG_QUADTO ? 2 : 1;
        if (kind == PathIterator.SEG_CLOSE) {
          continue;
        }
        Envelope box = new Envelope(x, x, y, y);
        for (int i = 0; i < points; i++) {
          box.expandToInclude(c[2 * i], c[2 * i + 1]);
        }
        if (kind != PathIterator.SEG_MOVETO) {
          boxes.add(box);
          strokes.insert(box, box);
        }
        x = c[2 * points - 2];
        y = c[2 * points - 1];
      }
    }
    int[] met = {0};
    for (Envelope box : boxes) {
      strokes.query(
          box,
          other -> {
            if (++met[0] > 2 * MOST_CROSSINGS) {
              throw new RefusedInput(
                  FIELD,
                  said("strokes-that-cross-each-other-over-and-over"),
                  said("cannot-be-told-into-openings"),
                  said("artwork-whose-shapes-are-united-first"));
            }
          });
    }
  }

  /** Parts that may touch, each cluster in the order of painting. */
  private static Iterable<List<Part>> clusters(List<Part> parts) {
    HPRtree tree = new HPRtree();
    for (int i = 0; i < parts.size(); i++) {
      tree.insert(parts.get(i).box(), i);
    }
    int[] leader = new int[parts.size()];
    for (int i = 0; i < leader.length; i++) {
      leader[i] = i;
    }
    for (int i = 0; i < leader.length; i++) {
      int me = i;
      tree.query(parts.get(i).box(), other -> join(leader, me, (Integer) other));
    }
    Map<Integer, List<Part>> clusters = new LinkedHashMap<>();
    for (int i = 0; i < leader.length; i++) {
      clusters.computeIfAbsent(find(leader, i), k -> new ArrayList<>()).add(parts.get(i));
    }
    return clusters.values();
  }

  private static void join(int[] leader, int a, int b) {
    int x = find(leader, a);
    int y = find(leader, b);
    leader[Math.max(x, y)] = Math.min(x, y);
  }

  private static int find(int[] leader, int i) {
    int at = i;
    while (leader[at] != at) {
      leader[at] = leader[leader[at]];
      at = leader[at];
    }
    return at;
  }
}
