package craftmap.server.sight;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.artwork.Pixels;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.core.sight.CornerFinder;
import craftmap.core.sight.Sighting;
import craftmap.core.sight.Spot;
import craftmap.core.surface.Face;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.database.Utc;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.picture.PictureFile;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Version;
import java.awt.image.BufferedImage;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps where faces lie on photos. */
@Service
public class Sightings {
  private static final TypeReference<List<KeptSighting.KeptPin>> PINS = new TypeReference<>() {};

  private final JdbcClient jdbc;
  private final Photos photos;
  private final Pieces pieces;
  private final Changes changes;
  private final JsonMapper json;
  private final Clock clock;

  Sightings(
      JdbcClient jdbc,
      Photos photos,
      Pieces pieces,
      Changes changes,
      JsonMapper json,
      Clock clock) {
    this.jdbc = jdbc;
    this.photos = photos;
    this.pieces = pieces;
    this.changes = changes;
    this.json = json;
    this.clock = clock;
  }

  /** A photo and the piece that it shows. */
  record Shown(Photo photo, SavedPlan piece) {
    List<Face> faces() {
      return piece.plan().faces().stream().filter(PlanFace::shown).map(PlanFace::face).toList();
    }

    Face face(String id) {
      return faces().stream()
          .filter(f -> f.id().equals(id))
          .findFirst()
          .orElseThrow(() -> new NoSuchElementException("The piece has no face " + id + "."));
    }
  }

  @Transactional(readOnly = true)
  public List<KeptSighting> of(Studio studio, String photoId) {
    return jdbc.sql(
            """
            select face_id, pins, version from sighting
            where studio_id = :studio and photo_id = :photo order by face_id
            """)
        .param("studio", studio.id())
        .param("photo", photoId)
        .query(this::kept)
        .list();
  }

  private KeptSighting kept(ResultSet row, int number) throws SQLException {
    return new KeptSighting(
        row.getString("face_id"),
        json.readValue(row.getString("pins"), PINS),
        row.getLong("version"));
  }

  Shown shown(Studio studio, String photoId) {
    return new Shown(
        photos.one(studio, photoId), pieces.get(studio, photos.pieceOf(studio, photoId)));
  }

  /** A face that was found on a photo. */
  FaceOnPhoto found(Studio studio, Shown shown, String faceId) {
    KeptSighting kept =
        of(studio, shown.photo().id()).stream()
            .filter(k -> k.faceId().equals(faceId))
            .findFirst()
            .orElseThrow(
                () -> new NoSuchElementException("The face " + faceId + " is not on this photo."));
    return FaceOnPhoto.of(shown.photo(), shown.face(faceId), kept.pins());
  }

  /**
   * Keeps where a face lies, unless somebody moved it since.
   *
   * @param seen the version that was looked at, 0 where the face was not on the photo
   * @throws RefusedInput where the pins do not tell how it lies
   */
  @Guarded
  public KeptSighting put(
      Studio studio, String photoId, String faceId, Version seen, List<KeptSighting.KeptPin> pins) {
    Shown shown = shown(studio, photoId);
    Face face = shown.face(faceId);
    FaceOnPhoto.pointedOut(shown.photo(), face, pins).sighting();
    Instant now = clock.instant();
    check(studio, photoId, faceId, seen, face.name());
    jdbc.sql(
            """
            insert into sighting (photo_id, face_id, studio_id, pins, version, changed_at)
            values (:photo, :face, :studio, :pins, :version, :now)
            on duplicate key update
              pins = value(pins), version = value(version), changed_at = value(changed_at)
            """)
        .param("photo", photoId)
        .param("face", faceId)
        .param("studio", studio.id())
        .param("pins", json.writeValueAsString(pins))
        .param("version", seen.number() + 1)
        .param("now", Utc.of(now))
        .update();
    changes.tell(studio.id(), Thing.PHOTO, photoId);
    return new KeptSighting(faceId, pins, seen.number() + 1);
  }

  /** The face is not looked for on it any more. */
  @Guarded
  public void remove(Studio studio, String photoId, String faceId, Version seen) {
    Shown shown = shown(studio, photoId);
    found(studio, shown, faceId);
    check(studio, photoId, faceId, seen, shown.face(faceId).name());
    jdbc.sql(
            """
            delete from sighting
            where studio_id = :studio and photo_id = :photo and face_id = :face
            """)
        .param("studio", studio.id())
        .param("photo", photoId)
        .param("face", faceId)
        .update();
    changes.tell(studio.id(), Thing.PHOTO, photoId);
  }

