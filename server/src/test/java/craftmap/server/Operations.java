package craftmap.server;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Every operation that the description of the interface tells of, and something to send to it. */
final class Operations {
  /** Deeper, what may be left out is. */
  private static final int DEEPEST = 6;

  /** Read a file; the description does not tell. */
  private static final Set<String> OF_FILES =
      Set.of(
          "/api/artworks",
          "/api/backups/look",
          "/api/backups/restore",
          "/api/pieces/import",
          "/api/pieces/{id}/photos",
          "/api/shelf/file",
          "/api/shelf/lists");

  private static final JsonMapper JSON = JsonMapper.shared();

  private final JsonNode description;

  private Operations(JsonNode description) {
    this.description = description;
  }

  /**
   * One of them.
   *
   * @param path with the names of its ids in braces
   * @param allowed what one has to be, as the description says
   * @param takesFile whether a file is sent to it
   * @param body something of the shape that it reads; none where it reads nothing
   */
  record Operation(
      String method, String path, String allowed, boolean takesFile, JsonNode body, String query) {
    /** As it is asked with ids in place of their names. */
    String with(UnaryOperator<String> ids) {
      StringBuilder told = new StringBuilder();
      for (String part : path.split("(?=\\{)|(?<=\\})")) {
        told.append(part.startsWith("{") ? ids.apply(part.substring(1, part.length() - 1)) : part);
      }
      return told + query;
    }

    @Override
    public String toString() {
      return method + " " + path;
    }
  }

  static List<Operation> all() throws IOException {
    return new Operations(
            JSON.readTree(Files.readString(TestDatabase.home().resolve("docs/openapi.json"))))
        .read();
  }

  private List<Operation> read() {
    List<Operation> all = new ArrayList<>();
    description
        .path("paths")
        .propertyStream()
        .filter(p -> p.getKey().startsWith("/api/"))
        .forEach(
            p ->
                p.getValue()
                    .propertyStream()
                    .forEach(
                        o ->
                            all.add(
                                operation(
                                    o.getKey().toUpperCase(Locale.ROOT),
                                    p.getKey(),
                                    o.getValue()))));
    return all;
  }

  private Operation operation(String method, String path, JsonNode told) {
    JsonNode content = told.at("/requestBody/content");
    JsonNode schema = content.at("/application~1json/schema");
    return new Operation(
        method,
        path,
        told.path("x-allowed").asString(),
        method.equals("POST") && OF_FILES.contains(path),
        schema.isMissingNode() ? null : example(schema, 0),
        query(told));
  }

  private String query(JsonNode told) {
    StringBuilder query = new StringBuilder();
    for (JsonNode p : told.path("parameters")) {
      if (p.path("in").asString().equals("query") && p.path("required").asBoolean()) {
        String value =
            p.at("/schema/format").asString().equals("date")
                ? "2027-02-01"
                : example(p.path("schema"), 0).asString();
        query
            .append(query.isEmpty() ? "?" : "&")
            .append(p.path("name").asString())
            .append('=')
            .append(value);
      }
    }
    return query.toString();
  }

  /** Something of the shape that a schema tells, with whatever has to be there. */
  private JsonNode example(JsonNode schema, int depth) {
    if (schema.has("$ref")) {
      return example(description.at(schema.path("$ref").asString().substring(1)), depth);
    }
    if (schema.has("oneOf")) {
      return example(schema.path("oneOf").get(0), depth);
    }
    if (schema.has("enum")) {
      return schema.path("enum").get(0);
    }
    if (schema.has("properties")) {
      ObjectNode object = JSON.createObjectNode();
      for (JsonNode name : schema.path("required")) {
        String field = name.asString();
        object.set(field, example(schema.path("properties").path(field), depth + 1));
      }
      return object;
    }
    return switch (schema.path("type").asString()) {
      case "array" -> {
        ArrayNode list = JSON.createArrayNode();
        yield depth > DEEPEST ? list : list.add(example(schema.path("items"), depth + 1));
      }
      case "integer", "number" -> JSON.valueToTree(1);
      case "boolean" -> JSON.valueToTree(true);
      case "string" -> JSON.valueToTree("1");
      default -> JSON.createObjectNode();
    };
  }
}
