package craftmap.server.cutter;

import java.util.ArrayList;
import java.util.List;

/**
 * What the blade does with the lines of a file, after they were checked as a careful machine checks
 * them: nothing off the mat, every line closed, none without length.
 */
record BladeRun(double seconds, int lifts, double cutMm, double travelMm, List<Stroke> strokes) {
  /** As plotters count. */
  private static final double STEPS_PER_MM = 40;

  private static final double CUT_MM_PER_S = 60;
  private static final double TRAVEL_MM_PER_S = 250;

  /** To raise the blade or to lower it. */
  private static final double LIFT_S = 0.06;

  record Stroke(double fromSeconds, double untilSeconds, List<PlotterReader.Step> steps) {}

  static BladeRun of(List<List<PlotterReader.Step>> lines, double widthMm, double lengthMm)
      throws Refusal {
    if (lines.isEmpty()) {
      throw new Refusal(Refusal.Code.NOTHING);
    }
    for (int i = 0; i < lines.size(); i++) {
      check(i + 1, lines.get(i), widthMm, lengthMm);
    }
    PlotterReader.Step at = new PlotterReader.Step(0, 0);
    double time = 0;
    double cut = 0;
    double travel = 0;
    List<Stroke> strokes = new ArrayList<>();
    for (List<PlotterReader.Step> line : lines) {
      double there = mm(at, line.getFirst());
      travel += there;
      time += there / TRAVEL_MM_PER_S + LIFT_S;
      double length = length(line);
      cut += length;
      strokes.add(new Stroke(time, time + length / CUT_MM_PER_S, line));
      time += length / CUT_MM_PER_S + LIFT_S;
      at = line.getLast();
    }
    double home = mm(at, new PlotterReader.Step(0, 0));
    return new BladeRun(
        time + home / TRAVEL_MM_PER_S, lines.size(), cut, travel + home, List.copyOf(strokes));
  }

  static double mm(long steps) {
    return steps / STEPS_PER_MM;
  }

  private static void check(
      int number, List<PlotterReader.Step> line, double widthMm, double lengthMm) throws Refusal {
    double beyond = 0;
    for (PlotterReader.Step s : line) {
      beyond = Math.max(beyond, Math.max(-mm(s.x()), mm(s.x()) - widthMm));
      beyond = Math.max(beyond, Math.max(-mm(s.y()), mm(s.y()) - lengthMm));
    }
    if (beyond > 0) {
      throw new Refusal(Refusal.Code.OFF_MAT, "" + number, "" + beyond);
    }
    if (length(line) == 0) {
      throw new Refusal(Refusal.Code.NO_LENGTH, "" + number);
    }
    double open = mm(line.getFirst(), line.getLast());
    if (open > 0) {
      throw new Refusal(Refusal.Code.OPEN, "" + number, "" + open);
    }
  }

  private static double length(List<PlotterReader.Step> line) {
    double length = 0;
    for (int i = 1; i < line.size(); i++) {
      length += mm(line.get(i - 1), line.get(i));
    }
    return length;
  }

  private static double mm(PlotterReader.Step a, PlotterReader.Step b) {
    return Math.hypot(a.x() - b.x(), a.y() - b.y()) / STEPS_PER_MM;
  }
}
