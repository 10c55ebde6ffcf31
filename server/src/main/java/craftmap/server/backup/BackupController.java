package craftmap.server.backup;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.time.Instant;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Everything that a studio has, out into one file, and back. */
@RestController
class BackupController {
  private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

  private final BackupService backups;

  BackupController(BackupService backups) {
    this.backups = backups;
  }

  /**
   * The latest backups, newest first.
   *
   * @param empty whether nothing was done in this studio yet: one can be brought back into it
   */
  record BackupsView(List<BackupMadeView> made, boolean empty) {}

  /**
   * A backup that was made.
   *
   * @param by who made it; empty where nobody said
   * @param entries how many rows of the database it holds
   */
  record BackupMadeView(Instant at, String by, long bytes, long entries) {}

  /** What a backup holds; all of it was read and counted. */
  record BackupHeldView(
      String studioName,
      Instant madeAt,
      long pieces,
      long designs,
      long stocks,
      long ledgerEntries,
      long photos,
      long people,
      long entries) {
    static BackupHeldView of(Manifest manifest) {
      return new BackupHeldView(
          manifest.studioName(),
          manifest.madeAt(),
          manifest.rowsOf("piece"),
          manifest.rowsOf("design"),
          manifest.rowsOf("holding"),
          manifest.rowsOf("ledger_entry"),
          manifest.rowsOf("photo"),
          manifest.rowsOf("account"),
          manifest.rows());
    }
  }

  @Allowed(StudioRole.OWNER)
  @GetMapping("/api/backups")
  BackupsView backups(Asker asker) {
    String studioId = asker.studio().id();
    return new BackupsView(
        backups.lately(studioId).stream()
            .map(m -> new BackupMadeView(m.at(), m.by(), m.bytes(), m.entries()))
            .toList(),
        backups.isEmpty(studioId));
  }

  /** A backup of this moment: read back and counted before the first byte of it is sent. */
  @Allowed(StudioRole.OWNER)
  @GetMapping(path = "/api/backups/file", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> make(Asker asker) throws IOException {
    BackupService.File file = backups.make(asker);
    return ResponseEntity.ok()
        .contentType(ZIP)
        .contentLength(Files.size(file.path()))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(file.name()).build().toString())
        .body(
            out -> {
              try {
                Files.copy(file.path(), out);
              } finally {
                Files.delete(file.path());
              }
            });
  }

  /** What a file holds, and whether it could be brought back; nothing is changed. */
  @Allowed(StudioRole.OWNER)
  @PostMapping(path = "/api/backups/look", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  BackupHeldView look(Asker asker, InputStream file) throws IOException {
    return BackupHeldView.of(backups.look(file));
  }

  /** Brings all of it back into this studio, which is empty: all, or nothing. */
  @Allowed(StudioRole.OWNER)
  @PostMapping(path = "/api/backups/restore", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  BackupHeldView restore(Asker asker, InputStream file) throws IOException {
    return BackupHeldView.of(backups.bringBack(asker, file));
  }
}