  /** Takes hold of the photo's row first: of two that find a face on it one waits for the other. */
  private void check(Studio studio, String photoId, String faceId, Version seen, String name) {
    jdbc.sql("select id from photo where studio_id = :studio and id = :photo for update")
        .param("studio", studio.id())
        .param("photo", photoId)
        .query(String.class)
        .optional()
        .orElseThrow(() -> new NoSuchElementException("There is no photo " + photoId + "."));
    record Now(long version, Instant at) {}
    Optional<Now> now =
        jdbc.sql(
                """
                select version, changed_at from sighting
                where studio_id = :studio and photo_id = :photo and face_id = :face
                """)
            .param("studio", studio.id())
            .param("photo", photoId)
            .param("face", faceId)
            .query((row, n) -> new Now(row.getLong("version"), Utc.of(row, "changed_at")))
            .optional();
    seen.check(
        now.map(Now::version).orElse(0L),
        now.map(Now::at).orElseGet(clock::instant),
        Words.say("sight.place", name));
  }

  /** Of a file, under the ids that photo and faces have here; what does not fit is left out. */
  @Guarded
  public void bring(Studio studio, String photoId, List<FoundFace> all) {
    for (FoundFace one : all) {
      try {
        put(studio, photoId, one.faceId(), new Version(0), one.pins());
      } catch (RefusedInput | NoSuchElementException doesNotFit) {
        // a photo without the plan on it is still a photo
      }
    }
  }

  /** The corner that somebody pointed at. */
  Optional<Spot> corner(Studio studio, String photoId, Spot at, double reachPx) {
    if (!(reachPx > 0) || reachPx > CornerFinder.MOST_REACH_PX) {
      throw new RefusedInput(
          "reach",
          given(reachPx),
          said("is-not-accepted"),
          said("1-to", given(CornerFinder.MOST_REACH_PX)));
    }
    BufferedImage picture =
        PictureFile.read(said("photo"), photos.picture(studio, photoId), Photos.LONGER_SIDE_PX);
    int w = picture.getWidth();
    int h = picture.getHeight();
    if (!(at.xPx() >= 0 && at.xPx() < w && at.yPx() >= 0 && at.yPx() < h)) {
      return Optional.empty();
    }
    return CornerFinder.near(new Pixels(w, h, picture.getRGB(0, 0, w, h, null, 0, w)), at, reachPx);
  }

  /**
   * How two photos of a piece lie one on the other.
   *
   * @param face the one that tells: it is on both
   */
  record LinedUp(Face face, Sighting first, Sighting second) {}

  /** By the face that shows largest on the first; none where none is on both. */
  @Transactional(readOnly = true)
  public Optional<LinedUpPhotos> linedUp(Studio studio, String firstId, String secondId) {
    return linedUpBy(studio, firstId, secondId)
        .map(
            l ->
                new LinedUpPhotos(
                    l.face().name(),
                    l.first().onto(l.second()).rowByRow(),
                    l.first().lens().bulge(),
                    l.second().lens().bulge()));
  }

  /**
   * The first and the last state of a piece that can be laid one on the other: of those before work
   * began and those after it, or during it where it is not done yet.
   */
  @Transactional(readOnly = true)
  public Optional<BeforeAndAfter> beforeAndAfter(Studio studio, String pieceId) {
    List<Photo> all = photos.ofPiece(studio, pieceId);
    List<Photo> before = all.stream().filter(p -> p.stage() == Stage.BEFORE).toList();
    for (Stage stage : List.of(Stage.AFTER, Stage.DURING)) {
      for (Photo last : all.reversed()) {
        for (Photo first : last.stage() == stage ? before : List.<Photo>of()) {
          Optional<LinedUpPhotos> how = linedUp(studio, first.id(), last.id());
          if (how.isPresent()) {
            return Optional.of(new BeforeAndAfter(first, last, how.get()));
          }
        }
      }
    }
    return Optional.empty();
  }

  /** Two photos of a piece that can be laid one on the other. */
  public record BeforeAndAfter(Photo before, Photo after, LinedUpPhotos how) {}

  private Optional<LinedUp> linedUpBy(Studio studio, String firstId, String secondId) {
    Shown first = shown(studio, firstId);
    Shown second = shown(studio, secondId);
    if (!first.piece().id().equals(second.piece().id())) {
      throw new RefusedInput(
          "photos", given(secondId), said("shows-another-piece"), said("two-photos-of-a-piece"));
    }
    List<KeptSighting> onSecond = of(studio, secondId);
    return of(studio, firstId).stream()
        .filter(k -> onSecond.stream().anyMatch(s -> s.faceId().equals(k.faceId())))
        .flatMap(k -> both(studio, first, second, k.faceId()).stream())
        .max((a, b) -> Double.compare(sizePx(a), sizePx(b)));
  }

  private Optional<LinedUp> both(Studio studio, Shown first, Shown second, String faceId) {
    try {
      return Optional.of(
          new LinedUp(
              first.face(faceId),
              found(studio, first, faceId).sighting(),
              found(studio, second, faceId).sighting()));
    } catch (RefusedInput | NoSuchElementException changedSince) {
      return Optional.empty();
    }
  }

  /** How long the face's diagonals are on the first photo. */
  private static double sizePx(LinedUp l) {
    double w = l.face().outline().widthMm();
    double h = l.face().outline().heightMm();
    return l.first().seen(new Point(0, 0)).distancePx(l.first().seen(new Point(w, h)));
  }
}
