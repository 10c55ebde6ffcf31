package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.form.Vec;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Faces on photos, as the page asks for them; the photos are rendered, so that all is known. */
class SightApiTest extends ServerTest {
  private static final Map<String, Object> CHEST =
      Map.of(
          "name",
          "Chest on a photo",
          "form",
          Map.of(
              "kind",
              "CHEST",
              "choices",
              Map.of(),
              "measures",
              Map.of("width", 870, "height", 420, "depth", 450)));

  private String piece() {
    return post("/api/pieces", CHEST).body().path("id").asString();
  }

  private static byte[] jpeg(RenderedChest chest) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(chest.picture(), "jpg", out);
      return out.toByteArray();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  private String photo(String piece, byte[] file) {
    Answer added = upload("/api/pieces/" + piece + "/photos?stage=BEFORE", file);
    assertThat(added.status()).as(added.text()).isEqualTo(201);
    return "/api/photos/" + added.body().path("id").asString();
  }

  private static Map<String, double[]> corners(RenderedChest chest) {
    Map<String, double[]> all = new LinkedHashMap<>();
    all.put("top-left", seen(chest, 0, 0));
    all.put("top-right", seen(chest, 870, 0));
    all.put("bottom-right", seen(chest, 870, 420));
    all.put("bottom-left", seen(chest, 0, 420));
    return all;
  }

  private static double[] seen(RenderedChest chest, double x, double y) {
    return chest.seen(new Vec(x, 420 - y, 0));
  }

  private static Map<String, Object> pins(Map<String, double[]> at) {
    List<Map<String, Object>> pins = new ArrayList<>();
    at.forEach((anchor, p) -> pins.add(Map.of("anchor", anchor, "x", p[0], "y", p[1])));
    return Map.of("pins", pins);
  }

  private static Map<String, Object> spots(double[]... at) {
    return Map.of("spots", Arrays.stream(at).map(p -> Map.of("x", p[0], "y", p[1])).toList());
  }

  /** The whole way that a person goes, over views with ugly figures. */
  @Test
  void whatIsMeasuredOnAPhotoOfAKnownChestIsRightWithinOneOfAHundred() {
    Random dice = new Random(2_011);
    String piece = piece();
    int caughtCorners = 0;
    for (int n = 0; n < 3; n++) {
      RenderedChest chest =
          new RenderedChest(
              new Vec(
                  433 + dice.nextGaussian() * 620,
                  610 + dice.nextDouble() * 500,
                  1437 + dice.nextDouble() * 500),
              new Vec(431.7, 203.9, -160.3),
              1.03 + dice.nextDouble() * 0.1,
              1311,
              977,
              n == 1);
      String photo = photo(piece, jpeg(chest));
      Map<String, double[]> found = new LinkedHashMap<>();
      for (Map.Entry<String, double[]> corner : corners(chest).entrySet()) {
        double[] at = corner.getValue();
        Optional<double[]> caught =
            caught(photo, at[0] + dice.nextDouble() * 10 - 5, at[1] + dice.nextDouble() * 10 - 5);
        caughtCorners += caught.isPresent() ? 1 : 0;
        // where light leaves no edge to catch, it is set by eye
        found.put(
            corner.getKey(),
            caught.orElseGet(
                () -> new double[] {at[0] + dice.nextGaussian(), at[1] + dice.nextGaussian()}));
      }
      Answer put = change("PUT", photo + "/faces/front", pins(found), 0L);
      assertThat(put.status()).as(put.text()).isEqualTo(200);
      assertThat(put.body().path("version").asLong()).isEqualTo(1);

      double[] a = seen(chest, 97.3, 71.9);
      double[] b = seen(chest, 803.1, 377.7);
      JsonNode measured = post(photo + "/faces/front/measured", spots(a, b)).body();
      double length = Math.hypot(803.1 - 97.3, 377.7 - 71.9);
      assertThat(measured.path("length").path("length").path("mm").asDouble())
          .as("view %d", n)
          .isCloseTo(length, within(length / 100));
      assertThat(measured.path("length").path("withinMm").asDouble()).isBetween(0.5, length / 20);
      JsonNode place = measured.path("places").path(0);
      assertThat(place.path("fromLeft").path("length").path("mm").asDouble())
          .isCloseTo(97.3, within(870 / 100.0));
      assertThat(place.path("fromTop").path("length").path("mm").asDouble())
          .isCloseTo(71.9, within(870 / 100.0));
      assertThat(place.path("fromTop").path("text").asString()).contains("±");

      // the other side of it, as if it had never been measured
      List<Map<String, Double>> four =
          found.values().stream().map(p -> Map.of("x", p[0], "y", p[1])).toList();
      JsonNode sides =
          post(photo + "/rectangle", Map.of("corners", four, "known", "ACROSS", "lengthMm", 870))
              .body();
      JsonNode down = sides.path("down");
      assertThat(down.path("length").path("mm").asDouble())
          .isCloseTo(420, within(2 * down.path("withinMm").asDouble()));
      assertThat(sides.path("across").path("length").path("mm").asDouble()).isEqualTo(870);
    }
    assertThat(caughtCorners).as("of twelve").isGreaterThanOrEqualTo(10);
  }

