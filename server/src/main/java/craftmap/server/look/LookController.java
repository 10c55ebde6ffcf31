package craftmap.server.look;

import craftmap.core.money.Money;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.access.Allowed;
import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.exchange.Drawings;
import craftmap.server.money.AskedPrices;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.FoldedFace;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.sight.LinedUpPhotos;
import craftmap.server.sight.Sightings;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a client sees who followed a link: chosen pieces and nothing else. The link is opened once
 * and then stands in a cookie that only these addresses are sent. Nothing of it is kept by a cache
 * or a search engine.
 */
@RestController
@RequestMapping("/api/look")
class LookController {
  private static final String COOKIE = "craftmap-look";
  private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

  private final Looks looks;
  private final Studios studios;
  private final Pieces pieces;
  private final PlanReadings readings;
  private final Drawings drawings;
  private final Photos photos;
  private final Sightings sightings;
  private final AskedPrices prices;
  private final Clock clock;

  LookController(
      Looks looks,
      Studios studios,
      Pieces pieces,
      PlanReadings readings,
      Drawings drawings,
      Photos photos,
      Sightings sightings,
      AskedPrices prices,
      Clock clock) {
    this.looks = looks;
    this.studios = studios;
    this.pieces = pieces;
    this.readings = readings;
    this.drawings = drawings;
    this.photos = photos;
    this.sightings = sightings;
    this.prices = prices;
    this.clock = clock;
  }

  record LookLink(String link) {}

  /** What there is to see, and until when. */
  record ClientShownView(String studio, Instant endsAt, List<ShownPieceCard> pieces) {}

  record ShownPieceCard(
      String id,
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String priceText) {}

  /**
   * A piece as it will be.
   *
   * @param folded its faces as triangles in the room
   * @param beforeAndAfter two of its photos that lie one on the other; absent where none do
   */
  record ShownPieceView(
      String id,
      String name,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String priceText,
      List<ShownFaceView> faces,
      List<FoldedFace> folded,
      List<ShownPhotoView> photos,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
          ShownBeforeAndAfter beforeAndAfter) {}

  /** Two photos by their ids, and how the second lies on the first. */
  record ShownBeforeAndAfter(String beforeId, String afterId, LinedUpPhotos how) {}

  /**
   * A face.
   *
   * @param shows the colour of its ground, as it is seen
   * @param onNet where it lies on the map
   */
  record ShownFaceView(
      String id,
      String name,
      ShownLength width,
      ShownLength height,
      String shows,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ShownBox onNet) {}

  record ShownLength(double mm) {}

  record ShownBox(double leftMm, double topMm, double widthMm, double heightMm) {}

  record ShownPhotoView(String id, Stage stage, int widthPx, int heightPx) {}

