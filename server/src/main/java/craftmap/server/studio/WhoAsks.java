package craftmap.server.studio;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** Finds out who asks, for what is asked before it is certain that anybody known does. */
public interface WhoAsks {
  /** Who asks; nobody where there are accounts and none of them signed in. */
  Optional<Asker> of(HttpServletRequest request);
}
