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
import java.util.zip.Deflater;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Small pictures made for the tests. */
public final class SamplePictures {
  private SamplePictures() {}

  public static byte[] png(int width, int height) {
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

  /** A PNG with a packed text of so many megabytes of nothing. */
  static byte[] pngWithPackedText(int width, int height, int megabytes) {
    byte[] plain = png(width, height);
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    packed.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
    packed.writeBytes(packedZeros(megabytes));
    int afterHead = 33;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, afterHead);
    CRC32 crc = new CRC32();
    byte[] name = "zTXt".getBytes(StandardCharsets.US_ASCII);
    crc.update(name);
    crc.update(packed.toByteArray());
    out.writeBytes(ByteBuffer.allocate(4).putInt(packed.size()).array());
    out.writeBytes(name);
    out.writeBytes(packed.toByteArray());
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
    out.write(plain, afterHead, plain.length - afterHead);
    return out.toByteArray();
  }

  /**
   * So many megabytes of zeros as a zlib stream (RFC 1950, RFC 1951). Each megabyte after the first
   * is packed as the one before it: two are packed, the second of them is repeated.
   */
  static byte[] packedZeros(int megabytes) {
    byte[] zeros = new byte[1024 * 1024];
    byte[] room = new byte[8192];
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Deflater deflater = new Deflater();
    deflater.setInput(zeros);
    out.write(room, 0, deflater.deflate(room, 0, room.length, Deflater.SYNC_FLUSH));
    deflater.setInput(zeros);
    int again = deflater.deflate(room, 0, room.length, Deflater.SYNC_FLUSH);
    deflater.end();
    for (int i = 1; i < megabytes; i++) {
      out.write(room, 0, again);
    }
    // the last block is an empty one; of n zeros Adler-32 is n, above a one
    out.writeBytes(new byte[] {3, 0});
    long adler = (long) megabytes * zeros.length % 65_521 << 16 | 1;
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) adler).array());
    return out.toByteArray();
  }

  /** A small progressive JPEG whose frame says that it is far larger. */
  static byte[] progressiveJpegClaiming(int width, int height) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
      writer.setOutput(to);
      writer.write(null, new IIOImage(image(16, 16), null, null), param);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    } finally {
      writer.dispose();
    }
    byte[] file = out.toByteArray();
    for (int i = 2; i < file.length - 9; i++) {
      if ((file[i] & 0xFF) == 0xFF && (file[i + 1] & 0xFF) == 0xC2) {
        ByteBuffer.wrap(file).putShort(i + 5, (short) height).putShort(i + 7, (short) width);
        return file;
      }
    }
    throw new IllegalStateException("impossible state: no progressive frame");
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
