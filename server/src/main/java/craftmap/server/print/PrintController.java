package craftmap.server.print;

import craftmap.core.plan.reading.PlanReading;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.coats.CoatViews;
import craftmap.server.paper.Paper;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages to print. */
@RestController
@RequestMapping("/api/pieces/{id}")
class PrintController {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;

  PrintController(Pieces pieces, PlanReadings readings, PlanViews views) {
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/faces/{faceId}/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> face(
      Asker asker,
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    ReadingView.FaceView view =
        views.view(studio, piece).faces().stream()
            .filter(f -> f.id().equals(faceId))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("There is no face " + faceId + "."));
    PlanReading.FaceReading reading = readings.read(studio, piece.plan()).face(faceId);
    return pdf(
        piece.name() + ", " + view.name(),
        FaceSheet.pdf(
            studio,
            piece.name(),
            reading,
            view,
            readings
                .coats(studio, piece.plan())
                .ofFace(faceId)
                .map(CoatViews::lines)
                .orElse(List.of()),
            paper));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/print/map", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> map(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    String name = piece.name();
    PlanReading reading = readings.read(studio, piece.plan());
    return pdf(
        name + ", " + Words.say("print.map"),
        MapSheet.pdf(
            studio,
            name,
            reading,
            views.view(studio, piece),
            CoatViews.lines(reading, readings.coats(studio, piece.plan())),
            paper));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping(value = "/print/labels", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> labels(
      Asker asker, @PathVariable String id, @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    String name = piece.name();
    return pdf(
        name + ", " + Words.say("print.labels"),
        LabelSheet.pdf(studio, name, views.view(studio, piece), paper));
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(name + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(bytes);
  }
}
