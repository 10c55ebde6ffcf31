package craftmap.server.print;

import craftmap.core.plan.PlanReading;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.ReadingView;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
@RequestMapping("/api/pieces/{id}/faces/{faceId}")
class PrintController {
  private final Studios studios;
  private final Pieces pieces;
  private final PlanViews views;

  PrintController(Studios studios, Pieces pieces, PlanViews views) {
    this.studios = studios;
    this.pieces = pieces;
    this.views = views;
  }

  @GetMapping(value = "/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> face(
      @PathVariable String id,
      @PathVariable String faceId,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = studios.current();
    SavedPlan piece = pieces.get(studio, id);
    ReadingView.FaceView view =
        views.view(studio, piece.document()).faces().stream()
            .filter(f -> f.id().equals(faceId))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("There is no face " + faceId + "."));
    PlanReading.FaceReading reading = pieces.read(studio, piece.document()).face(faceId);
    String name = piece.document().name() + ", " + view.name() + ".pdf";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name, StandardCharsets.UTF_8).build().toString())
        .body(FaceSheet.pdf(studio, piece.document().name(), reading, view, paper));
  }
}
