package craftmap.core.colour;

/** What people call a colour when they look for something on a shelf. */
public enum ColourFamily {
  WHITE,
  GREY,
  BLACK,
  RED,
  ORANGE,
  BROWN,
  YELLOW,
  GREEN,
  TEAL,
  BLUE,
  PURPLE,
  PINK;

  /**
   * The family of a colour. Little chroma makes it white, grey or black by lightness; near-whites
   * with a tint are still white. Otherwise the hue decides, and dark oranges are brown, light reds
   * pink.
   */
  public static ColourFamily of(Colour colour) {
    Lab lab = colour.lab();
    double light = lab.lightness();
    double chroma = lab.chroma();
    if (light > 88 && chroma < 16) {
      return WHITE;
    }
    if (light < 16 && chroma < 22) {
      return BLACK;
    }
    if (chroma < 9) {
      return light > 85 ? WHITE : light < 22 ? BLACK : GREY;
    }
    double hue = lab.hueDeg();
    if (hue < 15 || hue >= 335) {
      return light > 60 ? PINK : RED;
    }
    if (hue < 48) {
      return light > 70 ? PINK : light < 38 && chroma < 40 ? BROWN : RED;
    }
    if (hue < 78) {
      return light < 55 || chroma < 30 ? BROWN : ORANGE;
    }
    if (hue < 105) {
      return light < 50 ? BROWN : YELLOW;
    }
    if (hue < 165) {
      return GREEN;
    }
    if (hue < 235) {
      return TEAL;
    }
    return hue < 295 ? BLUE : PURPLE;
  }
}
