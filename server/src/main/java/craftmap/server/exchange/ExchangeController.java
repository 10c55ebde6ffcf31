package craftmap.server.exchange;

import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.NoSuchElementException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces out into files, and in from them. */
@RestController
@RequestMapping("/api/pieces")
class ExchangeController {
  private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
  private static final MediaType DXF = MediaType.parseMediaType("image/vnd.dxf");

  private final Pieces pieces;
  private final PlanReadings readings;
  private final PieceFiles files;
  private final Drawings drawings;

  ExchangeController(Pieces pieces, PlanReadings readings, PieceFiles files, Drawings drawings) {
    this.pieces = pieces;
    this.readings = readings;
    this.files = files;
    this.drawings = drawings;
  }

  record Imported(String id, String name) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/{id}/export", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> export(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    return file(piece.name() + ".json", MediaType.APPLICATION_JSON, files.write(studio, piece));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping(value = "/import", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<Imported> read(Asker asker, InputStream file) throws IOException {
    byte[] bytes = file.readNBytes(PieceFiles.MOST_BYTES + 1);
    SavedPlan piece = files.read(asker.studio(), bytes);
    return ResponseEntity.status(HttpStatus.CREATED).body(new Imported(piece.id(), piece.name()));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/{id}/map.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> map(Asker asker, @PathVariable String id) {
    SavedPlan piece = pieces.get(asker.studio(), id);
    return file(piece.name() + ", map.svg", SVG, bytes(drawings.map(asker.studio(), piece, true)));
  }

  /** The lines to cut for one lay, at true size. */
  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/{id}/lays/{layId}/cut.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> cut(Asker asker, @PathVariable String id, @PathVariable String layId) {
    SavedPlan piece = pieces.get(asker.studio(), id);
    LayReading lay =
        reading(asker, piece).lays().stream()
            .filter(l -> l.lay().id().equals(layId))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("There is no lay " + layId + "."));
    return file(piece.name() + ", to cut.svg", SVG, bytes(CutSvg.of(lay)));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/{id}/templates.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> templates(Asker asker, @PathVariable String id) {
    SavedPlan piece = pieces.get(asker.studio(), id);
    String svg = MapSvg.templates(piece.name(), reading(asker, piece));
    return file(piece.name() + ", templates.svg", SVG, bytes(svg));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/{id}/templates.dxf", produces = "image/vnd.dxf")
  ResponseEntity<byte[]> dxf(Asker asker, @PathVariable String id) {
    SavedPlan piece = pieces.get(asker.studio(), id);
    return file(
        piece.name() + ", templates.dxf", DXF, bytes(TemplatesDxf.of(reading(asker, piece))));
  }

  private PlanReading reading(Asker asker, SavedPlan piece) {
    return readings.read(asker.studio(), piece.plan());
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(bytes);
  }
}
