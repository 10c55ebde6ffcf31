package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The stop Coats through the door people use. */
class CoatsApiTest extends ServerTest {
  @Autowired private JdbcTemplate jdbc;

  private JsonNode board(String name, double mm) {
    JsonNode piece =
        newPiece(name, "SINGLE_FACE", Map.of("width", mm, "height", mm * 0.617 + 13.3));
    return edited(
        piece,
        face("CHANGE_MAKE_UP", piece).put("makeUp", "BOARD"),
        face("CHANGE_FINISH", piece).put("finish", "BARE"));
  }

  private static String faceId(JsonNode piece) {
    return piece.at("/reading/faces/0/id").asString();
  }

  private ObjectNode face(String kind, JsonNode piece) {
    return of(kind).put("faceId", faceId(piece));
  }

  private JsonNode edited(JsonNode piece, ObjectNode... edits) {
    Answer done = edit(piece, edits);
    assertThat(done.status()).as(done.detail()).isEqualTo(200);
    return done.body().path("piece");
  }

  private JsonNode coats(JsonNode piece) {
    Answer read = get("/api/pieces/" + piece.path("id").asString() + "/coats");
    assertThat(read.status()).as(read.detail()).isEqualTo(200);
    return read.body();
  }

  private JsonNode group(JsonNode piece) {
    return coats(piece).at("/groups/0");
  }

  private ObjectNode inGroup(String kind, JsonNode piece) {
    return of(kind).put("groupId", group(piece).path("id").asString());
  }

  private ObjectNode from(ObjectNode edit, String potId) {
    edit.putObject("product").put("potId", potId);
    return edit;
  }

