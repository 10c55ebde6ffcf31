package craftmap.core.lettering;

/** The styles of letters that ship, each with its own font under an open licence. */
public enum LetterStyle {
  OLD_ROMAN,
  SCRIPT,
  BLOCK,
  TYPEWRITER,
  STENCIL,
  BLACKLETTER,
  SLENDER;

  Letterforms letterforms() {
    return Letterforms.of(this);
  }

  String file() {
    return name().toLowerCase(java.util.Locale.ENGLISH).replace('_', '-') + ".ttf";
  }
}
