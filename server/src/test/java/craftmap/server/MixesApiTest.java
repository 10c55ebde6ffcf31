package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What has to be mixed, told in Gather and at the bench by the same sums. */
class MixesApiTest extends CoatsServerTest {
  private static final Pattern PARTS =
      Pattern.compile("^([\\d.]+) ml of the first part and ([\\d.]+) ml of the second, .*");
  private static final Pattern BATCHES = Pattern.compile("^(\\d+) batches of .*");

  private String powder(double potLifeMinutes, double partA) {
    ObjectNode pot = json.createObjectNode().put("holds", "9000").put("level", "8000");
    ObjectNode medium = pot.putObject("medium").put("name", "Our own powder");
    medium.put("generic", "casein-paint").putArray("packs");
    ObjectNode label = medium.putObject("label");
    label.putObject("numbers").put("potLife", potLifeMinutes).put("partA", partA).put("partB", 1);
    label.putObject("choices").put("colour", "#B9C27A");
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  private JsonNode painted(String name, double mm, String pot) {
    JsonNode piece = board(name, mm);
    return edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
  }

  private JsonNode gather(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString() + "/gather").body();
  }

  /** The first coat may have a mix of its own. */
  private static List<JsonNode> allOfGround(JsonNode gathered) {
    List<JsonNode> all =
        gathered
            .path("mixes")
            .valueStream()
            .filter(m -> m.path("title").asString().contains("Our own powder"))
            .toList();
    assertThat(all).as("mixes in " + gathered.path("mixes")).isNotEmpty();
    return all;
  }

  private static List<String> lines(JsonNode mix) {
    return mix.path("lines").valueStream().map(JsonNode::asString).toList();
  }

  private static double found(List<String> lines, Pattern what, int group, double other) {
    return lines.stream()
        .map(what::matcher)
        .filter(Matcher::matches)
        .mapToDouble(m -> Double.parseDouble(m.group(group)))
        .findFirst()
        .orElse(other);
  }

  /** Batches times parts times coats is what comes out of the pot, whatever the label says. */
  @Test
  void allThatIsMixedIsWhatTheCoatsTake() {
    plentyToPrepareWith();
    Random dice = new Random(4409);
    for (int i = 0; i < 6; i++) {
      double ratio = 1 + dice.nextInt(40) / 10.0;
      double life = i % 2 == 0 ? 7 + dice.nextInt(9) : 900;
      String pot = powder(life, ratio);
      JsonNode gathered = gather(painted("Mixed " + i, 713.3 + dice.nextDouble() * 1900, pot));
      double mixed = 0;
      for (JsonNode mix : allOfGround(gathered)) {
        List<String> lines = lines(mix);
        String coats = mix.path("forText").asString().replaceAll("[^0-9]", "");
        double a = found(lines, PARTS, 1, -1);
        double b = found(lines, PARTS, 2, -1);
        mixed +=
            (a + b)
                * found(lines, BATCHES, 1, 1)
                * (coats.isEmpty() ? 1 : Double.parseDouble(coats));
        assertThat(a / b).isCloseTo(ratio, withinPercentage(1.5));
        assertThat(lines.contains("Only for today: what is left in the evening is thrown away"))
            .isEqualTo(life == 900);
      }
      double needed =
          gathered
              .path("needs")
              .valueStream()
              .filter(n -> n.path("potId").asString().equals(pot))
              .findFirst()
              .orElseThrow()
              .path("needMl")
              .asDouble();
      assertThat(mixed).isCloseTo(needed, withinPercentage(1.5));
    }
  }

  @Test
  void theBenchSaysHowItIsMixed() {
    plentyToPrepareWith();
    JsonNode piece = painted("Mixed at the bench", 613.3, powder(11, 2));
    JsonNode step =
        get("/api/pieces/" + piece.path("id").asString() + "/work/ahead")
            .body()
            .valueStream()
            .filter(s -> s.path("title").asString().contains("Our own powder"))
            .findFirst()
            .orElseThrow();
    List<String> mix = step.path("mix").valueStream().map(JsonNode::asString).toList();
    assertThat(mix).anyMatch(l -> l.contains("2 to 1 by volume"));
    double batches = found(mix, BATCHES, 1, 1);
    double poured = step.at("/pot/ml").asDouble();
    assertThat((found(mix, PARTS, 1, 0) + found(mix, PARTS, 2, 0)) * batches)
        .isCloseTo(poured, withinPercentage(1.5));
  }

  @Test
  void whatIsUsedAsItStandsIsNotMixed() {
    plentyToPrepareWith();
    JsonNode piece = painted("Not mixed", 613.3, paint("furniture-enamel", "#667E21", 0.8, "4000"));
    assertThat(gather(piece).path("mixes").valueStream())
        .noneMatch(m -> m.path("title").asString().contains("Paint #667E21"));
  }
}
