package craftmap.server.http;

import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
  /**
   * Fields that may be absent, as {@code Schema.field}. What reads our classes for the description
   * is one for the whole process, so what it has found is too.
   */
  private static final Set<String> OPTIONAL = ConcurrentHashMap.newKeySet();

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
            OPTIONAL.add(type.getParent().getName() + "." + type.getPropertyName());
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
      schemas(api).values().stream()
          .filter(s -> s.getDiscriminator() != null)
          .toList()
          .forEach(base -> oneOfItsKinds(api, base));
      schemas(api)
          .forEach(
              (name, schema) -> {
                if (schema.getProperties() != null) {
                  schema.setRequired(
                      schema.getProperties().keySet().stream()
                          .filter(field -> !OPTIONAL.contains(name + "." + field))
                          .toList());
                }
              });
      api.getPaths()
          .values()
          .forEach(path -> path.readOperations().forEach(OpenApiConfig::onlyTheSuccess));
    };
  }

  /**
   * What comes in several kinds is one of them, each with its kind as a field of one value; the
   * kind is the schema's name in capitals.
   */
  @SuppressWarnings("unchecked") // the library's maps and lists of schemas are raw
  private static void oneOfItsKinds(OpenAPI api, Schema<?> base) {
    String name =
        schemas(api).entrySet().stream()
            .filter(e -> e.getValue() == base)
            .map(Map.Entry::getKey)
            .findFirst()
            .orElseThrow();
    String ref = "#/components/schemas/" + name;
    String kind = base.getDiscriminator().getPropertyName();
    base.setProperties(null);
    base.setRequired(null);
    base.setOneOf(new ArrayList<>());
    for (Map.Entry<String, Schema<?>> entry : Set.copyOf(schemas(api).entrySet())) {
      List<Schema<?>> parts = (List) entry.getValue().getAllOf();
      if (parts == null || !ref.equals(parts.getFirst().get$ref())) {
        continue;
      }
      Schema<Object> own = new ObjectSchema();
      own.addProperty(kind, new StringSchema().addEnumItem(capitals(entry.getKey())));
      parts.get(1).getProperties().forEach(own::addProperty);
      api.getComponents().getSchemas().put(entry.getKey(), own);
    }
    schemas(api).entrySet().stream()
        .filter(
            e ->
                e.getValue().getProperties() != null
                    && e.getValue().getProperties().get(kind) instanceof StringSchema s
                    && s.getEnum() != null
                    && s.getEnum().equals(List.of(capitals(e.getKey()))))
        .map(Map.Entry::getKey)
        .sorted()
        .forEach(
            own -> {
              String ownRef = "#/components/schemas/" + own;
              base.addOneOfItem(new Schema<>().$ref(ownRef));
              base.getDiscriminator().mapping(capitals(own), ownRef);
            });
    // a list of any of them names the whole, not all of its kinds again
    schemas(api).values().stream()
        .filter(s -> s.getProperties() != null)
        .flatMap(s -> s.getProperties().values().stream())
        .filter(p -> p.getItems() != null && p.getItems().getOneOf() != null)
        .forEach(p -> p.setItems(new Schema<>().$ref(ref)));
  }

  private static String capitals(String name) {
    return name.replaceAll("(?<!^)([A-Z])", "_$1").toUpperCase(Locale.ENGLISH);
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
