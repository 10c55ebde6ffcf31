package craftmap.server.studio;

import craftmap.server.http.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Until a first start has founded the studio, whoever asks is told to wait: programs with 503 and
 * when to ask again, people with a page that asks by itself.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class NotYetFounded extends OncePerRequestFilter {
  private static final String AGAIN_AFTER_SECONDS = "2";

  private static final String PAGE =
      """
      <!doctype html>
      <html lang="en">
      <head>
      <meta charset="utf-8">
      <meta http-equiv="refresh" content="2">
      <title>Craft Map is getting ready</title>
      </head>
      <body>
      <h1>The studio is being set up</h1>
      <p>This takes some seconds the first time. The page opens by itself.</p>
      </body>
      </html>
      """;

  private final Studios studios;

  /** Once founded, it stays so. */
  private volatile boolean founded;

  NotYetFounded(Studios studios) {
    this.studios = studios;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    founded = founded || studios.isFounded();
    if (founded || request.getRequestURI().startsWith("/actuator/")) {
      chain.doFilter(request, response);
      return;
    }
    response.setHeader(HttpHeaders.RETRY_AFTER, AGAIN_AFTER_SECONDS);
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    response.setHeader("Content-Security-Policy", "default-src 'none'; frame-ancestors 'none'");
    response.setCharacterEncoding("utf-8");
    String accept = request.getHeader(HttpHeaders.ACCEPT);
    if (accept != null && accept.contains(MediaType.TEXT_HTML_VALUE)) {
      response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
      response.setContentType(MediaType.TEXT_HTML_VALUE);
      response.getWriter().write(PAGE);
    } else {
      Refusal.send(
          response,
          HttpServletResponse.SC_SERVICE_UNAVAILABLE,
          "Getting ready",
          "The studio is being set up. Ask again in a moment.");
    }
  }
}
