package craftmap.server.studio;

import craftmap.server.access.Allowed;
import craftmap.server.access.Door;
import craftmap.server.access.Doors;
import craftmap.server.access.NotAllowed;
import craftmap.server.access.NotAtTheBench;
import craftmap.server.access.NotPaired;
import craftmap.server.access.NotSignedIn;
import craftmap.server.access.StudioRole;
import io.swagger.v3.oas.models.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Lets through to an operation whoever may ask it, before anything of what was sent is read, and
 * hands to it who that is.
 */
@Configuration(proxyBeanMethods = false)
class Gate implements WebMvcConfigurer, HandlerInterceptor {
  /** How the description of the interface tells what one has to be. */
  private static final String IN_THE_DESCRIPTION = "x-allowed";

  private static final String IN_THE_DESCRIPTION_OF_THE_BENCH = "x-at-the-bench";

  private final Askers askers;
  private final Doors doors;

  Gate(Askers askers, Doors doors) {
    this.askers = askers;
    this.doors = doors;
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(askers);
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Optional<Allowed> said =
        handler instanceof HandlerMethod method ? said(method) : Optional.empty();
    switch (doors.of(request)) {
      case Door.Unpaired _ when !said.map(Allowed::unpaired).orElse(false) -> throw new NotPaired();
      case Door.Paired device
          when device.benchOnly() && !said.map(Allowed::atTheBench).orElse(false) ->
          throw new NotAtTheBench();
      default -> {}
    }
    StudioRole asked = said.map(Allowed::value).orElse(StudioRole.GUEST);
    if (asked == StudioRole.ANYONE) {
      return true;
    }
    StudioRole is = askers.of(request).orElseThrow(NotSignedIn::new).role();
    if (!is.may(asked)) {
      throw new NotAllowed(asked);
    }
    return true;
  }

  /** An operation that says nothing would be found out here, at the start, and not by its users. */
  @EventListener
  void everyOperationSaysWhoMay(ContextRefreshedEvent started) {
    started
        .getApplicationContext()
        .getBeansOfType(RequestMappingHandlerMapping.class)
        .values()
        .forEach(mapping -> mapping.getHandlerMethods().values().forEach(Gate::said));
  }

  @Bean
  OperationCustomizer whoMay() {
    return (Operation operation, HandlerMethod method) -> {
      Optional<Allowed> said = said(method);
      StudioRole asked = said.map(Allowed::value).orElse(StudioRole.GUEST);
      operation.addExtension(IN_THE_DESCRIPTION, asked.name().toLowerCase(Locale.ENGLISH));
      if (said.map(Allowed::atTheBench).orElse(false)) {
        operation.addExtension(IN_THE_DESCRIPTION_OF_THE_BENCH, true);
      }
      return operation;
    };
  }

  /** What an operation of ours says; the description, where it is served at all, says nothing. */
  private static Optional<Allowed> said(HandlerMethod method) {
    Allowed allowed = method.getMethodAnnotation(Allowed.class);
    if (allowed == null && method.getBeanType().getPackageName().startsWith("craftmap.")) {
      throw new IllegalStateException(
          "impossible state: nothing says who may ask " + method.getShortLogMessage());
    }
    return Optional.ofNullable(allowed);
  }
}
