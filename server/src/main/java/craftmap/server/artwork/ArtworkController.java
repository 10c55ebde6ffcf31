package craftmap.server.artwork;

import craftmap.core.artwork.Artwork;
import craftmap.core.artwork.StencilCheck;
import craftmap.core.design.Repeat;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Point;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.picture.PictureFile;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Artwork: sent as the plain bytes of its file, brought to size, looked at. */
@RestController
@RequestMapping("/api/artworks")
class ArtworkController {
  /** As much may differ where a drawing is not quite exact. */
  private static final double ALIKE = 0.03;

  private final Artworks artworks;

  ArtworkController(Artworks artworks) {
    this.artworks = artworks;
  }

  record ColourView(String hex, double share, String shareText) {}

  /** A piece of sheet that would fall out. */
  record IslandView(double xMm, double yMm, String areaText) {}

  record PlaceView(double xMm, double yMm) {}

  /**
   * What the sheet would be like to cut.
   *
   * @param bridge the narrowest stretch of sheet between openings
   */
  record OpeningsView(
      String pathData,
      double openShare,
      double printLeftMm,
      double printTopMm,
      Measure printWidth,
      Measure printHeight,
      List<CheckView> checks,
      List<IslandView> islands,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure bridge,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PlaceView bridgeFrom,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PlaceView bridgeTo) {}

  /** What was looked at, and whether it is as it should be. */
  record CheckView(boolean fine, String text) {}

  record RepeatView(
      Measure across, Measure down, Repeat.Offset offset, String offsetText, String certainty) {}

  /**
   * Artwork with what can be told from it.
   *
   * @param noOpenings why nothing would be cut out, where that is so
   */
  record ArtworkView(
      String id,
      ArtworkForm form,
      String address,
      Measure width,
      Measure height,
      boolean trueSize,
      List<ColourView> colours,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) ColourView background,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) RepeatView repeat,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OpeningsView openings,
      String noOpenings) {}

  @Allowed(StudioRole.MAKER)
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<ArtworkView> add(
      Asker asker, @RequestParam(defaultValue = "false") boolean openings, InputStream file)
      throws IOException {
    Studio studio = asker.studio();
    byte[] bytes = file.readNBytes(PictureFile.MOST_BYTES + 1);
    return ResponseEntity.status(HttpStatus.CREATED)
        .body(keep(studio, Artworks.read(bytes), openings));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/{id}/fitted")
  ResponseEntity<ArtworkView> fit(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "false") boolean openings,
      @RequestBody Fitting fitting) {
    Studio studio = asker.studio();
    return ResponseEntity.status(HttpStatus.CREATED)
        .body(keep(studio, artworks.fitted(studio.id(), id, fitting), openings));
  }

  /** Looked at first: what cannot be looked at is not kept. */
  private ArtworkView keep(Studio studio, StoredArtwork artwork, boolean openings) {
    ArtworkView view = view(artwork, openings, studio.tape());
    artworks.keep(studio.id(), artwork);
    return view;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/{id}/reading")
  ArtworkView reading(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "false") boolean openings) {
    Studio studio = asker.studio();
    return view(artworks.get(studio.id(), id), openings, studio.tape());
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  ResponseEntity<Void> delete(Asker asker, @PathVariable String id) {
    artworks.delete(asker.studio().id(), id);
    return ResponseEntity.noContent().build();
  }

  /** Opened by itself, a drawing is shown and may do nothing. */
  private static final String BY_ITSELF =
      "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'; sandbox";

  /** Never changes; an SVG is shown as a picture and may do nothing by itself. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/{id}")
  ResponseEntity<byte[]> content(Asker asker, @PathVariable String id) {
    StoredArtwork artwork = artworks.get(asker.studio().id(), id);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(artwork.mediaType()))
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
        .header("Content-Security-Policy", BY_ITSELF)
        .body(artwork.content());
  }

  private static ArtworkView view(StoredArtwork artwork, boolean openings, TapeDivision tape) {
    ArtworkReading r = ArtworkReading.of(artwork, openings);
    double w = artwork.widthMm();
    double h = artwork.heightMm();
    return new ArtworkView(
        artwork.id(),
        artwork.form(),
        "/api/artworks/" + artwork.id(),
        Measure.of(w, tape),
        Measure.of(h, tape),
        artwork.trueSize(),
        r.colours().stream().map(c -> colour(c.colour().hex(), c.share())).toList(),
        r.background().map(b -> colour(b.colour().hex(), b.share())).orElse(null),
        r.repeat()
            .map(
                p ->
                    new RepeatView(
                        Measure.of(p.pitchXShare() * w, tape),
                        Measure.of(p.pitchYShare() * h, tape),
                        p.halfDrop() ? Repeat.Offset.HALF_DROP : Repeat.Offset.STRAIGHT,
                        Words.say(p.halfDrop() ? "choice.HALF_DROP" : "choice.STRAIGHT"),
                        Words.percent(p.certainty())))
            .orElse(null),
        r.openings().isPresent() ? openings(r, tape) : null,
        r.noOpenings().map(new FigureWords(tape)::refusal).orElse(""));
  }

  private static ColourView colour(String hex, double share) {
    return new ColourView(hex, share, Words.percent(share));
  }

  private static OpeningsView openings(ArtworkReading r, TapeDivision tape) {
    var openings = r.openings().orElseThrow();
    StencilCheck check = r.check().orElseThrow();
    return new OpeningsView(
        openings.pathData(),
        openings.openShare(),
        openings.print().leftMm(),
        openings.print().topMm(),
        Measure.of(openings.print().widthMm(), tape),
        Measure.of(openings.print().heightMm(), tape),
        checks(openings, check, tape),
        check.islands().stream()
            .map(i -> new IslandView(i.at().xMm(), i.at().yMm(), Words.smallArea(i.areaMm2())))
            .toList(),
        check.bridge().map(b -> new Measure(b.widthMm(), Words.fineMm(b.widthMm()))).orElse(null),
        check
            .bridge()
            .flatMap(StencilCheck.Bridge::from)
            .map(ArtworkController::place)
            .orElse(null),
        check.bridge().flatMap(StencilCheck.Bridge::to).map(ArtworkController::place).orElse(null));
  }

  private static List<CheckView> checks(Artwork openings, StencilCheck check, TapeDivision tape) {
    List<CheckView> checks = new ArrayList<>();
    checks.add(
        new CheckView(
            true,
            Words.say(
                "openings.open",
                Words.percent(openings.openShare()),
                Words.squareCentimetres(openings.areaMm2()))));
    List<StencilCheck.Island> islands = check.islands();
    checks.add(
        islands.isEmpty()
            ? new CheckView(true, Words.say("openings.noIslands"))
            : new CheckView(
                false,
                Words.say(
                    "openings.islands",
                    islands.size(),
                    Words.smallArea(islands.getFirst().areaMm2()))));
    check
        .bridge()
        .ifPresent(
            b ->
                checks.add(
                    new CheckView(
                        !check.mayTear(),
                        Words.say(
                            check.mayTear() ? "openings.bridgeTears" : "openings.bridge",
                            Words.fineMm(b.widthMm())))));
    checks.add(
        new CheckView(
            !check.needsMasking(),
            Words.say(
                check.needsMasking() ? "openings.rimNarrow" : "openings.rim",
                tape.show(check.rimMm()))));
    checks.add(
        new CheckView(
            true,
            Words.say(openings.isSymmetrical(ALIKE) ? "openings.symmetrical" : "openings.handed")));
    return checks;
  }

  private static PlaceView place(Point p) {
    return new PlaceView(p.xMm(), p.yMm());
  }
}
