package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.Operations.Operation;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Seeded requests that no page would send, to every operation that the description tells of: each
 * is answered, none with an error of ours, in a studio of their own. {@code
 * -Dcraftmap.hostile=10000} sends more of them.
 */
class HostileRequestsTest extends AccountsServerTest {
  private static final int USUALLY = 800;
  private static final Duration AT_MOST = Duration.ofSeconds(60);

  /** Begin work of minutes, or end what the others need. */
  private static final Set<String> LEFT_ALONE =
      Set.of(
          "POST /api/week/searches",
          "POST /api/accounts",
          "POST /api/sign-in",
          "POST /api/sign-out",
          "POST /api/join",
          "POST /api/recovery",
          "DELETE /api/me/sessions",
          "DELETE /api/people/{id}",
          "DELETE /api/pieces/{id}",
          "POST /api/pieces/{id}/order/searches",
          "POST /api/pieces/{id}/cuts/{designId}/searches");

  private static final List<String> TEXTS =
      List.of(
          "",
          " ",
          "' or 1=1 --",
          "\"; drop table piece; --",
          "../../etc/passwd",
          "%00",
          "\u0000",
          "\u202Egnirts",
          "💧".repeat(30),
          "<script>alert(1)</script>",
          "${jndi:x}",
          "{0,number,#.##E0}",
          "9".repeat(400),
          "-1",
          "1e308",
          "NaN",
          "x".repeat(12_000),
          "2027-13-45",
          "null",
          "true");

  private static final List<Double> NUMBERS =
      List.of(0.0, -0.0, -1.0, 0.1, 1e-300, 1e15, -1e15, 1e300, 2147483648.0, 9.007199254740993e15);

  private final Random dice = new Random(20_271);

  @Test
  void everythingIsAnsweredAndNothingFails() throws Exception {
    first("wren", "Wren");
    String owner = stranger();
    as(owner);
    String chest = newChest("Hostile chest").path("id").asString();
    List<Operation> all =
        Operations.all().stream().filter(o -> !LEFT_ALONE.contains(o.toString())).toList();
    int wanted = Integer.getInteger("craftmap.hostile", USUALLY);
    List<String> wrong = new ArrayList<>();
    for (int i = 0; i < wanted; i++) {
      Operation o = all.get(i % all.size());
      HttpRequest.Builder request = hostile(o, chest, owner);
      Answer answer = answered(o, request.timeout(AT_MOST));
      if (answer.status() >= 500) {
        wrong.add(
            "%d: %s %s: %d %s"
                .formatted(
                    i, o, request.build().uri().getRawPath(), answer.status(), answer.detail()));
      }
    }
    assertThat(wrong).isEmpty();
    // and it goes on as before
    assertThat(get("/api/pieces/" + chest).status()).isEqualTo(200);
  }

  /**
   * Whatever is asked is answered. A connection that was kept open may be closed just as it is used
   * again, which is nobody's fault: asked on one of its own there is no such excuse.
   */
  private Answer answered(Operation o, HttpRequest.Builder request) {
    try {
      return send(request);
    } catch (IllegalStateException closed) {
      try {
        return sendAlone(request);
      } catch (IllegalStateException hungUp) {
        throw new AssertionError(o + " " + request.build().uri() + " was not answered", hungUp);
      }
    }
  }

  private HttpRequest.Builder hostile(Operation o, String chest, String owner) {
    String path = o.with(name -> id(name, chest));
    if (dice.nextInt(5) == 0) {
      path +=
          (path.contains("?") ? "&" : "?") + "find=" + encoded(text()) + "&at=" + encoded(text());
    }
    String body = "";
    if (o.takesFile()) {
      byte[] junk = new byte[dice.nextInt(3000)];
      dice.nextBytes(junk);
      body = new String(junk, StandardCharsets.ISO_8859_1);
    } else if (o.body() != null) {
      body = dice.nextInt(6) == 0 ? broken(o.body()) : spoiled(o.body().deepCopy(), 0).toString();
    }
    HttpRequest.Builder request =
        request(path)
            .header("Content-Type", contentType(o))
            .setHeader("Cookie", "XSRF-TOKEN=t; " + owner)
            .header("X-XSRF-TOKEN", "t")
            .method(
                o.method(),
                o.method().equals("GET")
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    if (!o.method().equals("GET") && dice.nextInt(4) > 0) {
      request.header("If-Match", dice.nextBoolean() ? "\"1\"" : encoded(text()));
    }
    return request;
  }

  private String contentType(Operation o) {
    if (dice.nextInt(12) == 0) {
      return "text/csv";
    }
    return o.takesFile() ? "application/octet-stream" : "application/json";
  }

  /** Of something that is there, so that it is looked at more closely, or of nothing. */
  private String id(String name, String chest) {
    if (dice.nextInt(3) == 0) {
      String garbage = encoded(text());
      return garbage.isEmpty() || garbage.length() > 2000 ? "x" : garbage;
    }
    return switch (name) {
      case "id" -> chest;
      case "faceId" -> "front";
      case "groupId" -> "all";
      case "band", "mat" -> "" + (dice.nextInt(5) - 1);
      default -> "a";
    };
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
  }

  private String text() {
    return TEXTS.get(dice.nextInt(TEXTS.size()));
  }

  /** What is no JSON, or stops in the middle. */
  private String broken(JsonNode body) {
    String whole = body.toString();
    return switch (dice.nextInt(4)) {
      case 0 -> whole.substring(0, dice.nextInt(whole.length() + 1));
      case 1 -> "[".repeat(3000);
      case 2 -> "{\"a\":".repeat(1500);
      default -> text();
    };
  }

  /** The same with some of it replaced by what does not belong there. */
  private JsonNode spoiled(JsonNode node, int depth) {
    if (dice.nextInt(7) == 0) {
      return junk();
    }
    if (node instanceof ObjectNode object) {
      for (String name : List.copyOf(object.propertyNames())) {
        if (dice.nextInt(12) == 0) {
          object.remove(name);
        } else {
          object.set(name, spoiled(object.get(name), depth + 1));
        }
      }
      if (dice.nextInt(10) == 0) {
        object.put("unheardOf", 1);
      }
      return object;
    }
    if (node instanceof ArrayNode array) {
      for (int i = 0; i < array.size(); i++) {
        array.set(i, spoiled(array.get(i), depth + 1));
      }
      if (array.size() == 1 && dice.nextInt(4) == 0) {
        for (int n = dice.nextInt(60); n > 0; n--) {
          array.add(array.get(0).deepCopy());
        }
      }
      return array;
    }
    return dice.nextInt(3) == 0 ? alike(node) : node;
  }

  /** Something else of the same kind. */
  private JsonNode alike(JsonNode node) {
    if (node.isNumber()) {
      return json.valueToTree(NUMBERS.get(dice.nextInt(NUMBERS.size())));
    }
    return node.isBoolean() ? json.valueToTree(false) : json.valueToTree(text());
  }

  private JsonNode junk() {
    return switch (dice.nextInt(6)) {
      case 0 -> json.nullNode();
      case 1 -> json.valueToTree(NUMBERS.get(dice.nextInt(NUMBERS.size())));
      case 2 -> json.createArrayNode();
      case 3 -> json.createObjectNode();
      case 4 -> json.valueToTree(List.of(List.of(List.of(1))));
      default -> json.valueToTree(text());
    };
  }
}
