package craftmap.core.lay;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.Edge;
import craftmap.core.surface.outline.Outline;
import java.util.Optional;

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
   * The stretch of the face it can use, its own ends not taken off yet; none where there is none.
   */
  public Optional<Span> spanOn(Outline outline, double tallMm) {
    return Span.on(outline, edge, distanceMm, tallMm);
  }

  /** True where something is left of the line between its ends. */
  public boolean isLeftOn(Outline outline, double tallMm) {
    double span = spanOn(outline, tallMm).map(Span::lengthMm).orElse(0.0);
    return Tolerance.EXACT.greater(span, startInsetMm + endInsetMm);
  }

  /** How far a face reaches from the edge to the one across. */
  public double reachOn(Outline outline) {
    return edge.isLevel() ? outline.heightMm() : outline.widthMm();
  }
}