  private static JsonNode band(JsonNode group, String key) {
    return group
        .path("bands")
        .valueStream()
        .filter(b -> b.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no band " + key + " in " + group.path("bands")));
  }

  private static List<String> keys(JsonNode group) {
    return group.path("bands").valueStream().map(b -> b.path("key").asString()).toList();
  }

  private static List<String> rules(JsonNode group) {
    return group
        .path("findings")
        .valueStream()
        .filter(f -> !f.has("note"))
        .map(f -> f.path("rule").asString())
        .toList();
  }

  private String paint(String generic, String colour, Double hides, String ml) {
    ObjectNode pot = json.createObjectNode().put("holds", "5000").put("level", ml);
    ObjectNode medium = pot.putObject("medium").put("name", "Paint " + colour);
    medium.put("generic", generic).putArray("packs");
    ObjectNode label = medium.putObject("label");
    ObjectNode numbers = label.putObject("numbers");
    if (hides != null) {
      numbers.put("oneCoatHides", hides * 100);
    }
    label.putObject("choices").put("colour", colour);
    return post("/api/media", pot).body().at("/pots/0/id").asString();
  }

  @Test
  void aPieceThatNothingIsPutOnIsLeftAsItIs() {
    JsonNode group = group(board("Left", 411.3));
    assertThat(group.path("bands")).isEmpty();
    assertThat(group.path("totalText").asString()).isEqualTo("left as it is");
  }

  @Test
  void redOverAWhitePrimerAgainstAGreyOneAndTheSavingIsTaken() {
    JsonNode piece = board("Red", 803.7);
    piece = edited(piece, face("CHANGE_MAKE_UP", piece).put("makeUp", "LAMINATE"));
    String red = paint("chalky-paint", "#B3202A", 0.6, "4000");
    String white = paint("bonding-primer", "#F7F7F5", 0.8, "4000");
    paint("bonding-primer", "#9A9A98", 0.8, "4000");
    piece =
        edited(
            piece,
            from(inGroup("PAINT_GROUND", piece), red),
            from(inGroup("CHOOSE_PRIMER", piece), white).put("times", 1));
    JsonNode before = group(piece);
    assertThat(band(before, "ground").at("/coat/times").asInt()).isEqualTo(4);
    assertThat(rules(before)).contains("primer-shade");
    JsonNode tip =
        before
            .path("findings")
            .valueStream()
            .filter(f -> f.path("rule").asString().equals("primer-shade"))
            .findFirst()
            .orElseThrow();
    JsonNode mended =
        edited(
            piece,
            inGroup("TAKE_COAT_MEND", piece)
                .put("rule", "primer-shade")
                .put("band", tip.path("band").asString())
                .put("mend", tip.at("/mends/0/code").asString()));
    JsonNode after = group(mended);
    assertThat(rules(after)).doesNotContain("primer-shade");
    assertThat(band(after, "ground").at("/coat/times").asInt()).isEqualTo(3);
    assertThat(band(after, "primer").at("/coat/potId").asString()).isNotEqualTo(white);
    // and back, and there again
    String base = "/api/pieces/" + piece.path("id").asString();
    JsonNode undone = change("POST", base + "/undo", null, mended.path("version").asLong()).body();
    assertThat(rules(group(undone))).contains("primer-shade");
    JsonNode redone = change("POST", base + "/redo", null, undone.path("version").asLong()).body();
    assertThat(rules(group(redone))).doesNotContain("primer-shade");
  }

  /** The map follows: what one sees is what will be. */
  @Test
  void theFaceShowsWhatItsCoatsEndWith() {
    JsonNode piece = board("Shown", 397.9);
    String teal = paint("chalky-paint", "#1F6E70", 0.8, "3000");
    JsonNode painted = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    assertThat(painted.at("/reading/faces/0/shows").asString()).isEqualTo("#1F6E70");
    assertThat(painted.at("/document/faces/0/ground").asString()).isEqualTo("#1F6E70");
    JsonNode waxed =
        edited(painted, withProduct(inGroup("ADD_COAT", painted).put("id", "dark"), "dark-wax"));
    assertThat(waxed.at("/reading/faces/0/shows").asString()).isNotEqualTo("#1F6E70");
    JsonNode bare = edited(waxed, inGroup("LEAVE_COAT_OUT", waxed).put("band", "own:dark"));
    assertThat(bare.at("/reading/faces/0/shows").asString()).isEqualTo("#1F6E70");
  }

  private ObjectNode withProduct(ObjectNode edit, String generic) {
    edit.putObject("product").put("generic", generic);
    return edit;
  }

  @Test
  void whatARuleForbidsSnapsBackWithItsSentenceAndMayBeInsistedOn() {
    JsonNode piece = board("Waxed", 512.9);
    String teal = paint("chalky-paint", "#1F6E70", 0.8, "3000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    JsonNode waxed =
        edited(piece, withProduct(inGroup("ADD_COAT", piece).put("id", "w"), "clear-wax"));
    ObjectNode under = inGroup("MOVE_COAT", waxed).put("band", "own:w").put("before", "ground");
    Answer refused = edit(waxed, under);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("skin").contains("wax");
    assertThat(keys(group(waxed))).isEqualTo(keys(group(get(waxed))));
    JsonNode insisted = edited(waxed, under.put("note", "a resist, rubbed through later"));
    JsonNode group = group(insisted);
    assertThat(keys(group).indexOf("own:w")).isLessThan(keys(group).indexOf("ground"));
    assertThat(rules(group)).doesNotContain("wax-then-coat");
    assertThat(group.path("findings").valueStream().map(f -> f.path("note").asString("")))
        .contains("a resist, rubbed through later");
  }

  private JsonNode get(JsonNode piece) {
    return get("/api/pieces/" + piece.path("id").asString()).body();
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    JsonNode piece = board("Refused", 399.1);
    Answer noGroup = edit(piece, of("COATS_ANEW").put("groupId", "attic"));
    assertThat(noGroup.status()).isEqualTo(422);
    assertThat(noGroup.detail()).contains("Group").contains("attic");
    ObjectNode change = inGroup("CHANGE_COAT", piece);
    change.putObject("wish").put("band", "ground").put("times", 40);
    Answer many = edit(piece, change);
    assertThat(many.status()).isEqualTo(422);
    assertThat(many.detail()).contains("40").contains("1 to 12");
    assertThat(edit(piece, inGroup("LEAVE_COAT_OUT", piece).put("band", "lay:x")).status())
        .isEqualTo(422);
  }

  /** "Best", "hides" and "fewest" over the screen's own door, with ugly figures. */
  @Test
  void theBestWayHidesAndTheOthersTakeNoFewerCoats() {
    Random dice = new Random(20_261_127);
    for (int k = 0; k < 8; k++) {
      JsonNode piece = board("Best " + k, 211.7 + 700 * dice.nextDouble());
      String colour = any(dice).hex();
      String now = any(dice).hex();
      String pot = paint("chalky-paint", colour, 0.45 + 0.5 * dice.nextDouble(), "4000");
      piece = edited(piece, face("CHANGE_COLOUR_NOW", piece).put("now", now));
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
      JsonNode group = group(piece);
      JsonNode best = group.at("/choices/0");
      JsonNode last = band(group, "ground").path("shades");
      String text = last.path(last.size() - 1).path("text").asString();
      double departs = Double.parseDouble(text.replaceAll(".*· ([0-9.]+) from.*", "$1"));
      assertThat(departs).as("%s over %s", colour, now).isLessThanOrEqualTo(3.05);
      group
          .path("choices")
          .forEach(
              c -> {
                if (!c.path("reason").asString().contains("Does not hide")) {
                  assertThat(c.path("coats").asInt())
                      .isGreaterThanOrEqualTo(best.path("coats").asInt());
                }
              });
    }
  }

  private static Colour any(Random dice) {
    return Colour.ofRgb(dice.nextInt(256), dice.nextInt(256), dice.nextInt(256));
  }

  @Test
  void coatsAreAskedForAndBookedAtGather() {
    JsonNode piece = board("Booked", 633.3);
    String teal = paint("chalky-paint", "#14666A", 0.8, "3000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    String base = "/api/pieces/" + piece.path("id").asString();
    JsonNode need = needOf(get(base + "/gather").body(), teal);
    String use = need.at("/uses/0/layId").asString();
    assertThat(need.at("/uses/0/coat/band").asString()).isEqualTo("ground");
    double ml = need.path("needMl").asDouble();
    assertThat(ml).isPositive();
    assertThat(put(base + "/lays/" + use + "/done", null).status()).isEqualTo(200);
    assertThat(level(teal).doubleValue()).isCloseTo(3000 - ml, within(0.001));
    // once more changes nothing
    put(base + "/lays/" + use + "/done", null);
    assertThat(level(teal).doubleValue()).isCloseTo(3000 - ml, within(0.001));
    assertThat(needOf(get(base + "/gather").body(), teal).path("needMl").asDouble()).isZero();
    delete(base + "/lays/" + use + "/done");
    assertThat(level(teal).doubleValue()).isCloseTo(3000, within(0.001));
  }

  /** What is next may be a coat as well as a lay; every piece is in the list whatever it is. */
  @Test
  void aCoatThatIsThereIsWhatComesNext() {
    JsonNode piece = board("Next", 97.3);
    piece = edited(piece, face("CHANGE_MAKE_UP", piece).put("makeUp", "PLASTIC"));
    String paint = paint("furniture-enamel", "#2A6F6B", 0.8, "3000");
    String primer = paint("bonding-primer", "#B9BDB8", 0.8, "3000");
    piece =
        edited(
            piece,
            from(inGroup("PAINT_GROUND", piece), paint),
            from(inGroup("CHOOSE_PRIMER", piece), primer).put("times", 1));
    for (String step : List.of("CLEAN", "SAND", "DUST_OFF")) {
      piece = edited(piece, inGroup("LEAVE_COAT_OUT", piece).put("band", "step:" + step));
    }
    JsonNode left =
        edited(
            piece,
            inGroup("NOTE_FINDING", piece)
                .put("rule", "clean-first")
                .put("band", keys(group(piece)).getFirst())
                .put("note", "it comes clean out of its box"));
    for (String key : keys(group(left))) {
      if (!key.equals("ground") && !key.equals("primer")) {
        left = edited(left, inGroup("LEAVE_COAT_OUT", left).put("band", key));
      }
    }
    String base = "/api/pieces/" + left.path("id").asString();
    assertThat(get(base + "/route").body().path("nextText").asString())
        .startsWith("Coats: Paint #")
        .endsWith("all of it is there.");
    Answer all = get("/api/pieces?archived=false&find=");
    assertThat(all.status()).as(all.detail()).isEqualTo(200);
    assertThat(texts(all.body(), "id")).contains(left.path("id").asString());
  }

  private static JsonNode needOf(JsonNode gathered, String potId) {
    return gathered
        .path("needs")
        .valueStream()
        .filter(n -> n.path("potId").asString().equals(potId))
        .findFirst()
        .orElseThrow();
  }

  private BigDecimal level(String holdingId) {
    BigDecimal level =
        jdbc.queryForObject("select level from holding where id = ?", BigDecimal.class, holdingId);
    BigDecimal sum =
        jdbc.queryForObject(
            "select coalesce(sum(quantity), 0) from ledger_entry where holding_id = ?",
            BigDecimal.class,
            holdingId);
    assertThat(level).isEqualByComparingTo(sum);
    assertThat(level.signum()).isNotNegative();
    return level;
  }

  @Test
  void aMixOfThreePotsIsPutOnTheShelfAndTakenOutOfThem() {
    JsonNode piece = board("Mixed", 477.7);
    String white = paint("chalky-paint", "#F6F3EA", 0.8, "900");
    String blue = paint("chalky-paint", "#27408B", 0.8, "900");
    String ochre = paint("chalky-paint", "#C88A1D", 0.8, "900");
    piece = edited(piece, face("CHANGE_GROUND", piece).put("ground", "#8FA68A"));
    String base = "/api/pieces/" + piece.path("id").asString() + "/coats/";
    JsonNode mixes = get(base + group(piece).path("id").asString() + "/mixes").body();
    assertThat(mixes.path("mixes")).hasSize(3);
    double before = -1;
    for (JsonNode mix : mixes.path("mixes")) {
      double off = Double.parseDouble(mix.path("differsText").asString().split(" ")[0]);
      assertThat(off).isGreaterThanOrEqualTo(before);
      before = off;
      assertThat(mix.path("parts").size()).isBetween(2, 3);
    }
    ObjectNode wish = mix("Marsh " + white.substring(0, 6), 120.7, white, 3, blue, 1, ochre, 2);
    Answer made = post("/api/mixes", wish);
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    String pot = made.body().path("potId").asString();
    assertThat(level(pot).doubleValue()).isCloseTo(120.7, within(0.001));
    assertThat(level(white).doubleValue()).isCloseTo(900 - 60.35, within(0.001));
    assertThat(level(blue).doubleValue()).isCloseTo(900 - 120.7 / 6, within(0.001));
    JsonNode painted = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    assertThat(band(group(painted), "ground").at("/coat/potId").asString()).isEqualTo(pot);
    // too much of it is refused, and nothing of it is taken
    Answer tooMuch = post("/api/mixes", mix("Too much", 4_000, white, 1, blue, 1));
    assertThat(tooMuch.status()).isEqualTo(422);
    assertThat(level(white).doubleValue()).isCloseTo(900 - 60.35, within(0.001));
  }

  private ObjectNode mix(String name, double ml, Object... parts) {
    ObjectNode mix = json.createObjectNode().put("name", name).put("ml", ml);
    ArrayNode of = mix.putArray("parts");
    for (int i = 0; i < parts.length; i += 2) {
      of.addObject().put("potId", (String) parts[i]).put("parts", (Integer) parts[i + 1]);
    }
    return mix;
  }

  /** Many who mix from the same pots at once: as many as they hold for, and not a drop more. */
  @Test
  void asManyMixesAreMadeAtOnceAsThePotsHoldFor() throws Exception {
    String one = paint("chalky-paint", "#F1EEE0", 0.8, "103.7");
    String two = paint("chalky-paint", "#2E4A62", 0.8, "400");
    // half of them name the pots the other way round
    List<Answer> asked =
        atOnce(
            12,
            i ->
                post(
                    "/api/mixes",
                    i % 2 == 0
                        ? mix("Of many " + i, 30, one, 2, two, 1)
                        : mix("Of many " + i, 30, two, 1, one, 2)));
    int made = 0;
    for (Answer answer : asked) {
      assertThat(answer.status()).as(answer.detail()).isIn(201, 422);
      made += answer.status() == 201 ? 1 : 0;
    }
    assertThat(made).isEqualTo(5);
    assertThat(level(one).doubleValue()).isCloseTo(3.7, within(0.001));
    assertThat(level(two).doubleValue()).isCloseTo(350, within(0.001));
  }

  private static List<Answer> atOnce(int writers, IntFunction<Answer> write) throws Exception {
    CyclicBarrier begin = new CyclicBarrier(writers);
    try (ExecutorService all = Executors.newFixedThreadPool(writers)) {
      List<Future<Answer>> asked = new ArrayList<>();
      for (int i = 0; i < writers; i++) {
        int writer = i;
        asked.add(
            all.submit(
                () -> {
                  begin.await();
                  return write.apply(writer);
                }));
      }
      List<Answer> told = new ArrayList<>();
      for (Future<Answer> answer : asked) {
        told.add(answer.get());
      }
      return told;
    }
  }

  @Test
  void manyWhoKeepASchemeUnderOneNameKeepOneAndNobodyIsSentAway() throws Exception {
    String name = "Of all of us";
    List<Answer> kept =
        atOnce(
            12,
            i -> {
              ObjectNode scheme = json.createObjectNode().put("name", name);
              ArrayNode coats = scheme.putObject("wishes").putArray("coats");
              coats.addObject().put("band", "ground").put("times", 1 + i % 12);
              return post("/api/schemes", scheme);
            });
    assertThat(kept).allSatisfy(a -> assertThat(a.status()).as(a.detail()).isEqualTo(201));
    List<JsonNode> there =
        get("/api/schemes")
            .body()
            .valueStream()
            .filter(s -> s.path("name").asString().equals(name))
            .toList();
    assertThat(there).hasSize(1);
    assertThat(there.getFirst().at("/wishes/coats/0/times").asInt()).isBetween(1, 12);
  }

  @Test
  void coatsAreKeptAsASchemeAndUsedOnAnotherPieceAndCarriedByItsFile() {
    JsonNode piece = board("Kept", 455.1);
    String teal = paint("chalky-paint", "#215F63", 0.8, "3000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    piece = edited(piece, withProduct(inGroup("ADD_COAT", piece).put("id", "d"), "dark-wax"));
    JsonNode kept = group(piece);
    ObjectNode scheme = json.createObjectNode().put("name", "Estuary, " + teal.substring(0, 8));
    scheme.set("wishes", kept.path("wishes"));
    Answer made = post("/api/schemes", scheme);
    assertThat(made.status()).as(made.detail()).isEqualTo(201);
    assertThat(texts(get("/api/schemes").body(), "name")).contains(scheme.path("name").asString());
    JsonNode other = board("Another", 699.9);
    ObjectNode use = inGroup("USE_SCHEME", other).put("name", "Estuary");
    use.set("scheme", made.body().path("wishes"));
    JsonNode used = edited(other, use);
    assertThat(keys(group(used))).isEqualTo(keys(kept));
    assertThat(used.at("/document/faces/0/ground").asString()).isEqualTo("#215F63");
    byte[] file = get("/api/pieces/" + used.path("id").asString() + "/export").raw().body();
    Answer in = upload("/api/pieces/import", file);
    assertThat(in.status()).as(in.detail()).isLessThan(300);
    JsonNode back = get("/api/pieces/" + in.body().path("id").asString()).body();
    assertThat(back.at("/document/coats/groups/0/wishes/coats")).hasSize(2);
    delete("/api/schemes/" + made.body().path("id").asString());
    assertThat(get("/api/schemes").body().findValuesAsString("id"))
        .doesNotContain(made.body().path("id").asString());
  }

  @Test
  void facesArePartedIntoAGroupOfTheirOwnAndJoinedAgain() {
    JsonNode chest = newChest("Parted");
    assertThat(coats(chest).path("groups")).hasSize(1);
    ObjectNode part = of("GROUP_FACES").put("groupId", "lid-alone").put("name", "The lid");
    part.putArray("places").addObject().put("faceId", "lid");
    JsonNode parted = edited(chest, part);
    assertThat(texts(coats(parted).path("groups"), "name")).contains("The lid");
    String teal = paint("chalky-paint", "#1D5C61", 0.8, "3000");
    JsonNode painted = edited(parted, from(of("PAINT_GROUND").put("groupId", "lid-alone"), teal));
    JsonNode lid =
        painted
            .at("/reading/faces")
            .valueStream()
            .filter(f -> f.path("id").asString().equals("lid"))
            .findFirst()
            .orElseThrow();
    assertThat(lid.path("shows").asString()).isEqualTo("#1D5C61");
    assertThat(painted.at("/reading/faces/0/shows").asString()).isNotEqualTo("#1D5C61");
    JsonNode joined = edited(painted, of("UNGROUP").put("groupId", "lid-alone"));
    assertThat(texts(coats(joined).path("groups"), "name")).doesNotContain("The lid");
  }

  @Test
  void whatIsFoundShowsAtItsStopAndAtItsBand() {
    JsonNode chest = newChest("Looked over");
    String pot = newPot("chalky-paint", "0.4");
    JsonNode plan = withFernBand(chest.path("document"), "ferns", 60);
    ((ObjectNode) plan.path("lays").path(0)).put("potId", pot);
    JsonNode piece = save(chest, plan, "laid", null).body();
    JsonNode lay =
        coats(piece)
            .path("groups")
            .valueStream()
            .flatMap(g -> g.path("bands").valueStream())
            .filter(b -> b.path("key").asString().equals("lay:ferns"))
            .findFirst()
            .orElseThrow()
            .path("lay");
    assertThat(lay.path("notes").valueStream().map(n -> n.path("rule").asString()))
        .contains("pot-short");
    assertThat(lay.path("notes").valueStream().map(n -> n.path("level").asString()))
        .doesNotContain("FINE");

    JsonNode route = get("/api/pieces/" + piece.path("id").asString() + "/route").body();
    JsonNode card =
        get("/api/pieces")
            .body()
            .valueStream()
            .filter(c -> c.path("id").equals(piece.path("id")))
            .findFirst()
            .orElseThrow();
    assertThat(card.at("/route/found")).isEqualTo(route.path("found"));
    JsonNode ofCoats = found(route, "COATS");
    List<String> levels =
        coats(piece)
            .path("groups")
            .valueStream()
            .flatMap(g -> g.path("findings").valueStream())
            .filter(f -> !f.has("note") && !f.path("level").asString().equals("FINE"))
            .map(f -> f.path("safety").asBoolean() ? "CAUTION" : f.path("level").asString())
            .toList();
    assertThat(ofCoats.path("count").asInt()).isEqualTo(levels.size());
    assertThat(ofCoats.path("worst").asString())
        .isEqualTo(levels.contains("STOP") ? "STOP" : "LOOK");
    assertThat(found(route, "LAY_OUT").path("count").asInt()).isPositive();
  }

  private static JsonNode found(JsonNode route, String stop) {
    return route
        .path("found")
        .valueStream()
        .filter(f -> f.path("stop").asString().equals(stop))
        .findFirst()
        .orElseThrow(() -> new AssertionError("nothing at " + stop + " in " + route));
  }

  /** What is blended is counted once for its area, out of each pot by its share of the height. */
  @Test
  void aBlendTakesOfEachPotByItsShareAndShowsOnTheMap() {
    Random random = new Random(43);
    for (int round = 0; round < 3; round++) {
      JsonNode piece = board("Blend " + round, 300 + random.nextDouble() * 900);
      String foot = paint("chalky-paint", "#1F4650", 0.8, "4000");
      String head = paint("chalky-paint", "#F1EADA", 0.8, "4000");
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), foot));
      double share = 0.13 + random.nextDouble() * 0.7;
      ObjectNode edit = inGroup("BLEND_GROUND", piece).put("bandMm", 71.3);
      ArrayNode parts = edit.putArray("parts");
      parts.addObject().put("share", share).putObject("product").put("potId", foot);
      parts.addObject().put("share", 1 - share).putObject("product").put("potId", head);
      piece = edited(piece, edit);

      JsonNode face = piece.at("/reading/faces/0");
      assertThat(face.path("blend").valueStream().map(s -> s.path("hex").asString()))
          .containsExactly("#1F4650", "#1F4650", "#F1EADA", "#F1EADA");
      // the middle of the band lies where one ends and the other begins
      double ends = face.at("/blend/1/at").asDouble();
      double begins = face.at("/blend/2/at").asDouble();
      assertThat((ends + begins) / 2).isCloseTo(share, within(1e-9));
      assertThat((begins - ends) * face.at("/height/mm").asDouble()).isCloseTo(71.3, within(1e-6));
      String svg =
          new String(
              get("/api/pieces/" + piece.path("id").asString() + "/map.svg").raw().body(),
              StandardCharsets.UTF_8);
      assertThat(svg).contains("<linearGradient").contains("#F1EADA");

      Map<String, Double> ml = new HashMap<>();
      get("/api/pieces/" + piece.path("id").asString() + "/gather")
          .body()
          .path("needs")
          .valueStream()
          .forEach(n -> ml.put(n.path("potId").asString(), n.path("needMl").asDouble()));
      JsonNode group = group(piece);
      double footCoats = drunk(group, "ground");
      double headCoats = drunk(group, "own:blend-2");
      assertThat(ml.get(foot) / ml.get(head))
          .isCloseTo(share / (1 - share) * footCoats / headCoats, within(1e-3));

      Answer undone =
          change(
              "POST",
              "/api/pieces/" + piece.path("id").asString() + "/undo",
              null,
              piece.path("version").asLong());
      assertThat(undone.body().at("/reading/faces/0/blend")).isEmpty();
    }
  }

  /** The first coat on bare board counts for a quarter more, whatever lies on it after. */
  private static double drunk(JsonNode group, String band) {
    return band(group, band).at("/coat/times").asInt() + 0.25;
  }

  /** What a paint took is what the next plan reckons with, over the same colour. */
  @Test
  void howManyCoatsItTookIsHowManyThereAre() {
    Random random = new Random(29);
    for (int round = 0; round < 4; round++) {
      JsonNode piece = board("Took " + round, 500 + random.nextDouble() * 300);
      String pot =
          paint(
              "chalky-paint",
              List.of("#1F4650", "#B3202A", "#F3EEE2", "#C8962A").get(round),
              null,
              "4000");
      piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
      // a primer would change what it is put over
      piece = edited(piece, inGroup("CHOOSE_PRIMER", piece));
      String base =
          "/api/pieces/"
              + piece.path("id").asString()
              + "/coats/"
              + group(piece).path("id").asString()
              + "/bands/ground/took";
      for (int coats = 1; coats <= 6; coats++) {
        Answer took = post(base, Map.of("coats", coats));
        assertThat(took.status()).as(took.detail()).isEqualTo(200);
        JsonNode ground = band(took.body().at("/groups/0"), "ground");
        assertThat(ground.at("/coat/times").asInt()).isEqualTo(coats);
        assertThat(ground.path("shades")).hasSize(coats);
      }
    }
  }

  @Test
  void nothingIsLearnedFromWhatHidesNothing() {
    JsonNode piece = board("Took nothing", 611.3);
    String pot = paint("chalky-paint", "#1F4650", 0.8, "4000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), pot));
    String bands =
        "/api/pieces/"
            + piece.path("id").asString()
            + "/coats/"
            + group(piece).path("id").asString()
            + "/bands/";
    assertThat(post(bands + "seal/took", Map.of("coats", 2)).status()).isEqualTo(422);
    assertThat(post(bands + "ground/took", Map.of("coats", 13)).detail()).contains("13");
    assertThat(post(bands + "roof/took", Map.of("coats", 2)).status()).isEqualTo(404);
  }

  /** What is compared is what one gets: each is taken and comes to what was told of it. */
  @Test
  void whatIsComparedIsWhatOneGets() {
    JsonNode piece = board("Compared", 733.1);
    String teal = paint("chalky-paint", "#1F4650", 0.8, "4000");
    String red = paint("chalky-paint", "#B3202A", 0.6, "4000");
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), red));
    JsonNode kept =
        post(
                "/api/schemes",
                Map.of("name", "Red " + piece.path("id"), "wishes", group(piece).path("wishes")))
            .body();
    piece = edited(piece, from(inGroup("PAINT_GROUND", piece), teal));
    String base =
        "/api/pieces/"
            + piece.path("id").asString()
            + "/coats/"
            + group(piece).path("id").asString()
            + "/compared";
    List<JsonNode> compared = get(base).body().valueStream().toList();
    JsonNode now = compared.getFirst();
    assertThat(now.path("key").asString()).isEqualTo("now");
    assertThat(now.path("totalText")).isEqualTo(group(piece).path("totalText"));
    JsonNode scheme =
        compared.stream()
            .filter(c -> c.path("key").asString().equals("scheme:" + kept.path("id").asString()))
            .findFirst()
            .orElseThrow();
    ObjectNode use = inGroup("USE_SCHEME", piece).put("name", "Red");
    use.set("scheme", kept.path("wishes"));
    JsonNode taken = group(edited(piece, use));
    assertThat(taken.path("totalText")).isEqualTo(scheme.path("totalText"));
    assertThat(taken.path("handsOnText")).isEqualTo(scheme.path("handsOnText"));
    assertThat(taken.path("swatches")).isEqualTo(scheme.path("swatches"));
    assertThat(scheme.path("coats").asInt()).isGreaterThan(now.path("coats").asInt());
    assertThat(get(base.replace("/compared", "x/compared")).status()).isEqualTo(404);
  }
}
