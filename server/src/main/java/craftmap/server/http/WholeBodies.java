package craftmap.server.http;

import craftmap.core.measure.RefusedInput;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * What the description of the interface calls required has to be there: whatever is sent is looked
 * through before anyone works with it, and what is missing is named with its place.
 */
@RestControllerAdvice
class WholeBodies extends RequestBodyAdviceAdapter {
  private static final String OURS = "craftmap.server";

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    if (body == null) {
      throw new RefusedInput("Body", "null", "is nothing", "an object");
    }
    String missing = missing(body);
    if (missing != null) {
      throw new RefusedInput(missing, "empty", "is missing", "a value");
    }
    return body;
  }

  /** Where something is missing, as a path from there on; null where all is there. */
  private static String missing(Object value) {
    return switch (value) {
      case Record r when r.getClass().getName().startsWith(OURS) -> missingOf(r);
      case List<?> list -> {
        for (int i = 0; i < list.size(); i++) {
          String deeper = list.get(i) == null ? "" : missing(list.get(i));
          if (deeper != null) {
            yield joined("[" + i + "]", deeper);
          }
        }
        yield null;
      }
      case Map<?, ?> map -> {
        for (Map.Entry<?, ?> e : map.entrySet()) {
          String deeper = e.getValue() == null ? "" : missing(e.getValue());
          if (deeper != null) {
            yield joined("" + e.getKey(), deeper);
          }
        }
        yield null;
      }
      default -> null;
    };
  }

  private static String missingOf(Record r) {
    for (Part part : PARTS.get(r.getClass())) {
      Object value = part.of(r);
      String deeper = value != null ? missing(value) : part.required() ? "" : null;
      if (deeper != null) {
        return joined(part.name(), deeper);
      }
    }
    return null;
  }

  private static String joined(String name, String deeper) {
    return deeper.isEmpty() || deeper.startsWith("[") ? name + deeper : name + "." + deeper;
  }

  /** A component of a record, looked up once: a plan has thousands of them with every keystroke. */
  private record Part(String name, MethodHandle accessor, boolean required) {
    Object of(Record r) {
      try {
        return accessor.invoke(r);
      } catch (Throwable e) {
        throw new IllegalStateException("impossible state: a record hides " + name, e);
      }
    }
  }

  private static final ClassValue<List<Part>> PARTS =
      new ClassValue<>() {
        @Override
        protected List<Part> computeValue(Class<?> type) {
          return Arrays.stream(type.getRecordComponents()).map(WholeBodies::part).toList();
        }
      };

  private static Part part(RecordComponent component) {
    try {
      component.getAccessor().setAccessible(true);
      Schema schema = component.getAccessor().getAnnotation(Schema.class);
      boolean optional =
          schema != null && schema.requiredMode() == Schema.RequiredMode.NOT_REQUIRED;
      return new Part(
          component.getName(),
          MethodHandles.lookup().unreflect(component.getAccessor()),
          !optional);
    } catch (IllegalAccessException e) {
      throw new IllegalStateException("impossible state: a record hides " + component, e);
    }
  }
}
