package craftmap.server.picture;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import craftmap.core.measure.Figure;
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
import java.util.Locale;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads the file of a picture of a kind that cameras, phones and scanners make. Its kind is told by
 * its content; its size is looked at before anything is decoded; a large one is decoded coarsely,
 * so that no file takes more memory than a picture of twice the size that is kept.
 */
public final class PictureFile {
  public static final int MOST_BYTES = 25 * 1024 * 1024;
  private static final long MOST_PIXELS = 60_000_000;

  /** WebP is decoded whole before it can be made smaller. */
  private static final long MOST_WEBP_PIXELS = 24_000_000;

  /** A progressive JPEG is held whole, six bytes for each pixel, until its last scan is read. */
  private static final long MOST_PROGRESSIVE_PIXELS = 24_000_000;

  /** One picture is decoded at a time: four large ones at once would take four times the memory. */
  private static final Semaphore ONE_AT_A_TIME = new Semaphore(1);

  private static final int LONGEST_SIDE = 30_000;
  private static final Figure ACCEPTED = said("a-jpeg-png-or-webp-picture-of-at-most");

  private PictureFile() {}

  /**
   * The picture upright, its longer side at most that many pixels.
   *
   * @param field what to call it when it is refused
   */
  public static BufferedImage read(Figure field, byte[] file, int longerSidePx) {
    if (file.length == 0) {
      throw new RefusedInput(field, said("empty"), said("has-nothing-in-it"), ACCEPTED);
    }
    if (file.length > MOST_BYTES) {
      throw new RefusedInput(
          field, said("mb", given(file.length / 1024 / 1024)), said("is-too-large"), ACCEPTED);
    }
    String format = formatOf(field, file);
    byte[] plain = format.equals("PNG") ? PngChunks.withoutTexts(file) : file;
    ONE_AT_A_TIME.acquireUninterruptibly();
    try {
      BufferedImage decoded = decode(field, plain, format, longerSidePx);
      return upright(scaled(decoded, longerSidePx), orientation(plain));
    } catch (RefusedInput refused) {
      throw refused;
    } catch (IOException | RuntimeException broken) {
      throw new RefusedInput(field, given(format), said("is-broken-and-cannot-be-read"), ACCEPTED);
    } finally {
      ONE_AT_A_TIME.release();
    }
  }

  /** Whether its frame says that it is sent in scans that grow sharper one by one. */
  private static boolean isProgressive(byte[] jpeg) {
    int at = 2;
    while (at + 4 < jpeg.length && (jpeg[at] & 0xFF) == 0xFF) {
      int marker = jpeg[at + 1] & 0xFF;
      if (marker == 0xC2 || marker == 0xC6 || marker == 0xCA || marker == 0xCE) {
        return true;
      }
      boolean startOfScan = marker == 0xDA;
      boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8;
      if (startOfScan || frame && marker != 0xCC) {
        return false;
      }
      boolean bare = marker == 0xFF || marker == 0x01 || marker >= 0xD0 && marker <= 0xD8;
      int length = (jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF;
      at += bare ? (marker == 0xFF ? 1 : 2) : 2 + length;
    }
    return false;
  }

  /** What the content says it is, whatever the name says. */
  private static String formatOf(Figure field, byte[] f) {
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
        field, said("the-file"), said("is-no-picture-of-a-kind-that-is-read"), ACCEPTED);
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

  private static BufferedImage decode(Figure field, byte[] file, String format, int longerSidePx)
      throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers =
          ImageIO.getImageReadersByFormatName(format.toLowerCase(Locale.ENGLISH));
      if (!readers.hasNext()) {
        throw new IllegalStateException("impossible state: no reader for " + format);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        int longer = Math.max(reader.getWidth(0), reader.getHeight(0));
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        long most =
            format.equals("WebP")
                ? MOST_WEBP_PIXELS
                : format.equals("JPEG") && isProgressive(file)
                    ? MOST_PROGRESSIVE_PIXELS
                    : MOST_PIXELS;
        if (pixels > most || longer > LONGEST_SIDE) {
          throw new RefusedInput(
              field,
              said("pixels", given(reader.getWidth(0)), given(reader.getHeight(0))),
              said("is-too-large"),
              ACCEPTED);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int step = Math.max(1, longer / (2 * longerSidePx));
        param.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, param);
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

  /** Scaled down, or as it is where it is small already; what was clear stays clear. */
  public static BufferedImage scaled(BufferedImage image, int longerSide) {
    double k = Math.min(1, (double) longerSide / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * k));
    int height = Math.max(1, (int) Math.round(image.getHeight() * k));
    boolean clear = image.getColorModel().hasAlpha();
    BufferedImage out =
        new BufferedImage(
            width, height, clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  /** On white, where something was clear. */
  public static BufferedImage onWhite(BufferedImage image) {
    if (!image.getColorModel().hasAlpha()) {
      return image;
    }
    BufferedImage out =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, out.getWidth(), out.getHeight());
    g.drawImage(image, 0, 0, null);
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
    BufferedImage out = new BufferedImage(sideways ? h : w, sideways ? w : h, image.getType());
    Graphics2D g = out.createGraphics();
    g.drawImage(image, t, null);
    g.dispose();
    return out;
  }

  /** As PNG, which keeps what is clear. */
  public static byte[] png(BufferedImage image) {
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", bytes);
      return bytes.toByteArray();
    } catch (IOException impossible) {
      throw new java.io.UncheckedIOException(impossible);
    }
  }

  public static byte[] jpeg(BufferedImage image, float quality) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(quality);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), param);
    } catch (IOException impossible) {
      throw new java.io.UncheckedIOException(impossible);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
