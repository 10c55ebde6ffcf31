package craftmap.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import craftmap.core.measure.RefusedInput;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/** Reads a photo of a kind that cameras and phones make, and writes it anew. */
final class PictureReader {
  static final int MOST_BYTES = 25 * 1024 * 1024;
  static final long MOST_PIXELS = 60_000_000;
  private static final int LONGER_SIDE_PX = 2400;
  private static final int THUMBNAIL_PX = 420;
  private static final float QUALITY = 0.88f;
  private static final String FIELD = "Photo";
  private static final String ACCEPTED =
      "a JPEG, PNG or WebP picture of at most 25 MB and 60 megapixels";

  private PictureReader() {}

  /** The picture as it is kept. */
  record Picture(byte[] jpeg, byte[] thumbnail, int widthPx, int heightPx) {}

  static Picture read(byte[] file) {
    if (file.length == 0) {
      throw new RefusedInput(FIELD, "empty", "has nothing in it", ACCEPTED);
    }
    if (file.length > MOST_BYTES) {
      throw new RefusedInput(FIELD, file.length / 1024 / 1024 + " MB", "is too large", ACCEPTED);
    }
    String format = formatOf(file);
    try {
      BufferedImage decoded = decode(file, format);
      BufferedImage upright = upright(scaled(decoded, LONGER_SIDE_PX), orientation(file));
      return new Picture(
          jpeg(upright),
          jpeg(scaled(upright, THUMBNAIL_PX)),
          upright.getWidth(),
          upright.getHeight());
    } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException broken) {
      if (broken instanceof RefusedInput refused) {
        throw refused;
      }
      throw new RefusedInput(FIELD, format, "is broken and cannot be read", ACCEPTED);
    }
  }

  /** What the content says it is, whatever the name says. */
  private static String formatOf(byte[] f) {
    if (starts(f, 0, 0xFF, 0xD8, 0xFF)) {
      return "JPEG";
    }
    if (starts(f, 0, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A)) {
      return "PNG";
    }
    if (starts(f, 0, 'R', 'I', 'F', 'F') && starts(f, 8, 'W', 'E', 'B', 'P')) {
      return "WebP";
    }
    throw new RefusedInput(
        FIELD, "the file", "is no picture of a kind that is read here", ACCEPTED);
  }

  private static boolean starts(byte[] file, int at, int... bytes) {
    if (file.length < at + bytes.length) {
      return false;
    }
    for (int i = 0; i < bytes.length; i++) {
      if ((file[at + i] & 0xFF) != bytes[i]) {
        return false;
      }
    }
    return true;
  }

  private static BufferedImage decode(byte[] file, String format) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers =
          ImageIO.getImageReadersByFormatName(format.toLowerCase(java.util.Locale.ENGLISH));
      if (!readers.hasNext()) {
        throw new IllegalStateException("impossible state: no reader for " + format);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
          throw new RefusedInput(
              FIELD, pixels / 1_000_000 + " megapixels", "is too large", ACCEPTED);
        }
        return reader.read(0);
      } finally {
        reader.dispose();
      }
    }
  }

  private static int orientation(byte[] file) {
    try {
      Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
      ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
      return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
          ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
          : 1;
    } catch (ImageProcessingException | MetadataException | IOException none) {
      return 1; // the picture itself was read; it is then taken as it lies
    }
  }

  private static BufferedImage scaled(BufferedImage image, int longerSide) {
    double k = Math.min(1, (double) longerSide / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * k));
    int height = Math.max(1, (int) Math.round(image.getHeight() * k));
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, width, height);
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  /** Turned and mirrored as the camera was held: the eight cases of the EXIF standard. */
  static BufferedImage upright(BufferedImage image, int orientation) {
    int w = image.getWidth();
    int h = image.getHeight();
    AffineTransform t =
        switch (orientation) {
          case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
          case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
          case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
          case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
          case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
          case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
          case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
          default -> null;
        };
    if (t == null) {
      return image;
    }
    boolean sideways = orientation >= 5;
    BufferedImage out =
        new BufferedImage(sideways ? h : w, sideways ? w : h, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.drawImage(image, t, null);
    g.dispose();
    return out;
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
