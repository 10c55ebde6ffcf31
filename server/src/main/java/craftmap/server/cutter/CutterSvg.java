package craftmap.server.cutter;

import craftmap.core.cut.cutter.CutterMat;
import craftmap.core.cut.cutter.CutterPath;
import craftmap.core.measure.Decimals;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.stream.Collectors;

/** A mat's lines as SVG: millimetres from its top left corner, in the order they are cut. */
final class CutterSvg {
  private static final int DECIMALS = 3;

  private CutterSvg() {}

  static String of(String title, CutterMat mat, List<CutterPath> paths) {
    return """
        <?xml version="1.0" encoding="UTF-8"?>
        <svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s" fill="none" stroke="#000000" stroke-width="0.1">
        <title>%3$s</title>
        %4$s
        </svg>
        """
        .formatted(
            mm(mat.widthMm()),
            mm(mat.heightMm()),
            text(title),
            paths.stream()
                .map(p -> "<path d=\"" + data(p.points()) + "\"/>")
                .collect(Collectors.joining("\n")));
  }

  /** A closed line. */
  static String data(List<Point> points) {
    return points.stream()
        .limit(points.size() - 1L)
        .map(p -> mm(p.xMm()) + " " + mm(p.yMm()))
        .collect(Collectors.joining("L", "M", "Z"));
  }

  private static String text(String words) {
    return words.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }

  private static String mm(double value) {
    return Decimals.show(value, DECIMALS);
  }
}
