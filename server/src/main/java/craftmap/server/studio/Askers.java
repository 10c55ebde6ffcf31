package craftmap.server.studio;

import craftmap.core.measure.TapeDivision;
import craftmap.server.access.Door;
import craftmap.server.access.Doors;
import craftmap.server.access.NotSignedIn;
import craftmap.server.http.TapeOfWhoAsks;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.MethodParameter;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/**
 * The one place that finds out who asks: whoever signed in; while there are no accounts, whoever
 * sits at the machine, under the name that the page says.
 */
@Component
class Askers implements HandlerMethodArgumentResolver, TapeOfWhoAsks, WhoAsks, WhoDoesIt {
  /** Percent-encoded, as names have letters that headers have not. */
  private static final String HEADER = "X-Person";

  private static final String FOUND = Askers.class.getName();

  static {
    SpringDocUtils.getConfig().addRequestWrapperToIgnore(Asker.class);
  }

  private final Studios studios;
  private final Members members;
  private final Doors doors;

  Askers(Studios studios, Members members, Doors doors) {
    this.studios = studios;
    this.members = members;
    this.doors = doors;
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == Asker.class;
  }

  @Override
  public Asker resolveArgument(
      MethodParameter parameter,
      ModelAndViewContainer container,
      NativeWebRequest request,
      WebDataBinderFactory binders) {
    return of(request.getNativeRequest(HttpServletRequest.class)).orElseThrow(NotSignedIn::new);
  }

  @Override
  public Optional<Asker> of(HttpServletRequest request) {
    if (request.getAttribute(FOUND) instanceof Asker asker) {
      return Optional.of(asker);
    }
    Optional<Asker> asker = find(request);
    asker.ifPresent(a -> request.setAttribute(FOUND, a));
    return asker;
  }

  /** Nobody where nobody asks, as in a job or while the demo is founded. */
  @Override
  public String person() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request instanceof ServletRequestAttributes http
            && http.getRequest().getAttribute(FOUND) instanceof Asker asker
        ? asker.person()
        : "";
  }

  private Optional<Asker> find(HttpServletRequest request) {
    Door door = doors.of(request);
    if (door instanceof Door.Unpaired) {
      return Optional.empty();
    }
    if (!members.any()) {
      String person = person(request.getHeader(HEADER));
      return Optional.of(
          door instanceof Door.Paired device
              ? Asker.onADevice(
                  studios.get(device.studioId()), person.isEmpty() ? device.name() : person)
              : Asker.atTheMachine(studios.first(), person));
    }
    Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
    return Optional.ofNullable(signedIn)
        .flatMap(members::of)
        .map(m -> new Asker(studios.get(m.studioId()), m.person(), m.role(), m.account()));
  }

  @Override
  public TapeDivision of(NativeWebRequest request) {
    return of(request.getNativeRequest(HttpServletRequest.class))
        .map(a -> a.studio().tape())
        .orElse(TapeDivision.MM_1);
  }

  static String person(String header) {
    if (header == null) {
      return "";
    }
    try {
      return URLDecoder.decode(header, StandardCharsets.UTF_8).replaceAll("\\p{Cntrl}", "").strip();
    } catch (IllegalArgumentException notEncoded) {
      return "";
    }
  }
}
