package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The stop Coats through the door people use. */
class CoatsApiTest extends CoatsServerTest {
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
    Answer card = get(base + "/card");
    assertThat(card.status()).as(card.detail()).isEqualTo(200);
    assertThat(card.body().at("/route/nextText"))
        .isEqualTo(get(base + "/route").body().path("nextText"));
  }

  private static JsonNode needOf(JsonNode gathered, String potId) {
    return gathered
        .path("needs")
        .valueStream()
        .filter(n -> n.path("potId").asString().equals(potId))
        .findFirst()
        .orElseThrow();
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
    JsonNode card = get("/api/pieces/" + piece.path("id").asString() + "/card").body();
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

  /**
   * Answered with its findings at once, an edit of coats comes to what it comes to asked for apart.
   */
  @Test
  void anEditOfCoatsIsAnsweredWithWhatIsFoundInThem() {
    JsonNode piece = board("At once", 733.9);
    String red = paint("chalky-paint", "#B3202A", 0.6, "4000");
    ObjectNode paint = from(inGroup("PAINT_GROUND", piece), red);
    Answer answer = editCoats(piece, "one", paint);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    JsonNode kept = get(piece);
    assertThat(answer.body().path("version")).isEqualTo(kept.path("version"));
    assertThat(answer.body().path("document")).isEqualTo(kept.path("document"));
    assertThat(answer.body().path("undo")).isEqualTo(kept.path("undo"));
    assertThat(answer.body().path("coats")).isEqualTo(coats(piece));
    // sent again, as after a lost answer, it is made once, as where both decide the same; another
    // one for the same ground asks
    for (String id : List.of("one", "two")) {
      assertThat(editCoats(piece, id, paint).body().path("version"))
          .isEqualTo(kept.path("version"));
    }
    String blue = paint("chalky-paint", "#204AB3", 0.6, "4000");
    Answer other = editCoats(piece, "three", from(inGroup("PAINT_GROUND", piece), blue));
    assertThat(other.status()).isEqualTo(409);
    assertThat(other.body().path("theirs").path("both")).isNotEmpty();
  }

  private Answer editCoats(JsonNode piece, String id, ObjectNode... edits) {
    ObjectNode change = json.createObjectNode().put("id", id);
    change.putArray("edits").addAll(List.of(edits));
    return change(
        "POST",
        "/api/pieces/" + piece.path("id").asString() + "/coats/edits",
        change,
        piece.path("version").asLong());
  }
}
