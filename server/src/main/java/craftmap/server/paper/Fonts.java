package craftmap.server.paper;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.core.io.ClassPathResource;

/** The shipped fonts, embedded in a document; what they cannot write becomes a question mark. */
public record Fonts(PDFont text, PDFont strong, PDFont heading) {
  public static Fonts into(PDDocument document) throws IOException {
    return new Fonts(
        load(document, "InstrumentSans-Regular.ttf"),
        load(document, "InstrumentSans-SemiBold.ttf"),
        load(document, "Fraunces-SemiBold.ttf"));
  }

  private static PDFont load(PDDocument document, String name) throws IOException {
    try (InputStream in = new ClassPathResource("fonts/" + name).getInputStream()) {
      return PDType0Font.load(document, in, true);
    }
  }

  /** The text with everything replaced that the font has no sign for. */
  public static String writable(PDFont font, String text) {
    StringBuilder out = new StringBuilder();
    text.replace('²', '2') // not among the signs of the shipped fonts
        .codePoints()
        .forEach(
            c -> {
              String sign = Character.toString(c);
              try {
                font.encode(sign);
                out.append(sign);
              } catch (IOException | IllegalArgumentException noSuchSign) {
                out.append('?');
              }
            });
    return out.toString();
  }
}
