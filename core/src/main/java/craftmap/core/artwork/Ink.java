package craftmap.core.artwork;

import craftmap.core.colour.Colour;

/**
 * A colour that covers, or lets some of what is under it through.
 *
 * @param opacity above 0, up to 1
 */
public record Ink(Colour colour, double opacity) {
  /** Paper white and near it: on a stencil's drawing this is sheet, not opening. */
  private static final double LIGHT = 0.8;

  public Ink {
    if (!(opacity > 0) || !(opacity <= 1)) {
      throw new IllegalArgumentException("an ink has an opacity above 0 and up to 1: " + opacity);
    }
  }

  boolean isLight() {
    return colour.luminance() > LIGHT;
  }

  int argb() {
    return (int) Math.round(opacity * 255) << 24 | Integer.parseInt(colour.hex().substring(1), 16);
  }
}
