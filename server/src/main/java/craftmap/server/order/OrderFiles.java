package craftmap.server.order;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Orders to be taken along. */
final class OrderFiles {
  private OrderFiles() {}

  /** What is looked at in the page, where that can be; what is kept else. */
  static ResponseEntity<byte[]> file(String name, String ending, MediaType type, byte[] body) {
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

  static RefusedInput nothingGoes() {
    return new RefusedInput(
        "order", said("none"), said("does-not-go"), said("more-hours-or-warmth"));
  }
}
