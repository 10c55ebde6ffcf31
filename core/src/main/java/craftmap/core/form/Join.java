package craftmap.core.form;

import craftmap.core.surface.outline.Side;

/**
 * Two sides that meet on the piece.
 *
 * @param gapMm between them, as between two drawers; nothing where they touch
 */
public record Join(String faceA, Side.Name sideA, String faceB, Side.Name sideB, double gapMm) {
  static Join of(String faceA, Side.Name sideA, String faceB, Side.Name sideB) {
    return new Join(faceA, sideA, faceB, sideB, 0);
  }
}
