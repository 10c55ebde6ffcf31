package craftmap.server.http;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/**
 * The pages: one HTML page for every address of the interface, with a fresh nonce each time, and
 * the files it loads.
 */
@Controller
class PageController {
  static final String NONCE_MARK = "__CSP_NONCE__";
  private static final Map<String, MediaType> TYPES =
      Map.of(
          "js", MediaType.valueOf("text/javascript;charset=UTF-8"),
          "css", MediaType.valueOf("text/css;charset=UTF-8"),
          "svg", MediaType.valueOf("image/svg+xml"),
          "png", MediaType.IMAGE_PNG,
          "woff2", MediaType.valueOf("font/woff2"));

  private static final Pattern PIECE = Pattern.compile("/pieces/([A-Za-z0-9-]{1,40})/");

  private final SecureRandom random = new SecureRandom();

  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping({
    "/",
    "/pieces/**",
    "/glossary",
    "/sums",
    "/sums/{sum}",
    "/week",
    "/logbook",
    "/learned",
    "/shopping",
    "/studio/**",
    "/sign-in",
    "/join",
    "/pair",
    "/look",
    "/shelf/**"
  })
  ResponseEntity<String> page(HttpServletRequest request) throws IOException {
    ResponseEntity.BodyBuilder answer = ResponseEntity.ok();
    Matcher piece = PIECE.matcher(request.getRequestURI());
    if (piece.lookingAt()) {
      // the piece is on its way while the browser still reads the page's own code
      answer.header(
          HttpHeaders.LINK,
          "</api/pieces/%s>; rel=preload; as=fetch; crossorigin".formatted(piece.group(1)));
    }
    if (request.getRequestURI().equals("/look")) {
      answer.header("X-Robots-Tag", "noindex, nofollow, noarchive");
    }
    return page(answer);
  }

  /** Whoever mistyped an address is told so by the page itself, with a way back. */
  ResponseEntity<String> nothingHere() throws IOException {
    return page(ResponseEntity.status(HttpStatus.NOT_FOUND));
  }

  private ResponseEntity<String> page(ResponseEntity.BodyBuilder answer) throws IOException {
    byte[] bytes = new byte[18];
    random.nextBytes(bytes);
    String nonce = Base64.getEncoder().encodeToString(bytes);
    String html = new String(file("index.html"), StandardCharsets.UTF_8);
    return answer
        .contentType(MediaType.valueOf("text/html;charset=UTF-8"))
        .cacheControl(CacheControl.noStore())
        .header("Content-Security-Policy", ContentPolicy.forPage(nonce))
        .body(html.replace(NONCE_MARK, nonce));
  }

  /** Files whose names carry a hash of their content never change. */
  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping("/assets/{name}")
  ResponseEntity<byte[]> asset(@PathVariable String name) throws IOException {
    if (!name.matches("[A-Za-z0-9_.-]+") || name.startsWith(".")) {
      throw new NoSuchElementException("There is no file " + name + ".");
    }
    MediaType type = TYPES.get(name.substring(name.lastIndexOf('.') + 1));
    if (type == null) {
      throw new NoSuchElementException("There is no file " + name + ".");
    }
    return ResponseEntity.ok()
        .contentType(type)
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
        .body(file("assets/" + name));
  }

  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping("/mark.svg")
  ResponseEntity<byte[]> mark() throws IOException {
    return ResponseEntity.ok()
        .contentType(TYPES.get("svg"))
        .header(HttpHeaders.CACHE_CONTROL, CacheControl.maxAge(Duration.ofDays(1)).getHeaderValue())
        .body(file("mark.svg"));
  }

  /** What keeps the bench going while the server is away; always asked for anew. */
  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping("/bench-worker.js")
  ResponseEntity<byte[]> worker() throws IOException {
    return ResponseEntity.ok()
        .contentType(TYPES.get("js"))
        .cacheControl(CacheControl.noCache())
        .header("Content-Security-Policy", ContentPolicy.FOR_THE_WORKER)
        .body(file("bench-worker.js"));
  }

  private static byte[] file(String name) throws IOException {
    ClassPathResource resource = new ClassPathResource("web/" + name);
    if (!resource.exists()) {
      throw new NoSuchElementException("There is no file " + name + ".");
    }
    try (InputStream in = resource.getInputStream()) {
      return in.readAllBytes();
    }
  }
}
