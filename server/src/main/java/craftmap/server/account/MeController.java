package craftmap.server.account;

import craftmap.server.access.Allowed;
import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is one's own: the password, the codes, and where one is signed in. */
@RestController
@RequestMapping("/api/me")
class MeController {
  private final People people;
  private final Sessions sessions;

  MeController(People people, Sessions sessions) {
    this.people = people;
    this.sessions = sessions;
  }

  record PasswordChange(String old, String password) {}

  record PasswordDoc(String password) {}

  /** Each lets one choose a new password, once; told now and never again. */
  record CodesView(List<String> codes) {}

  /**
   * A place where one is signed in.
   *
   * @param here whether it is the one that asks
   */
  record SessionView(
      String id, SignIn.Device device, Instant since, Instant lastSeen, boolean here) {}

  /** Everywhere else one is signed out. */
  @Allowed(StudioRole.GUEST)
  @PutMapping("/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(Asker asker, @RequestBody PasswordChange change, HttpServletRequest request) {
    people.changePassword(own(asker), change.old(), change.password());
    sessions.endAll(own(asker), here(request));
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/codes")
  @ResponseStatus(HttpStatus.CREATED)
  CodesView newCodes(Asker asker, @RequestBody PasswordDoc doc) {
    return new CodesView(
        people.newCodes(own(asker), doc.password()).stream().map(Secret::text).toList());
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/sessions")
  List<SessionView> sessions(Asker asker, HttpServletRequest request) {
    String here = here(request);
    return sessions.of(own(asker)).stream()
        .map(p -> new SessionView(p.id(), p.device(), p.since(), p.lastSeen(), p.id().equals(here)))
        .toList();
  }

  @Allowed(StudioRole.GUEST)
  @DeleteMapping("/sessions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endSession(Asker asker, @PathVariable String id) {
    sessions.end(own(asker), id);
  }

  /** Signs out everywhere, also here. */
  @Allowed(StudioRole.GUEST)
  @DeleteMapping("/sessions")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endSessions(Asker asker, HttpServletRequest request) {
    sessions.endAll(own(asker), here(request));
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  /** Whoever sits at a machine without accounts has none. */
  private static String own(Asker asker) {
    if (asker.account().isEmpty()) {
      throw new NoSuchElementException("Nobody has an account here yet.");
    }
    return asker.account();
  }

  private static String here(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session == null ? "" : Sessions.told(session.getId());
  }
}
