package craftmap.core.lay.rule.run;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.outline.Edge;
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
public record EdgeLine(Edge edge, double distanceMm, double startInsetMm, double endInsetMm)
    implements LayLine {
  public EdgeLine {
    distanceMm = LengthRange.DISTANCE.check("distance-of-the-line", distanceMm);
    startInsetMm = LengthRange.DISTANCE.check("start-of-the-line", startInsetMm);
    endInsetMm = LengthRange.DISTANCE.check("end-of-the-line", endInsetMm);
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

  /** The same line at another distance. */
  EdgeLine at(double otherMm) {
    return new EdgeLine(edge, otherMm, startInsetMm, endInsetMm);
  }

  /** Turned over left to right: the edges change sides, the ends their ends. */
  EdgeLine mirrored() {
    return switch (edge) {
      case TOP, BOTTOM -> new EdgeLine(edge, distanceMm, endInsetMm, startInsetMm);
      case LEFT -> new EdgeLine(Edge.RIGHT, distanceMm, startInsetMm, endInsetMm);
      case RIGHT -> new EdgeLine(Edge.LEFT, distanceMm, startInsetMm, endInsetMm);
    };
  }
}
