package craftmap.server.http;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.annotation.Annotation;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The description of the interface, from which the pages' client is made. A field is always there
 * unless its record says otherwise, so that the client need not doubt.
 */
@Configuration
class OpenApiConfig {
  /** Fields that may be absent, as {@code Schema.field}. */
  private final Set<String> optional = ConcurrentHashMap.newKeySet();

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Craft Map")
                .version("1")
                .description(
                    "Plans where designs go on furniture. Lengths are millimetres (Mm) or text as"
                        + " the studio's tape shows it; errors are problem+json."));
  }

  @Bean
  PropertyCustomizer rememberOptionalFields() {
    return (property, type) -> {
      if (type.getCtxAnnotations() != null && type.getParent() != null) {
        for (Annotation annotation : type.getCtxAnnotations()) {
          if (annotation instanceof io.swagger.v3.oas.annotations.media.Schema schema
              && schema.requiredMode()
                  == io.swagger.v3.oas.annotations.media.Schema.RequiredMode.NOT_REQUIRED) {
            optional.add(type.getParent().getName() + "." + type.getPropertyName());
          }
        }
      }
      return property;
    };
  }

  @Bean
  @SuppressWarnings("unchecked") // the library's map of properties is raw
  OpenApiCustomizer everyOtherFieldIsThere() {
    return api -> {
      api.servers(null);
      schemas(api)
          .forEach(
              (name, schema) -> {
                if (schema.getProperties() != null) {
                  schema.setRequired(
                      schema.getProperties().keySet().stream()
                          .filter(field -> !optional.contains(name + "." + field))
                          .toList());
                }
              });
      api.getPaths()
          .values()
          .forEach(path -> path.readOperations().forEach(OpenApiConfig::onlyTheSuccess));
    };
  }

  @SuppressWarnings({"rawtypes", "unchecked"})
  private static Map<String, Schema<?>> schemas(OpenAPI api) {
    return (Map) api.getComponents().getSchemas();
  }

  /** Errors are alike everywhere and described once, above. */
  private static void onlyTheSuccess(Operation operation) {
    operation.getResponses().keySet().removeIf(code -> !code.startsWith("2"));
  }

  @Bean
  ModelResolver enumsByName() {
    ModelResolver.enumsAsRef = true;
    return new ModelResolver(io.swagger.v3.core.util.Json31.mapper());
  }
}
