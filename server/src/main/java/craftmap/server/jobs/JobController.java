package craftmap.server.jobs;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How jobs stand, stopping them, and their files. */
@RestController
@RequestMapping("/api/jobs/{id}")
class JobController {
  private final Jobs jobs;

  JobController(Jobs jobs) {
    this.jobs = jobs;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping
  Job job(Asker asker, @PathVariable String id) {
    return jobs.get(asker.studio(), id);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping
  Job stop(Asker asker, @PathVariable String id) {
    return jobs.stop(asker.studio(), id);
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/file")
  ResponseEntity<byte[]> file(Asker asker, @PathVariable String id) {
    JobResult result = jobs.result(asker.studio(), id);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(result.mediaType()))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(result.fileName(), StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(result.content());
  }
}
