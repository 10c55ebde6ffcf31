package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * The description names what is sent and answered by its last name alone: of two that are called
 * the same, both would be told as one of them, whichever was come across first.
 */
class NamesInTheDescriptionTest extends ServerTest {
  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping handlers;

  private final Set<Type> seen = new HashSet<>();
  private final Map<String, Set<String>> byName = new TreeMap<>();

  @Test
  void nothingSharesItsNameWithAnother() {
    for (HandlerMethod handler : handlers.getHandlerMethods().values()) {
      Method method = handler.getMethod();
      look(method.getGenericReturnType());
      Arrays.stream(method.getGenericParameterTypes()).forEach(this::look);
    }
    assertThat(byName).containsKeys("FaceView", "PlanEdit", "Edge", "PartEdge");
    byName.values().removeIf(classes -> classes.size() == 1);
    assertThat(byName).isEmpty();
  }

  private void look(Type type) {
    if (!seen.add(type)) {
      return;
    }
    if (type instanceof ParameterizedType of) {
      look(of.getRawType());
      Arrays.stream(of.getActualTypeArguments()).forEach(this::look);
    } else if (type instanceof Class<?> told && told.getName().startsWith("craftmap.")) {
      boolean isRecord = told.isRecord();
      if (isRecord || told.isEnum() || told.isSealed()) {
        Schema named = told.getAnnotation(Schema.class);
        String name = named == null || named.name().isEmpty() ? told.getSimpleName() : named.name();
        byName.computeIfAbsent(name, n -> new TreeSet<>()).add(told.getName());
      }
      if (isRecord) {
        Arrays.stream(told.getRecordComponents())
            .map(RecordComponent::getGenericType)
            .forEach(this::look);
      }
      if (told.isSealed()) {
        Arrays.stream(told.getPermittedSubclasses()).forEach(this::look);
      }
    }
  }
}
