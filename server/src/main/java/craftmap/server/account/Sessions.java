package craftmap.server.account;

import craftmap.server.access.Secret;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where somebody is signed in. */
@Component
class Sessions {
  private static final int LETTERS_OF_AN_ID = 24;

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /**
   * A place where somebody is signed in.
   *
   * @param id made from that of the session, which nobody else is to know
   */
  record Place(String id, SignIn.Device device, Instant since, Instant lastSeen) {}

  List<Place> of(String account) {
    return sessions.findByPrincipalName(account).values().stream()
        .map(
            s ->
                new Place(
                    told(s.getId()),
                    s.getAttribute(SignIn.DEVICE) instanceof SignIn.Device d
                        ? d
                        : SignIn.Device.UNKNOWN,
                    s.getCreationTime(),
                    s.getLastAccessedTime()))
        .sorted(Comparator.comparing(Place::lastSeen).reversed())
        .toList();
  }

  /** What a session is called in a list. */
  static String told(String sessionId) {
    return new Secret(sessionId).hash().substring(0, LETTERS_OF_AN_ID);
  }

  /** Signs out in one place. */
  void end(String account, String told) {
    Map<String, ? extends Session> theirs = sessions.findByPrincipalName(account);
    String id =
        theirs.keySet().stream()
            .filter(s -> told(s).equals(told))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException("You are not signed in there any more."));
    sessions.deleteById(id);
  }

  /**
   * Signs out everywhere.
   *
   * @param but what the session is called that goes on; empty where none does
   */
  void endAll(String account, String but) {
    sessions.findByPrincipalName(account).keySet().stream()
        .filter(s -> !told(s).equals(but))
        .forEach(sessions::deleteById);
  }
}
