package craftmap.server.http;

import craftmap.server.access.Accounts;
import craftmap.server.access.Doors;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses requests that came from elsewhere than our own pages: a foreign Host would be a page
 * whose name was bent to point here, a foreign Origin another site's page. Our own are those of
 * this machine; those of the studio's own network, by the way that is opened for it; and, once
 * people sign in, those at the public address, as long as the proxy in front says that they came by
 * TLS. What anybody else says of that is not listened to.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
  private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

  private final Optional<URI> publicly;
  private final Accounts accounts;
  private final Doors doors;

  /**
   * @param publicly the address that a proxy in front of this server answers at
   */
  OwnPagesOnly(Optional<URI> publicly, Accounts accounts, Doors doors) {
    this.publicly = publicly;
    this.accounts = accounts;
    this.doors = doors;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getHeader(HttpHeaders.HOST);
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    Optional<String> network = doors.network(request);
    if (network.isPresent()) {
      // how the server is, is told at the machine
      boolean isManagement = request.getRequestURI().startsWith("/actuator");
      boolean isOwn =
          network.get().equals(host)
              && (origin == null || origin.equals("https://" + network.get()));
      if (isManagement || !isOwn) {
        refuse(response, "This address answers only its own pages.");
      } else {
        chain.doFilter(request, response);
      }
      return;
    }
    if (isPublic(host, request)) {
      if (!accounts.any()) {
        refuse(
            response,
            "Nobody signs in here yet. Make the first account at the machine itself: its address is"
                + " 127.0.0.1.");
      } else if (origin != null && !origin.equals(publicly.map(URI::toString).orElse(""))) {
        refuse(response, "This address answers only its own pages.");
      } else {
        chain.doFilter(request, response);
      }
      return;
    }
    if (!isOwnHost(host) || (origin != null && !origin.equals("http://" + host))) {
      refuse(response, "This address answers only its own pages, at 127.0.0.1 or localhost.");
      return;
    }
    chain.doFilter(request, response);
  }

  private static void refuse(HttpServletResponse response, String why) throws IOException {
    Refusal.send(response, HttpServletResponse.SC_FORBIDDEN, "Not from here", why);
  }

  /** Only what a trusted proxy says makes a request one that came by TLS. */
  private boolean isPublic(String host, HttpServletRequest request) {
    return request.isSecure()
        && publicly.filter(address -> address.getAuthority().equalsIgnoreCase(host)).isPresent();
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
