package craftmap.server.lists;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.paper.Paper;
import craftmap.server.studio.Asker;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shelf as files, out and in. */
@RestController
@RequestMapping("/api/shelf")
class ListController {
  private final ShelfLists lists;
  private final ShelfExport exports;
  private final ShelfFiles files;
  private final ShelfLabels labels;

  ListController(ShelfLists lists, ShelfExport exports, ShelfFiles files, ShelfLabels labels) {
    this.lists = lists;
    this.exports = exports;
    this.files = files;
    this.labels = labels;
  }

  record ListLineView(long line, ListLines.Effect effect, String name, String text) {}

  /**
   * A list on its way.
   *
   * @param lines once it was read, what each row would do: those with errors first, at most 500
   */
  record JobView(
      String id,
      ShelfLists.ListState state,
      int total,
      int done,
      int fresh,
      int adding,
      int errors,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String failure,
      List<ListLineView> lines) {}

  record TakenView(int things) {}

  @Allowed(StudioRole.MAKER)
  @PostMapping(value = "/lists", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<JobView> read(Asker asker, InputStream file) throws IOException {
    byte[] bytes = file.readNBytes(CsvTable.MOST_BYTES + 1);
    return ResponseEntity.status(HttpStatus.ACCEPTED).body(view(lists.read(asker, bytes)));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/lists/{id}")
  JobView job(Asker asker, @PathVariable String id) {
    return view(lists.standing(asker, id));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/lists/{id}/import")
  ResponseEntity<JobView> take(Asker asker, @PathVariable String id) {
    return ResponseEntity.status(HttpStatus.ACCEPTED).body(view(lists.take(asker, id)));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/list.csv")
  ResponseEntity<byte[]> csv(Asker asker) {
    return file(
        exports.csv(asker.studio()).getBytes(StandardCharsets.UTF_8), "shelf.csv", "text/csv");
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/file")
  ResponseEntity<ShelfFile> json(Asker asker) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("shelf.json").build().toString())
        .body(files.write(asker.studio()));
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping(value = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ResponseEntity<TakenView> readJson(Asker asker, InputStream file) throws IOException {
    byte[] bytes = file.readNBytes(ShelfFiles.MOST_BYTES + 1);
    return ResponseEntity.status(HttpStatus.CREATED)
        .body(new TakenView(files.read(asker.studio(), bytes, asker.person())));
  }

  /** Labels of everything on the shelf, or of some stocks. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/labels.pdf")
  ResponseEntity<byte[]> labels(
      Asker asker,
      @RequestParam(defaultValue = "") List<String> holdings,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    return file(labels.pdf(asker.studio(), holdings, paper), "labels.pdf", "application/pdf");
  }

  private static ResponseEntity<byte[]> file(byte[] bytes, String name, String type) {
    return ResponseEntity.ok()
        .contentType(
            MediaType.parseMediaType(type + (type.startsWith("text") ? ";charset=UTF-8" : "")))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            (type.endsWith("pdf") ? ContentDisposition.inline() : ContentDisposition.attachment())
                .filename(name)
                .build()
                .toString())
        .body(bytes);
  }

  private static JobView view(ShelfLists.Standing s) {
    boolean busy =
        s.state() == ShelfLists.ListState.READING || s.state() == ShelfLists.ListState.IMPORTING;
    return new JobView(
        s.id(),
        s.state(),
        s.total(),
        s.done(),
        s.outcome().map(ListReading.Outcome::fresh).orElse(0),
        s.outcome().map(ListReading.Outcome::adding).orElse(0),
        s.outcome().map(ListReading.Outcome::errors).orElse(0),
        s.failure().orElse(null),
        busy
            ? List.of()
            : s.outcome().map(ListReading.Outcome::lines).orElse(List.of()).stream()
                .map(l -> new ListLineView(l.line(), l.effect(), l.name(), l.text()))
                .toList());
  }
}
