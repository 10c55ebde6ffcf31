package craftmap.server.http;

import craftmap.core.measure.RefusedInput;
import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
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
    check(body, "");
    return body;
  }

  private static void check(Object value, String path) {
    switch (value) {
      case Record r when r.getClass().getName().startsWith(OURS) -> checkRecord(r, path);
      case List<?> list -> {
        for (int i = 0; i < list.size(); i++) {
          there(list.get(i), path + "[" + i + "]");
        }
      }
      case Map<?, ?> map -> map.forEach((key, v) -> there(v, path + "." + key));
      default -> {}
    }
  }

  private static void checkRecord(Record r, String path) {
    for (RecordComponent component : r.getClass().getRecordComponents()) {
      String at = path.isEmpty() ? component.getName() : path + "." + component.getName();
      Object value = valueOf(r, component);
      if (value != null || !mayBeMissing(component)) {
        there(value, at);
      }
    }
  }

  private static void there(Object value, String at) {
    if (value == null) {
      throw new RefusedInput(at, "empty", "is missing", "a value");
    }
    check(value, at);
  }

  private static boolean mayBeMissing(RecordComponent component) {
    Schema schema = component.getAccessor().getAnnotation(Schema.class);
    return schema != null && schema.requiredMode() == Schema.RequiredMode.NOT_REQUIRED;
  }

  private static Object valueOf(Record r, RecordComponent component) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(r);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("impossible state: a record hides " + component, e);
    }
  }
}
