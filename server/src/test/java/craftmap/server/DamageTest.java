package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a page says is covered, is: against circles of ink whose places are known. */
class DamageTest extends ServerTest {
  /** A circle on the face or on the sheet, in mm. */
  private record Disc(double x, double y, double radius) {
    /** Of this one, what is under the others, by a fine net of points. */
    double under(List<Disc> others) {
      int in = 0;
      int hidden = 0;
      for (int i = -150; i <= 150; i++) {
        for (int k = -150; k <= 150; k++) {
          if (i * i + k * k > 150 * 150) {
            continue;
          }
          in++;
          double px = x + i * radius / 150;
          double py = y + k * radius / 150;
          if (others.stream().anyMatch(o -> Math.hypot(px - o.x, py - o.y) < o.radius)) {
            hidden++;
          }
        }
      }
      return (double) hidden / in;
    }
  }

  private String design(String kind, String svg) {
    JsonNode art = upload("/api/artworks", svg.getBytes(StandardCharsets.UTF_8)).body();
    ObjectNode given =
        json.createObjectNode()
            .put("kind", kind)
            .put("name", kind + " of discs")
            .put("motif", "")
            .put("note", "")
            .put("rights", "MAY_BE_SOLD")
            .put("artworkId", art.path("id").asString());
    given.set("answers", json.valueToTree(Map.of("numbers", Map.of(), "choices", Map.of())));
    given.putArray("motifs");
    ObjectNode body = json.createObjectNode().put("quantity", "1");
    body.set("design", given);
    Answer added = post("/api/designs", body);
    assertThat(added.status()).as(added.detail()).isEqualTo(201);
    return added.body().path("id").asString();
  }

  private static String sheet(double w, double h, List<Disc> ink) {
    StringBuilder svg = new StringBuilder();
    svg.append(
        String.format(
            Locale.ROOT,
            "<svg xmlns='http://www.w3.org/2000/svg' width='%1$smm' height='%2$smm'"
                + " viewBox='0 0 %1$s %2$s'>",
            w,
            h));
    for (Disc d : ink) {
      svg.append(
          String.format(
              Locale.ROOT, "<circle cx='%s' cy='%s' r='%s' fill='#7a4b33'/>", d.x, d.y, d.radius));
    }
    return svg.append("</svg>").toString();
  }

  private JsonNode blemishes(String designId, double x, double y, double turn, List<Disc> damage) {
    ObjectNode document = (ObjectNode) newChest("Burnt and chipped").path("document").deepCopy();
    ObjectNode lay =
        lay("t", "front", "SINGLE", Map.of("x", x, "y", y, "angle", turn), Map.of("placed", "YES"))
            .put("designId", designId);
    lay.putObject("pick").put("way", "STAND_PLACED").put("count", 1).put("across", 1);
    document.withArray("lays").add(lay);
    ObjectNode front =
        document
            .withArray("faces")
            .addObject()
            .put("id", "front")
            .put("makeUp", "WOOD")
            .put("finish", "PAINTED")
            .put("ground", "#D9CFBC")
            .put("standing", "OF_THE_FORM")
            .put("ownMarks", false);
    for (Disc d : damage) {
      int number = front.withArray("blemishes").size() + 1;
      front
          .withArray("blemishes")
          .addObject()
          .put("id", "b" + number)
          .put("number", number)
          .put("kind", "chip")
          .put("xMm", d.x)
          .put("yMm", d.y)
          .put("diameterMm", 2 * d.radius)
          .put("note", "");
    }
    Answer read = post("/api/readings", document);
    assertThat(read.status()).as(read.detail()).isEqualTo(200);
    for (JsonNode face : read.body().path("faces")) {
      if (face.path("id").asString().equals("front")) {
        return face.path("blemishes");
      }
    }
    throw new AssertionError("no front");
  }

  @ParameterizedTest
  @ValueSource(longs = {3, 17, 4242})
  void aTransferCoversWhatItsInkCoversHoweverItIsTurned(long seed) {
    Random dice = new Random(seed);
    double w = 211.3;
    double h = 143.7;
    List<Disc> ink = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      double r = 13.7 + dice.nextDouble() * 17.1;
      ink.add(
          new Disc(r + dice.nextDouble() * (w - 2 * r), r + dice.nextDouble() * (h - 2 * r), r));
    }
    double x = 301.7 + dice.nextDouble() * 200;
    double y = 201.3;
    double turn = dice.nextDouble() * 360 - 180;
    double c = Math.cos(Math.toRadians(turn));
    double s = Math.sin(Math.toRadians(turn));
    List<Disc> onFace =
        ink.stream()
            .map(
                d -> {
                  double dx = d.x - w / 2;
                  double dy = d.y - h / 2;
                  return new Disc(x + dx * c - dy * s, y + dx * s + dy * c, d.radius);
                })
            .toList();
    List<Disc> damage = new ArrayList<>();
    for (Disc d : onFace) {
      damage.add(new Disc(d.x + 1.3, d.y - 0.7, 6.35));
      double a = dice.nextDouble() * 2 * Math.PI;
      damage.add(new Disc(d.x + d.radius * Math.cos(a), d.y + d.radius * Math.sin(a), 5.15));
    }
    for (int i = 0; i < 4; i++) {
      damage.add(
          new Disc(
              x + (dice.nextDouble() - 0.5) * w / 2, y + (dice.nextDouble() - 0.5) * h / 2, 4.45));
    }
    JsonNode told = blemishes(design("TRANSFER", sheet(w, h, ink)), x, y, turn, damage);
    assertThat(told).hasSize(damage.size());
    for (int i = 0; i < damage.size(); i++) {
      double share = damage.get(i).under(onFace);
      String state = told.path(i).path("state").asString();
      String text = told.path(i).path("text").asString();
      if (share > 0.995) {
        assertThat(state).as(text).isEqualTo("COVERED");
      } else if (share < 0.005) {
        assertThat(state).as(text).isEqualTo("BARE");
      } else if (share > 0.015 && share < 0.985) {
        assertThat(state).as(text).isEqualTo("PART");
        double percent = Double.parseDouble(text.replaceAll(".*?(\\d+) ?%.*", "$1"));
        assertThat(percent / 100).as(text).isBetween(share - 0.015, share + 0.015);
      }
    }
  }

  @Test
  void paperCoversByItsSheetWhateverIsPrintedOnIt() {
    String svg = sheet(211.3, 143.7, List.of(new Disc(40.1, 30.3, 17.9)));
    List<Disc> inTheMiddle = List.of(new Disc(400.3, 201.7, 5.3));
    assertThat(
            blemishes(design("PAPER", svg), 401.3, 200.9, 0, inTheMiddle).at("/0/state").asString())
        .isEqualTo("COVERED");
    assertThat(
            blemishes(design("TRANSFER", svg), 401.3, 200.9, 0, inTheMiddle)
                .at("/0/state")
                .asString())
        .isEqualTo("BARE");
  }
}