  private Optional<double[]> caught(String photo, double x, double y) {
    JsonNode corner = get("%s/corner?x=%s&y=%s&reach=14".formatted(photo, x, y)).body();
    return corner.path("found").asBoolean()
        ? Optional.of(new double[] {corner.path("x").asDouble(), corner.path("y").asDouble()})
        : Optional.empty();
  }

  @Test
  void aFaceIsFoundMovedAndTakenOffAgain() {
    RenderedChest chest = RenderedChest.asItCame();
    String photo = photo(piece(), SamplePictures.png(1500, 1060));
    JsonNode before = get(photo + "/faces").body();
    assertThat(before.path("faces").size()).isZero();
    assertThat(before.path("others").findValuesAsString("faceId")).contains("front", "lid");

    Map<String, double[]> corners = corners(chest);
    assertThat(change("PUT", photo + "/faces/front", pins(corners), 0L).status()).isEqualTo(200);
    JsonNode on = get(photo + "/faces").body().path("faces").path(0);
    assertThat(on.path("pins").size()).isEqualTo(4);
    assertThat(on.path("pins").path(0).path("name").asString()).isEqualTo("Top left corner");
    assertThat(on.path("lies").path("toFace").size()).isEqualTo(9);
    assertThat(on.path("lies").has("agreesText")).isFalse();
    assertThat(get(photo + "/faces").body().path("others").findValuesAsString("faceId"))
        .doesNotContain("front");

    // who looked at an older state is told, and nothing is lost
    Answer late = change("PUT", photo + "/faces/front", pins(corners), 0L);
    assertThat(late.status()).isEqualTo(409);
    assertThat(change("DELETE", photo + "/faces/front", null, 0L).status()).isEqualTo(409);

    assertThat(change("DELETE", photo + "/faces/front", null, 1L).status()).isEqualTo(204);
    assertThat(get(photo + "/faces").body().path("faces").size()).isZero();
    assertThat(post(photo + "/faces/front/measured", spots(new double[] {1, 1})).status())
        .isEqualTo(404);
  }

  @Test
  void whatIsMarkedOnTheFaceTellsHowWellThePlacesAgree() {
    RenderedChest chest = RenderedChest.asItCame();
    String piece = piece();
    String path = "/api/pieces/" + piece;
    Answer marked =
        change(
            "POST",
            path + "/edits",
            Map.of(
                "edits",
                List.of(
                    Map.of(
                        "kind",
                        "ADD_MARK",
                        "id",
                        "old-screw",
                        "faceId",
                        "front",
                        "mark",
                        "BLEMISH",
                        "xMm",
                        776,
                        "yMm",
                        228))),
            get(path).body().path("version").asLong());
    assertThat(marked.status()).as(marked.text()).isEqualTo(200);
    String photo = photo(piece, SamplePictures.png(1500, 1060));
    Map<String, double[]> places = corners(chest);
    double[] screw = seen(chest, 776, 228);
    places.put("mark:old-screw", new double[] {screw[0] + 6, screw[1]});

    JsonNode put = change("PUT", photo + "/faces/front", pins(places), 0L).body();
    assertThat(put.path("lies").path("agreesText").asString()).contains("px");
    assertThat(put.path("pins").path(4).path("offPx").asDouble()).isPositive();

    // a mark that is gone is not pointed at any more; the corners still tell
    change(
        "POST",
        path + "/edits",
        Map.of(
            "edits",
            List.of(Map.of("kind", "TAKE_MARK_AWAY", "faceId", "front", "markId", "old-screw"))),
        get(path).body().path("version").asLong());
    JsonNode after = get(photo + "/faces").body().path("faces").path(0);
    assertThat(after.path("pins").size()).isEqualTo(4);
    assertThat(after.path("lies").has("toFace")).isTrue();
  }

  @Test
  void whatTellsNothingIsRefusedWithASentence() {
    String photo = photo(piece(), SamplePictures.png(900, 600));
    Map<String, double[]> line = new LinkedHashMap<>();
    line.put("top-left", new double[] {100, 100});
    line.put("top-right", new double[] {400, 101});
    line.put("bottom-right", new double[] {700, 102});
    line.put("bottom-left", new double[] {100, 500});
    assertRefused(line, photo, "three in one line");

    Map<String, double[]> crossed = new LinkedHashMap<>(line);
    crossed.put("top-left", new double[] {700, 500});
    crossed.put("top-right", new double[] {100, 90});
    crossed.put("bottom-right", new double[] {710, 110});
    assertRefused(crossed, photo, "crossed");

    Map<String, double[]> unknown = new LinkedHashMap<>(line);
    unknown.put("the-moon", new double[] {5, 5});
    assertRefused(unknown, photo, "the-moon");

    Map<String, double[]> far = new LinkedHashMap<>(line);
    far.put("top-left", new double[] {-5000, 5});
    assertRefused(far, photo, "far off the photo");
    assertThat(get(photo + "/faces").body().path("faces").size()).as("nothing is kept").isZero();

    assertThat(get(photo + "/corner?x=5&y=5&reach=5000").status()).isEqualTo(422);
    assertThat(get(photo + "/corner?x=-5&y=5&reach=10").body().path("found").asBoolean()).isFalse();
    assertThat(
            post(photo + "/rectangle", Map.of("corners", List.of(), "known", "DOWN", "lengthMm", 9))
                .status())
        .isEqualTo(422);
    assertThat(change("PUT", photo + "/faces/nothing", pins(line), 0L).status()).isEqualTo(404);
    assertThat(change("PUT", photo + "/faces/front", Map.of(), 0L).status()).isEqualTo(422);
  }

