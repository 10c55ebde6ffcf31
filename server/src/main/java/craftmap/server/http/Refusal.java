package craftmap.server.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;

/** A refusal as problem+json, for what answers before any controller does. */
public final class Refusal {
  private Refusal() {}

  /** What is said in plain words that need no escaping. */
  static String json(String title, int status, String detail) {
    return """
    {"title":"%s","status":%d,"detail":"%s"}"""
        .formatted(title, status, detail);
  }

  public static void send(HttpServletResponse response, int status, String title, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getWriter().write(json(title, status, detail));
  }
}
