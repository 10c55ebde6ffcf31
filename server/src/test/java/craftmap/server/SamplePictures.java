package craftmap.server;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Small pictures made for the tests. */
final class SamplePictures {
  private SamplePictures() {}

  static byte[] png(int width, int height) {
    return write(image(width, height), "png");
  }

  /** One white pixel. */
  static byte[] webp() {
    return Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
  }

  /** A picture held on its side: red on its left, blue on its right, with a place in its EXIF. */
  static byte[] jpegTakenSideways(int width, int height) {
    byte[] plain = write(image(width, height), "jpeg");
    byte[] place = "Saltmarsh quay\0".getBytes(StandardCharsets.US_ASCII);
    ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 2 * 12 + 4 + place.length);
    tiff.put((byte) 'M').put((byte) 'M').putShort((short) 42).putInt(8);
    tiff.putShort((short) 2);
    // image description, then orientation 6: the right side was up
    tiff.putShort((short) 0x010E).putShort((short) 2).putInt(place.length).putInt(38);
    tiff.putShort((short) 0x0112)
        .putShort((short) 3)
        .putInt(1)
        .putShort((short) 6)
        .putShort((short) 0);
    tiff.putInt(0).put(place);
    byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
    int length = 2 + head.length + tiff.capacity();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, 2);
    out.write(0xFF);
    out.write(0xE1);
    out.write(length >> 8);
    out.write(length);
    out.writeBytes(head);
    out.writeBytes(tiff.array());
    out.write(plain, 2, plain.length - 2);
    return out.toByteArray();
  }

  /** A PNG whose head says that it is larger than any camera's. */
  static byte[] pngClaiming(int width, int height) {
    byte[] file = png(4, 4);
    ByteBuffer.wrap(file).putInt(16, width).putInt(20, height);
    CRC32 crc = new CRC32();
    crc.update(file, 12, 17);
    ByteBuffer.wrap(file).putInt(29, (int) crc.getValue());
    return file;
  }

  private static BufferedImage image(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height);
    g.setColor(Color.BLUE);
    g.fillRect(width / 2, 0, width, height);
    g.dispose();
    return image;
  }

  private static byte[] write(BufferedImage image, String format) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, format, out);
      return out.toByteArray();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