  private void assertRefused(Map<String, double[]> at, String photo, String why) {
    Answer refused = change("PUT", photo + "/faces/front", pins(at), 0L);
    assertThat(refused.status()).as(refused.text()).isEqualTo(422);
    assertThat(refused.detail()).contains(why);
  }

  @Test
  void twoPhotosOfTheDemoLieOneOnTheOther() {
    JsonNode chest =
        get("/api/pieces")
            .body()
            .valueStream()
            .filter(p -> p.path("name").asString().equals("Sea chest for the autumn fair"))
            .findFirst()
            .orElseThrow();
    JsonNode photos = get("/api/pieces/" + chest.path("id").asString() + "/photos").body();
    String before = id(photos, "As it came");
    String during = id(photos, "Ground on, bands masked");
    JsonNode how = get("/api/photos/" + before + "/lined-up/" + during).body().path("how");

    double[] m = how.path("firstToSecond").valueStream().mapToDouble(JsonNode::asDouble).toArray();
    for (double[] place : new double[][] {{0, 0}, {870, 420}, {433.3, 211.1}}) {
      double[] from =
          straight(
              seen(RenderedChest.asItCame(), place[0], place[1]),
              how.path("firstBulge").asDouble());
      double[] to = seen(RenderedChest.masked(), place[0], place[1]);
      double w = m[6] * from[0] + m[7] * from[1] + m[8];
      assertThat((m[0] * from[0] + m[1] * from[1] + m[2]) / w).isCloseTo(to[0], within(3.0));
      assertThat((m[3] * from[0] + m[4] * from[1] + m[5]) / w).isCloseTo(to[1], within(3.0));
    }
    String burn = id(photos, "The burn on the right side");
    assertThat(get("/api/photos/" + before + "/lined-up/" + burn).body().path("found").asBoolean())
        .as("no face is on both")
        .isFalse();
  }

  /** As the view says what a lens does. */
  private static double[] straight(double[] seen, double bulge) {
    double r = Math.hypot(seen[0] - 750, seen[1] - 530) / Math.hypot(750, 530);
    double by = 1 + bulge * r * r;
    return new double[] {750 + (seen[0] - 750) * by, 530 + (seen[1] - 530) * by};
  }

  private static String id(JsonNode photos, String caption) {
    return photos
        .valueStream()
        .filter(p -> p.path("caption").asString().equals(caption))
        .map(p -> p.path("id").asString())
        .findFirst()
        .orElseThrow();
  }

  /** Of many who find the same face at once one is first; the others are told, and keep theirs. */
  @Test
  void ofManyWhoPointAtOnceOneIsKept() throws Exception {
    String photo = photo(piece(), SamplePictures.png(1500, 1060));
    List<Callable<Integer>> all = new ArrayList<>();
    for (int n = 0; n < 16; n++) {
      Map<String, double[]> corners = corners(RenderedChest.asItCame());
      corners.get("top-left")[0] += n;
      all.add(() -> change("PUT", photo + "/faces/front", pins(corners), 0L).status());
    }
    try (ExecutorService people = Executors.newFixedThreadPool(16)) {
      List<Integer> answers = new ArrayList<>();
      for (Future<Integer> one : people.invokeAll(all)) {
        answers.add(one.get());
      }
      assertThat(answers).containsOnly(200, 409);
      assertThat(answers.stream().filter(s -> s == 200)).hasSize(1);
    }
    assertThat(get(photo + "/faces").body().path("faces").path(0).path("version").asLong())
        .isEqualTo(1);
  }

  /** A piece that goes out in a file comes back with its faces where they were. */
  @Test
  void facesOnPhotosGoWithThePieceInItsFile() {
    String piece = piece();
    String photo = photo(piece, SamplePictures.png(1500, 1060));
    change("PUT", photo + "/faces/front", pins(corners(RenderedChest.asItCame())), 0L);
    byte[] file = get("/api/pieces/" + piece + "/export").raw().body();

    String again = upload("/api/pieces/import", file).body().path("id").asString();
    String photoAgain =
        get("/api/pieces/" + again + "/photos").body().path(0).path("address").asString();
    assertThat(photoAgain).isNotEqualTo(photo);
    assertThat(get(photoAgain + "/faces").body().path("faces").path(0).path("pins"))
        .isEqualTo(get(photo + "/faces").body().path("faces").path(0).path("pins"));

    // with the photo goes what was found on it
    assertThat(delete(photo).status()).isEqualTo(204);
    assertThat(get(photo + "/faces").status()).isEqualTo(404);
  }
}
