package craftmap.server.artwork;

import static craftmap.core.measure.Figure.said;

import craftmap.core.artwork.Drawing;
import craftmap.core.artwork.Pixels;
import craftmap.core.artwork.PrintedInk;
import craftmap.core.artwork.SvgReader;
import craftmap.core.colour.Colour;
import craftmap.server.picture.PictureFile;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** A drawing or a picture at its size. Its content never changes, so it is read but once. */
public final class StoredArtwork {
  private static final int LOOKED_AT_PX = 900;
  private static final int COLOURS_PX = 400;
  private static final int PRINTED_PX = 2400;

  private final String id;
  private final ArtworkForm form;
  private final byte[] content;
  private final String mediaType;
  private final double widthMm;
  private final double heightMm;
  private final boolean trueSize;
  private volatile Drawing drawing;

  StoredArtwork(
      String id,
      ArtworkForm form,
      byte[] content,
      String mediaType,
      double widthMm,
      double heightMm,
      boolean trueSize) {
    this.id = id;
    this.form = form;
    this.content = content;
    this.mediaType = mediaType;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.trueSize = trueSize;
  }

  public String id() {
    return id;
  }

  public ArtworkForm form() {
    return form;
  }

  public byte[] content() {
    return content;
  }

  public String mediaType() {
    return mediaType;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  /** False until one measure of it is known. */
  public boolean trueSize() {
    return trueSize;
  }

  /** The drawing; only SVG is one. */
  public Drawing drawing() {
    if (form != ArtworkForm.SVG) {
      throw new IllegalStateException("impossible state: a picture is no drawing");
    }
    Drawing known = drawing;
    if (known == null) {
      known = SvgReader.read(new String(content, StandardCharsets.UTF_8));
      drawing = known;
    }
    return known;
  }

  /** What it looks like. */
  public Pixels pixels() {
    return form == ArtworkForm.SVG ? drawing().pixels(LOOKED_AT_PX) : pixelsOf(picture());
  }

  /** Coarsely what it looks like, as much as tells its colours. */
  public Pixels colours() {
    return form == ArtworkForm.SVG ? drawing().pixels(COLOURS_PX) : pixels();
  }

  /**
   * What is printed on a clear carrier.
   *
   * @param bare the colour of the carrier; a drawing is clear where nothing is painted, of a
   *     picture it is the colour that most of the rim has
   */
  public PrintedInk ink(Optional<Colour> bare) {
    return form == ArtworkForm.SVG
        ? PrintedInk.of(id, this::drawing, bare)
        : PrintedInk.of(id, this::pixels, widthMm, heightMm, bare);
  }

  /** For printing: as fine as it is kept, a drawing as fine as pages show. */
  public Pixels finePixels() {
    if (form == ArtworkForm.SVG) {
      return drawing().pixels(PRINTED_PX);
    }
    BufferedImage image = picture();
    int w = image.getWidth();
    int h = image.getHeight();
    return new Pixels(w, h, image.getRGB(0, 0, w, h, null, 0, w));
  }

  BufferedImage picture() {
    return PictureFile.read(said("artwork"), content, Artworks.LONGER_SIDE_PX);
  }

  private static Pixels pixelsOf(BufferedImage image) {
    BufferedImage small = PictureFile.scaled(image, LOOKED_AT_PX);
    int w = small.getWidth();
    int h = small.getHeight();
    return new Pixels(w, h, small.getRGB(0, 0, w, h, null, 0, w));
  }
}