  /**
   * What a client says.
   *
   * @param by their name, if they like
   * @param pieceId what it is about; all of it where absent
   */
  record CommentDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String by,
      String text,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId) {}

  /** Before anything is answered. */
  @ModelAttribute
  void keptByNobody(HttpServletResponse response) {
    response.setHeader("X-Robots-Tag", "noindex, nofollow, noarchive");
  }

  @Allowed(StudioRole.ANYONE)
  @PostMapping("/open")
  ResponseEntity<ClientShownView> open(@RequestBody LookLink doc, HttpServletRequest request) {
    Look look = looks.byLink(new Secret(doc.link()));
    looks.opened(look);
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, doc.link())
            .path("/api/look")
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .maxAge(Duration.between(clock.instant(), look.endsAt()))
            .build();
    return ResponseEntity.ok().header(HttpHeaders.SET_COOKIE, cookie.toString()).body(shown(look));
  }

  @Allowed(StudioRole.ANYONE)
  @GetMapping
  ClientShownView look(@Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link) {
    return shown(by(link));
  }

  @Allowed(StudioRole.ANYONE)
  @GetMapping("/pieces/{id}")
  ShownPieceView lookAt(
      @Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link,
      @PathVariable String id) {
    Look look = by(link);
    Studio studio = studios.get(look.studioId());
    SavedPlan piece = chosen(look, studio, id);
    CoatsReading coats = readings.coats(studio, piece.plan());
    return new ShownPieceView(
        id,
        piece.name(),
        price(look, studio, id),
        readings.read(studio, piece.plan()).faces().stream()
            .filter(f -> f.place().shown())
            .map(f -> face(f, coats))
            .toList(),
        FoldedFace.of(piece.plan().faces()),
        look.withPhotos()
            ? photos.ofPiece(studio, id).stream().map(LookController::photo).toList()
            : List.of(),
        look.withPhotos()
            ? sightings
                .beforeAndAfter(studio, id)
                .map(b -> new ShownBeforeAndAfter(b.before().id(), b.after().id(), b.how()))
                .orElse(null)
            : null);
  }

  @Allowed(StudioRole.ANYONE)
  @GetMapping(value = "/pieces/{id}/map.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> lookAtMap(
      @Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link,
      @PathVariable String id) {
    Look look = by(link);
    Studio studio = studios.get(look.studioId());
    return svg(drawings.map(studio, chosen(look, studio, id), false));
  }

  @Allowed(StudioRole.ANYONE)
  @GetMapping(value = "/pieces/{id}/faces/{faceId}", produces = "image/svg+xml")
  ResponseEntity<byte[]> lookAtFace(
      @Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link,
      @PathVariable String id,
      @PathVariable String faceId) {
    Look look = by(link);
    Studio studio = studios.get(look.studioId());
    return svg(drawings.face(studio, chosen(look, studio, id), faceId));
  }

  @Allowed(StudioRole.ANYONE)
  @GetMapping(value = "/pieces/{id}/photos/{photoId}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> lookAtPhoto(
      @Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link,
      @PathVariable String id,
      @PathVariable String photoId) {
    Look look = by(link);
    Studio studio = studios.get(look.studioId());
    chosen(look, studio, id);
    boolean isShown =
        look.withPhotos()
            && photos.ofPiece(studio, id).stream().anyMatch(p -> p.id().equals(photoId));
    if (!isShown) {
      throw new NoSuchElementException("There is no such photo to see here.");
    }
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .body(photos.picture(studio, photoId));
  }

  @Allowed(StudioRole.ANYONE)
  @PostMapping("/comments")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void comment(
      @Parameter(hidden = true) @CookieValue(COOKIE) Optional<String> link,
      @RequestBody CommentDoc doc) {
    Look look = by(link);
    Optional<String> about = Optional.ofNullable(doc.pieceId());
    about.ifPresent(id -> chosen(look, studios.get(look.studioId()), id));
    looks.say(look, about, doc.by(), doc.text());
  }

  private Look by(Optional<String> link) {
    return looks.byLink(new Secret(link.orElse("")));
  }

  /** A piece of the look; whatever was not chosen is unknown here. */
  private SavedPlan chosen(Look look, Studio studio, String id) {
    if (!look.pieces().contains(id)) {
      throw new NoSuchElementException("There is no such piece to see here.");
    }
    return pieces.get(studio, id);
  }

  private ClientShownView shown(Look look) {
    Studio studio = studios.get(look.studioId());
    return new ClientShownView(
        studio.name(),
        look.endsAt(),
        look.pieces().stream()
            .map(
                id ->
                    new ShownPieceCard(id, pieces.get(studio, id).name(), price(look, studio, id)))
            .toList());
  }

  private String price(Look look, Studio studio, String id) {
    return look.withPrice() ? prices.of(studio, id).map(Money::show).orElse(null) : null;
  }

  private static ShownFaceView face(PlanReading.FaceReading f, CoatsReading coats) {
    return new ShownFaceView(
        f.face().id(),
        f.face().name(),
        new ShownLength(f.face().outline().widthMm()),
        new ShownLength(f.face().outline().heightMm()),
        coats.shows(f.face().id()).orElse(f.face().ground()).hex(),
        f.place()
            .onNet()
            .map(b -> new ShownBox(b.leftMm(), b.topMm(), b.widthMm(), b.heightMm()))
            .orElse(null));
  }

  private static ShownPhotoView photo(Photo p) {
    return new ShownPhotoView(p.id(), p.stage(), p.widthPx(), p.heightPx());
  }

  private static ResponseEntity<byte[]> svg(String text) {
    return ResponseEntity.ok()
        .contentType(SVG)
        .cacheControl(CacheControl.noStore())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }
}
