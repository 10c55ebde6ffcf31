package craftmap.core.surface.outline;

import craftmap.core.plane.Point;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Outlines of one kind made from those of another. */
public final class OtherShape {
  private OtherShape() {}

  /** An outline of a kind in the box of another: its sizes taken over as far as they go. */
  public static OutlineNote asLargeAs(Outline now, OutlineKind kind) {
    double w = now.widthMm();
    double h = now.heightMm();
    double least = Math.min(w, h);
    Map<String, Double> measures = new HashMap<>();
    List<Point> points = List.of();
    switch (kind) {
      case RECTANGLE, OVAL -> box(measures, w, h);
      case ROUNDED -> box(measures, w, h).put("radius", least / 8);
      case ARCH -> box(measures, w, h).put("rise", least / 4);
      case FRAME -> box(measures, w, h).put("side", least / 6);
      case CIRCLE -> measures.put("diameter", least);
      case TRAPEZIUM -> {
        measures.put("top", w);
        measures.put("bottom", w);
        measures.put("height", h);
      }
      case OUT_OF_SQUARE -> {
        // the rest follows from these until it is taped, so that taping one after the other never
        // passes through a shape that cannot be
        measures.put("top", w);
        measures.put("right", h);
      }
      case POLYGON ->
          points = List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h));
      case SIDES_AND_DIAGONALS -> {
        measures.put("sides", 4.0);
        measures.put("side1", w);
        measures.put("side2", h);
      }
      case CYLINDER -> {
        measures.put("circumference", w);
        measures.put("height", h);
      }
      case CONE -> {
        measures.put("top", w);
        measures.put("bottom", w * 0.8);
        measures.put("slant", h);
      }
      case BULGE -> {
        measures.put("across", least);
        measures.put("radius", least);
      }
    }
    return new OutlineNote(kind, measures, Map.of(), points);
  }

  /**
   * Typical measures of a kind; through no points there is no outline, so a polygon has corners.
   */
  public static OutlineNote typical(OutlineKind kind) {
    OutlineKind measured = kind == OutlineKind.POLYGON ? OutlineKind.SIDES_AND_DIAGONALS : kind;
    return new OutlineNote(measured, Map.of(), Map.of(), List.of()).read().note();
  }

  private static Map<String, Double> box(Map<String, Double> measures, double w, double h) {
    measures.put("width", w);
    measures.put("height", h);
    return measures;
  }
}
