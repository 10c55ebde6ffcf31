package craftmap.server.http;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Faults;
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
      throw new RefusedInput("body", said("null"), said("is-nothing"), said("an-object"));
    }
    Faults faults = new Faults();
    missing(body, "", faults);
    return faults.whole(() -> body);
  }

  /** Everything that is missing in a value, each named by its place. */
  private static void missing(Object value, String place, Faults faults) {
    switch (value) {
      case Record r when r.getClass().getName().startsWith(OURS) -> {
        for (Part part : PARTS.get(r.getClass())) {
          look(
              part.of(r), part.required(), place.isEmpty() ? "" : place + ".", part.name(), faults);
        }
      }
      case List<?> list -> {
        for (int i = 0; i < list.size(); i++) {
          look(list.get(i), true, place, "[" + i + "]", faults);
        }
      }
      case Map<?, ?> map ->
          map.forEach(
              (key, v) -> look(v, true, place.isEmpty() ? "" : place + ".", "" + key, faults));
      default -> {
        // a value is there
      }
    }
  }

  private static void look(
      Object value, boolean required, String before, String name, Faults faults) {
    if (value != null) {
      missing(value, before + name, faults);
    } else if (required) {
      faults.part(
          () -> {
            throw new RefusedInput(
                given(before + name), said("empty"), said("is-missing"), said("a-value"));
          });
    }
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
