package craftmap.server.photo;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.picture.PictureFile;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photos of a piece. A picture is sent as the plain bytes of its file. */
@RestController
@RequestMapping("/api")
class PhotoController {
  private final Photos photos;

  PhotoController(Photos photos) {
    this.photos = photos;
  }

  record PhotoView(
      String id,
      Stage stage,
      String caption,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      int widthPx,
      int heightPx,
      Instant madeAt,
      long version,
      String address,
      String thumbnail) {}

  record PhotoWords(
      Stage stage,
      String caption,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/photos")
  List<PhotoView> photos(Asker asker, @PathVariable String id) {
    return photos.ofPiece(asker.studio(), id).stream().map(PhotoController::view).toList();
  }

  @Allowed(value = StudioRole.MAKER, atTheBench = true)
  @PostMapping(value = "/pieces/{id}/photos", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<PhotoView> add(
      Asker asker,
      @PathVariable String id,
      @RequestParam Stage stage,
      @RequestParam(defaultValue = "") String caption,
      @RequestParam(required = false) String faceId,
      @RequestParam(required = false) String step,
      InputStream file)
      throws IOException {
    byte[] bytes = file.readNBytes(PictureFile.MOST_BYTES + 1);
    Studio studio = asker.studio();
    Photo added =
        photos.add(
            studio,
            id,
            new Photos.Said(stage, caption, Optional.ofNullable(faceId), Optional.ofNullable(step)),
            bytes);
    return ResponseEntity.status(HttpStatus.CREATED).body(view(added));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/photos/{id}")
  PhotoView describe(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody PhotoWords words) {
    if (words.stage() == null) {
      throw new RefusedInput(
          "stage", said("empty"), said("is-missing"), said("before-during-or-after"));
    }
    return view(
        photos.describe(
            asker.studio(),
            id,
            Version.of(ifMatch),
            words.stage(),
            words.caption(),
            Optional.ofNullable(words.faceId())));
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/photos/{id}")
  ResponseEntity<Void> remove(Asker asker, @PathVariable String id) {
    photos.remove(asker.studio(), id);
    return ResponseEntity.noContent().build();
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(Asker asker, @PathVariable String id) {
    return jpeg(photos.picture(asker.studio(), id));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/photos/{id}/thumbnail", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> thumbnail(Asker asker, @PathVariable String id) {
    return jpeg(photos.thumbnail(asker.studio(), id));
  }

  /** A photo's picture never changes. */
  private static ResponseEntity<byte[]> jpeg(byte[] bytes) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
        .body(bytes);
  }

  private static PhotoView view(Photo p) {
    return new PhotoView(
        p.id(),
        p.stage(),
        p.caption(),
        p.faceId().orElse(null),
        p.widthPx(),
        p.heightPx(),
        p.madeAt(),
        p.version(),
        "/api/photos/" + p.id(),
        "/api/photos/" + p.id() + "/thumbnail");
  }
}
