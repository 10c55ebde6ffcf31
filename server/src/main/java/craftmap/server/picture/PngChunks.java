package craftmap.server.picture;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * The chunks of a PNG file. Texts and profiles may be packed a thousand times smaller than they
 * are, and readers unpack them whole; a picture needs none of them.
 */
final class PngChunks {
  private static final int SIGNATURE = 8;
  private static final int FRAME = 12;
  private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "eXIf");

  private PngChunks() {}

  /** The same picture with nothing but what it is drawn from. */
  static byte[] withoutTexts(byte[] png) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(png.length);
    out.write(png, 0, SIGNATURE);
    int at = SIGNATURE;
    while (at + FRAME <= png.length) {
      long length = number(png, at);
      long whole = length + FRAME;
      String name = new String(png, at + 4, 4, StandardCharsets.US_ASCII);
      if (length < 0 || at + whole > png.length) {
        // broken off: whoever decodes it says so
        out.write(png, at, png.length - at);
        break;
      }
      if (NEEDED.contains(name)) {
        out.write(png, at, (int) whole);
      }
      at += (int) whole;
    }
    return out.toByteArray();
  }

  private static long number(byte[] b, int at) {
    return (b[at] & 0xFFL) << 24
        | (b[at + 1] & 0xFF) << 16
        | (b[at + 2] & 0xFF) << 8
        | b[at + 3] & 0xFF;
  }
}
