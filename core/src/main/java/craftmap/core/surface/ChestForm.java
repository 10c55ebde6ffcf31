package craftmap.core.surface;

import craftmap.core.measure.LengthRange;
import java.util.List;

/**
 * A chest with a flat lid: front in the middle of the net, the lid folded up from its top edge, the
 * sides folded out to left and right.
 */
public record ChestForm(double widthMm, double heightMm, double depthMm) implements Form {
  /** Clear paper between faces on the net, so that each keeps its own edge to the eye. */
  static final double NET_GAP_MM = 24;

  public ChestForm {
    widthMm = LengthRange.SIZE.check("Width", widthMm);
    heightMm = LengthRange.SIZE.check("Height", heightMm);
    depthMm = LengthRange.SIZE.check("Depth", depthMm);
  }

  @Override
  public List<FormFace> faces() {
    double frontLeft = depthMm + NET_GAP_MM;
    double frontTop = depthMm + NET_GAP_MM;
    return List.of(
        face("front", "Front", widthMm, heightMm, frontLeft, frontTop),
        face("lid", "Lid", widthMm, depthMm, frontLeft, 0),
        face("left", "Left", depthMm, heightMm, 0, frontTop),
        face("right", "Right", depthMm, heightMm, frontLeft + widthMm + NET_GAP_MM, frontTop));
  }

  private static FormFace face(
      String id, String name, double width, double height, double left, double top) {
    return new FormFace(
        id, name, new RectangleOutline(width, height), new Box(left, top, width, height));
  }
}
