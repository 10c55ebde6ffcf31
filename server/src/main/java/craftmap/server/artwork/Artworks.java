package craftmap.server.artwork;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.artwork.Drawing;
import craftmap.core.artwork.SvgReader;
import craftmap.core.measure.Figure;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.server.picture.PictureFile;
import craftmap.server.writing.Guarded;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads artwork from files and keeps it. */
@Service
@Transactional(readOnly = true)
public class Artworks {
  static final int LONGER_SIDE_PX = 1600;
  private static final float QUALITY = 0.9f;
  private static final Figure FIELD = said("artwork");

  /** A pixel of a screen, until a measure is known: 96 to the inch. */
  private static final double NOMINAL_MM_PER_PX = 25.4 / 96;

  private static final double LEAST_CROP = 0.01;

  private final ArtworkRows rows;
  private final Clock clock;

  Artworks(ArtworkRows rows, Clock clock) {
    this.rows = rows;
    this.clock = clock;
  }

  public StoredArtwork get(String studioId, String id) {
    return find(studioId, id)
        .orElseThrow(() -> new NoSuchElementException("There is no artwork " + id + "."));
  }

  public Optional<StoredArtwork> find(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id).map(ArtworkRow::toArtwork);
  }

  /** Reads a file and keeps what it shows. */
  @Guarded
  public StoredArtwork add(String studioId, byte[] file) {
    return keep(studioId, read(file));
  }

  /** Brings artwork to its true size, as another one: the first stays as it is. */
  @Guarded
  public StoredArtwork fit(String studioId, String id, Fitting fitting) {
    return keep(studioId, fitted(studioId, id, fitting));
  }

  /** The same without keeping it yet. */
  StoredArtwork fitted(String studioId, String id, Fitting fitting) {
    StoredArtwork from = get(studioId, id);
    double factor = Optional.ofNullable(fitting.known()).map(k -> factor(from, k)).orElse(1.0);
    boolean known = from.trueSize() || fitting.known() != null;
    Optional<Box> crop = Optional.ofNullable(fitting.crop()).map(Artworks::checked);
    return from.form() == ArtworkForm.SVG
        ? fitted(from, factor, known, crop)
        : fittedPicture(from, factor, known, crop);
  }

  private static double factor(StoredArtwork from, Fitting.Known known) {
    double length = LengthRange.SIZE.check("known-length", known.lengthMm());
    double dx = (known.toX() - known.fromX()) * from.widthMm();
    double dy = (known.toY() - known.fromY()) * from.heightMm();
    double now = Math.hypot(dx, dy);
    if (!(now > LEAST_CROP * Math.min(from.widthMm(), from.heightMm()))) {
      throw new RefusedInput(
          "known-length",
          said("its-two-ends"),
          said("are-the-same-place"),
          said("two-places-that-are-apart"));
    }
    return length / now;
  }

  private static Box checked(Fitting.Crop c) {
    boolean within =
        c.left() >= 0
            && c.top() >= 0
            && c.width() >= LEAST_CROP
            && c.height() >= LEAST_CROP
            && c.left() + c.width() <= 1 + 1e-9
            && c.top() + c.height() <= 1 + 1e-9;
    if (!within) {
      throw new RefusedInput(
          "crop", said("the-box"), said("is-not-within-the-picture"), said("a-box-within-it"));
    }
    return new Box(c.left(), c.top(), c.width(), c.height());
  }

  private static StoredArtwork fitted(
      StoredArtwork from, double factor, boolean known, Optional<Box> crop) {
    Drawing scaled = factor == 1 ? from.drawing() : from.drawing().scaledBy(factor);
    Drawing fitted =
        crop.map(
                c ->
                    scaled.cropped(
                        new Box(
                            c.leftMm() * scaled.widthMm(),
                            c.topMm() * scaled.heightMm(),
                            c.widthMm() * scaled.widthMm(),
                            c.heightMm() * scaled.heightMm())))
            .orElse(scaled);
    return ofDrawing(fitted, known);
  }

  private static StoredArtwork fittedPicture(
      StoredArtwork from, double factor, boolean known, Optional<Box> crop) {
    BufferedImage image = from.picture();
    double w = from.widthMm() * factor;
    double h = from.heightMm() * factor;
    if (crop.isPresent()) {
      Box c = crop.get();
      int left = (int) Math.round(c.leftMm() * image.getWidth());
      int top = (int) Math.round(c.topMm() * image.getHeight());
      int wide = Math.clamp(Math.round(c.widthMm() * image.getWidth()), 1, image.getWidth() - left);
      int tall =
          Math.clamp(Math.round(c.heightMm() * image.getHeight()), 1, image.getHeight() - top);
      image = PictureFile.scaled(image.getSubimage(left, top, wide, tall), LONGER_SIDE_PX);
      w *= c.widthMm();
      h *= c.heightMm();
    }
    return ofPicture(image, w, h, known);
  }

  /** Deletes artwork that is no design's picture; plans still know designs that were taken away. */
  @Guarded
  public void delete(String studioId, String id) {
    get(studioId, id);
    rows.usedBy(studioId, id).stream()
        .findFirst()
        .ifPresent(
            design -> {
              throw new RefusedInput(
                  FIELD,
                  said("of", given(design)),
                  said("is-still-its-picture"),
                  said("artwork-that-no-design-has"));
            });
    rows.deleteById(id);
  }

  /** What a file shows, not kept yet. */
  static StoredArtwork read(byte[] file) {
    return looksLikeText(file) ? readSvg(file) : readPicture(file);
  }

  private static boolean looksLikeText(byte[] file) {
    int i = file.length >= 3 && (file[0] & 0xFF) == 0xEF ? 3 : 0;
    while (i < file.length && Character.isWhitespace(file[i])) {
      i++;
    }
    return i < file.length && file[i] == '<';
  }

  private static StoredArtwork readSvg(byte[] file) {
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
    } catch (CharacterCodingException notText) {
      throw new RefusedInput(
          FIELD, said("the-file"), said("is-not-plain-text"), said("svg-saved-as-utf-8"));
    }
    Drawing drawing = SvgReader.read(text.startsWith("\uFEFF") ? text.substring(1) : text);
    if (drawing.shapeCount() == 0) {
      throw new RefusedInput(
          FIELD, said("the-file"), said("has-nothing-drawn-in-it"), said("at-least-one-shape"));
    }
    return ofDrawing(drawing, drawing.trueSize());
  }

  private static StoredArtwork readPicture(byte[] file) {
    BufferedImage image = PictureFile.read(FIELD, file, LONGER_SIDE_PX);
    return ofPicture(
        image, image.getWidth() * NOMINAL_MM_PER_PX, image.getHeight() * NOMINAL_MM_PER_PX, false);
  }

  private static StoredArtwork ofDrawing(Drawing drawing, boolean trueSize) {
    return new StoredArtwork(
        UUID.randomUUID().toString(),
        ArtworkForm.SVG,
        drawing.svg().getBytes(StandardCharsets.UTF_8),
        "image/svg+xml",
        LengthRange.SIZE.check("width-of-the-artwork", drawing.widthMm()),
        LengthRange.SIZE.check("height-of-the-artwork", drawing.heightMm()),
        trueSize);
  }

  private static StoredArtwork ofPicture(
      BufferedImage image, double widthMm, double heightMm, boolean trueSize) {
    boolean clear = image.getColorModel().hasAlpha();
    return new StoredArtwork(
        UUID.randomUUID().toString(),
        ArtworkForm.PICTURE,
        clear ? PictureFile.png(image) : PictureFile.jpeg(image, QUALITY),
        clear ? "image/png" : "image/jpeg",
        LengthRange.SIZE.check("width-of-the-artwork", widthMm),
        LengthRange.SIZE.check("height-of-the-artwork", heightMm),
        trueSize);
  }

  @Guarded
  public StoredArtwork keep(String studioId, StoredArtwork artwork) {
    rows.save(new ArtworkRow(studioId, artwork, clock.instant()));
    return artwork;
  }
}
