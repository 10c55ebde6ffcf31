package craftmap.server.studio;

import craftmap.server.access.Accounts;
import craftmap.server.access.StudioRole;
import java.util.Optional;
import org.springframework.security.core.Authentication;

/** Who belongs to which studio, once people have accounts. */
public interface Members extends Accounts {
  /** Who somebody is that signed in; none where they do not belong to a studio any more. */
  Optional<Member> of(Authentication signedIn);

  /** Somebody who belongs to a studio. */
  record Member(String account, String studioId, String person, StudioRole role) {}
}
