package craftmap.core.lettering;

import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.GlyphData;
import org.apache.fontbox.ttf.KerningSubtable;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The curves of one font's letters, read once; sizes are shares of the height of a capital H. */
final class Letterforms {
  private static final Map<LetterStyle, Letterforms> READ = new EnumMap<>(LetterStyle.class);

  /**
   * One letter with its foot at 0, 0.
   *
   * @param curves y down, in capital heights
   * @param advance to where the next letter begins
   */
  record Letter(GeneralPath curves, double advance) {}

  private final TrueTypeFont font;
  private final CmapLookup signs;
  private final KerningSubtable kerning;
  private final double capital;
  private final Map<Integer, Letter> letters = new HashMap<>();

  private Letterforms(TrueTypeFont font) throws IOException {
    this.font = font;
    this.signs = font.getUnicodeCmapLookup();
    this.kerning =
        font.getKerning() == null ? null : font.getKerning().getHorizontalKerningSubtable();
    GlyphData h = font.getGlyph().getGlyph(signs.getGlyphId('H'));
    this.capital = h.getBoundingBox().getUpperRightY();
  }

  static Letterforms of(LetterStyle style) {
    synchronized (READ) {
      return READ.computeIfAbsent(style, Letterforms::read);
    }
  }

  private static Letterforms read(LetterStyle style) {
    String name = "/craftmap/letters/" + style.file();
    try (InputStream in = Letterforms.class.getResourceAsStream(name)) {
      return new Letterforms(new TTFParser().parse(new RandomAccessReadBuffer(in)));
    } catch (IOException e) {
      throw new UncheckedIOException("impossible state: no letters in " + name, e);
    }
  }

  /** True where the font has a sign for it. */
  boolean has(int codePoint) {
    return codePoint == ' ' || signs.getGlyphId(codePoint) != 0;
  }

  /** The font's file is read in turns: it keeps its place while it reads. */
  synchronized Letter letter(int codePoint) {
    return letters.computeIfAbsent(codePoint, this::readLetter);
  }

  /** By how much two letters stand nearer to each other, in capital heights; mostly below 0. */
  synchronized double kerning(int left, int right) {
    return kerning == null
        ? 0
        : kerning.getKerning(signs.getGlyphId(left), signs.getGlyphId(right)) / capital;
  }

  private Letter readLetter(int codePoint) {
    try {
      int glyph = signs.getGlyphId(codePoint);
      GlyphData data = font.getGlyph().getGlyph(glyph);
      GeneralPath curves = data == null ? new GeneralPath() : (GeneralPath) data.getPath().clone();
      curves.transform(java.awt.geom.AffineTransform.getScaleInstance(1 / capital, -1 / capital));
      return new Letter(curves, font.getAdvanceWidth(glyph) / capital);
    } catch (IOException e) {
      throw new UncheckedIOException("impossible state: a letter that cannot be read", e);
    }
  }
}
