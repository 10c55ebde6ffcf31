package craftmap.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.CompositeSessionAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Signs people in and out: their session is in the database, known to every server. */
@Component
class SignIn {
  private static final Logger LOG = LoggerFactory.getLogger(SignIn.class);

  /** What kind of device it is, for the list of where one is signed in. */
  static final String DEVICE = "device";

  private final AuthenticationManager manager;
  private final SecurityContextRepository contexts;
  private final SessionAuthenticationStrategy session;
  private final Patience patience;

  SignIn(
      AuthenticationManager manager,
      SecurityContextRepository contexts,
      CsrfTokenRepository tokens,
      Patience patience) {
    this.manager = manager;
    this.contexts = contexts;
    this.patience = patience;
    // a session id and a token of before, which somebody else may know, are good no more
    this.session =
        new CompositeSessionAuthenticationStrategy(
            List.of(
                new ChangeSessionIdAuthenticationStrategy(),
                new CsrfAuthenticationStrategy(tokens)));
  }

  /** With a name and a password. */
  void by(
      String signIn, String password, HttpServletRequest request, HttpServletResponse response) {
    String name = Given.signIn(signIn);
    Authentication known =
        tried(
            name,
            request,
            () ->
                manager.authenticate(
                    UsernamePasswordAuthenticationToken.unauthenticated(name, password)));
    begin(known, request, response);
  }

  /** What comes of a try to be let in under a name, which counts as one. */
  <T> T tried(String name, HttpServletRequest request, Supplier<T> way) {
    String from = request.getRemoteAddr();
    T known;
    try {
      patience.tries(name, from);
      known = way.get();
    } catch (AuthenticationException | Patience.TooSoon notLetIn) {
      // not under which name: people type passwords there
      LOG.warn("somebody at {} was not let in", from);
      throw notLetIn;
    }
    patience.succeeded(name, from);
    return known;
  }

  /** Somebody who has just shown in another way who they are. */
  void as(Account account, HttpServletRequest request, HttpServletResponse response) {
    begin(
        UsernamePasswordAuthenticationToken.authenticated(account.id(), null, List.of()),
        request,
        response);
  }

  private void begin(
      Authentication known, HttpServletRequest request, HttpServletResponse response) {
    Authentication bare =
        UsernamePasswordAuthenticationToken.authenticated(known.getName(), null, List.of());
    request.getSession().setAttribute(DEVICE, device(request.getHeader(HttpHeaders.USER_AGENT)));
    session.onAuthentication(bare, request, response);
    // told with this very answer: what is done next may be done before anything else was asked for
    ((CsrfToken) request.getAttribute(CsrfToken.class.getName())).getToken();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(bare);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    LOG.info("account {} signed in from {}", known.getName(), request.getRemoteAddr());
  }

  void out(HttpServletRequest request, HttpServletResponse response) {
    new SecurityContextLogoutHandler()
        .logout(request, response, SecurityContextHolder.getContext().getAuthentication());
    contexts.saveContext(SecurityContextHolder.createEmptyContext(), request, response);
  }

  static Device device(String userAgent) {
    if (userAgent == null) {
      return Device.UNKNOWN;
    }
    if (userAgent.contains("Tablet")) {
      return Device.TABLET;
    }
    return userAgent.contains("Mobi") ? Device.PHONE : Device.COMPUTER;
  }

  /** What somebody signed in with. */
  enum Device {
    COMPUTER,
    TABLET,
    PHONE,
    UNKNOWN
  }
}
