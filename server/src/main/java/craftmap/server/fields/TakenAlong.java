package craftmap.server.fields;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files to be taken along. */
public final class TakenAlong {
  private TakenAlong() {}

  /** What is looked at in the page, where that can be; what is kept else. */
  public static ResponseEntity<byte[]> file(
      String name, String ending, MediaType type, byte[] body) {
    ContentDisposition.Builder how =
        type.equals(MediaType.APPLICATION_PDF)
            ? ContentDisposition.inline()
            : ContentDisposition.attachment();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            how.filename(name + "." + ending, StandardCharsets.UTF_8).build().toString())
        .contentType(type)
        .body(body);
  }
}
