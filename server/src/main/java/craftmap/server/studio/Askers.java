package craftmap.server.studio;

import craftmap.core.measure.TapeDivision;
import craftmap.server.http.TapeOfWhoAsks;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The one place that finds out who asks. There are no accounts yet: whoever sits at the machine
 * owns the only studio, under the name that the page says.
 */
@Configuration(proxyBeanMethods = false)
class Askers implements HandlerMethodArgumentResolver, WebMvcConfigurer, TapeOfWhoAsks {
  /** Percent-encoded, as names have letters that headers have not. */
  private static final String HEADER = "X-Person";

  static {
    SpringDocUtils.getConfig().addRequestWrapperToIgnore(Asker.class);
  }

  private final Studios studios;

  Askers(Studios studios) {
    this.studios = studios;
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(this);
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
    return new Asker(studios.current(), person(request.getHeader(HEADER)), Asker.Role.OWNER);
  }

  @Override
  public TapeDivision of(NativeWebRequest request) {
    return studios.current().tape();
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
