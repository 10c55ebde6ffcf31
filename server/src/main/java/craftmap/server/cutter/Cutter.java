package craftmap.server.cutter;

import craftmap.core.plane.Point;
import craftmap.server.jobs.JobWorker;
import java.util.List;

/** A cutter with a blade. */
interface Cutter {
  /** What is switched on, and the mat that is loaded. */
  State state();

  /**
   * Sends a plotter file.
   *
   * @throws craftmap.core.measure.RefusedInput where the cutter does not take it
   */
  Run cut(String plotterFile, JobWorker.Progress progress);

  record State(String name, double matWidthMm, double matLengthMm) {}

  /**
   * How a cut went.
   *
   * @param lifts how often the blade was raised
   * @param travelMm with the blade raised
   */
  record Run(double seconds, int lifts, double cutMm, double travelMm, List<Stroke> strokes) {}

  /**
   * One line with the blade down.
   *
   * @param points mm from the mat's bottom left corner, y up
   */
  record Stroke(double fromSeconds, double untilSeconds, List<Point> points) {}
}
