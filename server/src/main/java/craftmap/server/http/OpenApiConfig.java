package craftmap.server.http;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
  private static final String OPTIONAL = "x-optional";

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
  PropertyCustomizer markOptionalFields() {
    return (property, type) -> {
      if (type.getCtxAnnotations() != null) {
        for (Annotation annotation : type.getCtxAnnotations()) {
          if (annotation instanceof io.swagger.v3.oas.annotations.media.Schema schema
              && schema.requiredMode()
                  == io.swagger.v3.oas.annotations.media.Schema.RequiredMode.NOT_REQUIRED) {
            property.addExtension(OPTIONAL, true);
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
      for (Schema<?> schema : schemas(api).values()) {
        if (schema.getProperties() == null) {
          continue;
        }
        List<String> required = new ArrayList<>();
        schema
            .getProperties()
            .forEach(
                (name, property) -> {
                  Map<String, Object> extensions = property.getExtensions();
                  if (extensions == null || extensions.remove(OPTIONAL) == null) {
                    required.add(name);
                  }
                });
        schema.setRequired(required);
      }
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
