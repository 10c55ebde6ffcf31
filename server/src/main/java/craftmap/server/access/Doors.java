package craftmap.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** Finds out by which way requests come. */
public interface Doors {
  /** The name and port that the studio's own network knows this server by, if it came by that. */
  Optional<String> network(HttpServletRequest request);

  Door of(HttpServletRequest request);
}
