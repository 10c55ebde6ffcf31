package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Best before, and opened too long: told where the pot is counted on. */
class KeepingApiTest extends CoatsServerTest {
  private final LocalDate today = LocalDate.now(ZoneOffset.UTC);

  private String pot(String colour, LocalDate opened, LocalDate bestBefore, Integer keeps) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", "4000");
    ObjectNode medium = pot.putObject("medium").put("name", "Kept " + colour);
    medium.put("generic", "furniture-enamel").putArray("packs");
    ObjectNode label = medium.putObject("label");
    ObjectNode numbers = label.putObject("numbers");
    if (keeps != null) {
      numbers.put("keeps", keeps);
    }
    label.putObject("choices").put("colour", colour);
    ObjectNode stock = pot.putObject("stock");
    if (opened != null) {
      stock.put("openedOn", opened.toString());
    }
    if (bestBefore != null) {
      stock.put("expiresOn", bestBefore.toString());
    }
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  private List<String> warned(String name, String pot) {
    JsonNode piece = board(name, 455.5);
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    String id = piece.path("id").asString();
    List<String> inGather = of(get("/api/pieces/" + id + "/gather").body().path("needs"), pot);
    List<String> inShopping =
        of(get("/api/shopping/missing?pieces=" + id).body().path("supplies"), pot);
    assertThat(inShopping).isEqualTo(inGather);
    return inGather;
  }

  private static List<String> of(JsonNode things, String pot) {
    return things
        .valueStream()
        .filter(n -> pot.equals(n.path("potId").asString(n.path("holdingId").asString(""))))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + pot + " in " + things))
        .path("warnings")
        .valueStream()
        .map(JsonNode::asString)
        .toList();
  }

  @Test
  void whatIsPastItsDayOrOpenedTooLongIsTold() {
    assertThat(warned("Fresh", pot("#70512A", today, today.plusYears(2), null))).isEmpty();
    assertThat(warned("Past", pot("#70512B", null, today.minusDays(3), null)))
        .singleElement()
        .asString()
        .contains("was best before");
    assertThat(warned("Soon", pot("#70512C", null, today.plusDays(9), null)))
        .singleElement()
        .asString()
        .contains("is best before");
    assertThat(warned("Opened", pot("#70512D", today.minusYears(6), null, null)))
        .singleElement()
        .asString()
        .contains("try it on a scrap first");
  }

  @Test
  void theLabelSaysHowLongItKeeps() {
    assertThat(warned("Short", pot("#70512E", today.minusMonths(4), null, 3))).hasSize(1);
    assertThat(warned("Long", pot("#70512F", today.minusMonths(4), null, 6))).isEmpty();
    assertThat(warned("Unknown", pot("#705130", today.minusYears(20), null, 0))).isEmpty();
  }
}
