package craftmap.server.photo;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.piece.PieceGone;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Version;
import java.time.Clock;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the photos of pieces. */
@Service
@Transactional(readOnly = true)
public class Photos {
  /** No photo is kept larger. */
  public static final int LONGER_SIDE_PX = PhotoPicture.LONGER_SIDE_PX;

  private static final int MOST_OF_A_PIECE = 200;
  private static final int LONGEST_CAPTION = 200;
  private static final int LONGEST_STEP = 160;

  private final PhotoRows rows;
  private final Pieces pieces;
  private final Clock clock;
  private final Changes changes;

  Photos(PhotoRows rows, Pieces pieces, Clock clock, Changes changes) {
    this.changes = changes;
    this.rows = rows;
    this.pieces = pieces;
    this.clock = clock;
  }

  public List<Photo> ofPiece(Studio studio, String pieceId) {
    pieces.get(studio, pieceId);
    return rows.ofPiece(studio.id(), pieceId).stream().map(PhotoLine::photo).toList();
  }

  public Photo one(Studio studio, String id) {
    return rows.one(studio.id(), id).map(PhotoLine::photo).orElseThrow(() -> none(id));
  }

  /** The piece that it shows. */
  public String pieceOf(Studio studio, String id) {
    return rows.pieceOf(studio.id(), id).orElseThrow(() -> none(id));
  }

  /** The picture as it is kept: JPEG, upright, without metadata. */
  public byte[] picture(Studio studio, String id) {
    return row(studio, id).picture();
  }

  byte[] thumbnail(Studio studio, String id) {
    return row(studio, id).thumbnail();
  }

  /**
   * What is said of a photo.
   *
   * @param stepKey the step it was taken at
   */
  public record Said(
      Stage stage, String caption, Optional<String> faceId, Optional<String> stepKey) {
    public Said(Stage stage, String caption, Optional<String> faceId) {
      this(stage, caption, faceId, Optional.empty());
    }
  }

  /** Reads a file and keeps what it shows. */
  @Guarded
  public Photo add(Studio studio, String pieceId, Said said, byte[] file) {
    return add(studio, pieceId, UUID.randomUUID().toString(), said, file);
  }

  /** Under an id of the caller's. */
  @Guarded
  public Photo add(Studio studio, String pieceId, String id, Said of, byte[] file) {
    pieces.get(studio, pieceId);
    if (rows.countByStudioIdAndPieceId(studio.id(), pieceId) >= MOST_OF_A_PIECE) {
      throw new RefusedInput(
          "photos",
          said("one-more"),
          said("is-too-many"),
          said("at-most-of-a-piece", given(MOST_OF_A_PIECE)));
    }
    check(of.caption());
    of.stepKey()
        .filter(key -> key.length() > LONGEST_STEP)
        .ifPresent(
            key -> {
              throw new RefusedInput(
                  "step",
                  given(key),
                  said("is-not-accepted"),
                  said("1-to-characters", given(LONGEST_STEP)));
            });
    PhotoPicture read = PhotoPicture.read(file);
    Photo photo =
        new Photo(
            id,
            of.stage(),
            of.caption(),
            of.faceId(),
            of.stepKey(),
            read.widthPx(),
            read.heightPx(),
            clock.instant(),
            0);
    rows.save(new PhotoRow(studio.id(), pieceId, photo, read.jpeg(), read.thumbnail()));
    changes.tell(studio.id(), Thing.PHOTO, id);
    return photo;
  }

  /** Changes its words, unless somebody else did since this version of them. */
  @Guarded
  Photo describe(
      Studio studio,
      String id,
      Version seen,
      Stage stage,
      String caption,
      Optional<String> faceId) {
    check(caption);
    PhotoRow row = row(studio, id);
    seen.check(row.version(), row.changedAt(), Words.say("photo.this"));
    row.describe(stage, caption, faceId);
    changes.tell(studio.id(), Thing.PHOTO, id);
    return rows.saveAndFlush(row).photo();
  }

  /** The photos of a piece that is deleted go with it. */
  @EventListener
  @Transactional
  public void forget(PieceGone gone) {
    rows.forget(gone.studio().id(), gone.pieceId());
  }

  @Guarded
  void remove(Studio studio, String id) {
    rows.delete(row(studio, id));
    changes.tell(studio.id(), Thing.PHOTO, id);
  }

  private PhotoRow row(Studio studio, String id) {
    return rows.findByStudioIdAndId(studio.id(), id).orElseThrow(() -> none(id));
  }

  private static NoSuchElementException none(String id) {
    return new NoSuchElementException("There is no photo " + id + ".");
  }

  private static void check(String caption) {
    if (caption == null || caption.length() > LONGEST_CAPTION) {
      throw new RefusedInput(
          "caption",
          caption == null ? said("missing") : said("characters", count(caption.length())),
          said("is-not-accepted"),
          said("up-to-characters", given(LONGEST_CAPTION)));
    }
  }
}
