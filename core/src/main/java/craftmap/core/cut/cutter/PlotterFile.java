package craftmap.core.cut.cutter;

import craftmap.core.plane.Point;
import java.util.List;

/**
 * Paths as a plotter reads them (HPGL): whole steps of a fortieth of a millimetre from the mat's
 * bottom left corner, y up. The pen is up between paths.
 */
public final class PlotterFile {
  public static final double STEPS_PER_MM = 40;

  private PlotterFile() {}

  public static String of(CutterMat mat, List<CutterPath> paths) {
    StringBuilder out = new StringBuilder("IN;PA;SP1;\n");
    for (CutterPath path : paths) {
      String start = step(mat, path.start());
      StringBuilder line = new StringBuilder();
      String before = start;
      for (Point p : path.points()) {
        String step = step(mat, p);
        if (!step.equals(before)) {
          line.append(line.isEmpty() ? "" : ",").append(step);
          before = step;
        }
      }
      // what is smaller than a step cannot be cut
      if (!line.isEmpty()) {
        out.append("PU").append(start).append(";PD").append(line).append(";\n");
      }
    }
    return out.append("PU0,0;SP0;\n").toString();
  }

  private static String step(CutterMat mat, Point p) {
    return Math.round(p.xMm() * STEPS_PER_MM)
        + ","
        + Math.round((mat.heightMm() - p.yMm()) * STEPS_PER_MM);
  }
}
