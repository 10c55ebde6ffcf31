package craftmap.core.lay;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Outline;

/**
 * A line along an edge of a face.
 *
 * @param edge the edge it follows; the tape lies along it too
 * @param distanceMm from the edge to the line, on which the motifs' middles sit
 * @param startInsetMm how far after the edge's start the line begins
 * @param endInsetMm how far before the edge's end it stops
 */
public record RunLine(Edge edge, double distanceMm, double startInsetMm, double endInsetMm) {
  public RunLine {
    distanceMm = LengthRange.DISTANCE.check("Distance of the line", distanceMm);
    startInsetMm = LengthRange.DISTANCE.check("Start of the line", startInsetMm);
    endInsetMm = LengthRange.DISTANCE.check("End of the line", endInsetMm);
  }

  /**
   * The line's length on a face.
   *
   * @throws RefusedInput when its two ends have passed each other
   */
  public double lengthOn(Outline outline) {
    double edgeMm = outline.edgeLengthMm(edge);
    double length = edgeMm - startInsetMm - endInsetMm;
    if (!Tolerance.EXACT.greater(length, 0)) {
      throw new RefusedInput(
          "Ends of the line",
          LengthRange.DISTANCE.check("Ends of the line", startInsetMm + endInsetMm) + " mm",
          "leave nothing of the edge",
          "ends that together take less than " + edgeMm + " mm");
    }
    return length;
  }

  /** How far a face reaches from the edge to the one across. */
  public double reachOn(Outline outline) {
    return edge.isLevel() ? outline.heightMm() : outline.widthMm();
  }
}
