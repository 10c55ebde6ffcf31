package craftmap.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses requests that did not come from this machine's own address: a foreign Host would be a
 * page whose name was bent to point here, a foreign Origin another site's page.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
  private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getHeader(HttpHeaders.HOST);
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    if (!isOwnHost(host) || (origin != null && !origin.equals("http://" + host))) {
      Refusal.send(
          response,
          HttpServletResponse.SC_FORBIDDEN,
          "Not from here",
          "This address answers only its own pages, at 127.0.0.1 or localhost.");
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean isOwnHost(String host) {
    if (host == null) {
      return false;
    }
    try {
      String name = URI.create("http://" + host).getHost();
      return name != null && OWN_NAMES.contains(name);
    } catch (IllegalArgumentException notAHost) {
      return false;
    }
  }
}
