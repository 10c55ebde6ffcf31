package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Surveys of pieces of many forms, as the pages ask for them. */
class SurveyApiTest extends ServerTest {
  private Answer edit(JsonNode document, String kind, Map<String, String> with) {
    ObjectNode edit = of(kind);
    with.forEach(edit::put);
    return wouldBe(document, edit);
  }

  private static JsonNode face(JsonNode piece, String id) {
    for (JsonNode face : piece.path("reading").path("faces")) {
      if (face.path("id").asString().equals(id)) {
        return face;
      }
    }
    throw new AssertionError("no face " + id);
  }

  @Test
  void everyFormIsOfferedWithItsNetAndStartsAsItIsShown() {
    JsonNode choices = get("/api/forms").body();
    assertThat(choices.path("forms")).hasSize(20);
    assertThat(choices.path("outlines")).hasSize(13);
    for (JsonNode form : choices.path("forms")) {
      String kind = form.path("kind").asString();
      JsonNode piece = newPiece("New " + kind, kind, Map.of());
      assertThat(piece.path("reading")).as(kind).isEqualTo(form.path("reading"));
      for (JsonNode field : piece.at("/reading/form/fields")) {
        assertThat(field.path("taken").asBoolean()).isFalse();
      }
    }
  }

  @Test
  void theSevenDemoPiecesAreSurveyedWithDamageAndSomeOutOfSquare() {
    int crooked = 0;
    int damaged = 0;
    JsonNode pieces = get("/api/pieces").body();
    for (String id :
        new String[] {
          "sea-chest",
          "folding-screen",
          "wardrobe",
          "wall-clock",
          "tapered-planter",
          "step-stool",
          "biscuit-tin"
        }) {
      JsonNode piece = get("/api/pieces/" + id).body();
      int blemishes = 0;
      for (JsonNode face : piece.at("/reading/faces")) {
        blemishes += face.path("blemishes").size();
        crooked += face.has("squareness") ? 1 : 0;
      }
      assertThat(blemishes).as(id).isPositive();
      damaged += blemishes;
    }
    assertThat(texts(pieces, "id")).contains("sea-chest", "wardrobe", "biscuit-tin");
    assertThat(texts(pieces, "kindText")).contains("Chest", "Folding screen");
    assertThat(crooked).isGreaterThanOrEqualTo(2);
    assertThat(damaged).isGreaterThanOrEqualTo(15);
  }

  /** On chests of any size: where a face goes on lies along its edge, as the map has both. */
  @Test
  void whereAFaceGoesOnIsToldAsItLiesOnTheMap() {
    Random dice = new Random(4_177);
    for (int round = 0; round < 6; round++) {
      JsonNode chest =
          newPiece(
              "Chest " + round,
              "CHEST",
              Map.of(
                  "width", 511.3 + 700 * dice.nextDouble(),
                  "height", 303.7 + 200 * dice.nextDouble(),
                  "depth", 287.9 + 250 * dice.nextDouble()));
      assertThat(texts(face(chest, "front").path("nextTo"), "edge"))
          .contains("LEFT", "RIGHT", "TOP");
      for (JsonNode own : chest.at("/reading/faces")) {
        for (JsonNode next : own.path("nextTo")) {
          JsonNode at = own.path("onNet");
          JsonNode there = face(chest, next.path("faceId").asString()).path("onNet");
          String edge = next.path("edge").asString();
          boolean isLevel = edge.equals("TOP") || edge.equals("BOTTOM");
          String along = isLevel ? "leftMm" : "topMm";
          assertThat(next.path("alongMm").asDouble())
              .isCloseTo(there.path(along).asDouble() - at.path(along).asDouble(), within(1e-6));
          JsonNode before = edge.equals("LEFT") || edge.equals("TOP") ? there : at;
          JsonNode after = before == there ? at : there;
          String across = isLevel ? "topMm" : "leftMm";
          String size = isLevel ? "heightMm" : "widthMm";
          assertThat(before.path(across).asDouble() + before.path(size).asDouble())
              .as("%s of %s", edge, own.path("id"))
              .isLessThan(after.path(across).asDouble() + 1);
        }
      }
    }
  }

  @Test
  void whatWasFoundOnAFourthDrawerIsKeptWhileThereAreThree() {
    JsonNode chest = newPiece("Drawers", "DRAWER_CHEST", Map.of("rows", 4.0));
    ObjectNode plan =
        (ObjectNode)
            edit(chest.path("document"), "OWN_MARKS", Map.of("faceId", "drawer-4"))
                .body()
                .path("document");
    ((ObjectNode) plan.path("faces").path(0)).put("name", "The sticky one");
    chest = save(chest, plan, "named", null).body();
    assertThat(face(chest, "drawer-4").path("name").asString()).isEqualTo("The sticky one");

    ObjectNode three = (ObjectNode) chest.path("document").deepCopy();
    ((ObjectNode) three.at("/form/measures")).put("rows", 3);
    chest = save(chest, three, "three rows", null).body();
    assertThat(chest.at("/reading/parts")).hasSize(3);
    ObjectNode four = (ObjectNode) chest.path("document").deepCopy();
    ((ObjectNode) four.at("/form/measures")).put("rows", 4);
    chest = save(chest, four, "four rows", null).body();
    assertThat(face(chest, "drawer-4").path("name").asString()).isEqualTo("The sticky one");
  }

  @Test
  void marksAreCopiedAndTurnedOverToThePairButNotItsDamage() {
    JsonNode wardrobe = get("/api/pieces/wardrobe").body();
    JsonNode mirrored =
        wouldBe(
                wardrobe.path("document"),
                of("HAND_MARKS_OVER")
                    .put("faceId", "door-2")
                    .put("toFaceId", "door-1")
                    .put("mirrored", true))
            .body();
    JsonNode reading = post("/api/readings", mirrored.path("document")).body();
    JsonNode door = null;
    for (JsonNode f : reading.path("faces")) {
      door = f.path("id").asString().equals("door-1") ? f : door;
    }
    double width = face(wardrobe, "door-2").path("width").path("mm").asDouble();
    double key = door.path("holes").path(1).path("centres").path(0).path("xMm").asDouble();
    assertThat(key).isCloseTo(width - 41, within(1e-9));
    assertThat(door.path("blemishes")).hasSize(1); // its own, not the other's
    assertThat(mirrored.path("summary").asString())
        .isEqualTo("Marks of Right door mirrored to Left door");
    assertThat(door.path("keepOuts").path(0).path("area").path("side").asString())
        .isEqualTo("LEFT");
  }

  @Test
  void facesAreReshapedDuplicatedAddedTakenOffAndBroughtBack() {
    JsonNode board = newPiece("Board", "SIGN", Map.of("width", 600.0, "height", 240.0));
    for (String outline :
        new String[] {
          "RECTANGLE",
          "ROUNDED",
          "CIRCLE",
          "OVAL",
          "ARCH",
          "TRAPEZIUM",
          "OUT_OF_SQUARE",
          "POLYGON",
          "SIDES_AND_DIAGONALS",
          "FRAME",
          "CYLINDER",
          "CONE",
          "BULGE"
        }) {
      JsonNode shaped =
          edit(board.path("document"), "RESHAPE", Map.of("faceId", "front", "outline", outline))
              .body();
      JsonNode front = post("/api/readings", shaped.path("document")).body().at("/faces/0");
      assertThat(front.at("/outline/kind").asString()).isEqualTo(outline);
      assertThat(edit(board.path("document"), "ADD_FACE", Map.of("outline", outline)).status())
          .as("add " + outline)
          .isEqualTo(200);
    }
    JsonNode two = edit(board.path("document"), "DUPLICATE_FACE", Map.of("faceId", "front")).body();
    JsonNode saved = save(board, two.path("document"), "two", null).body();
    assertThat(saved.at("/reading/faces")).hasSize(2);
    assertThat(saved.at("/reading/faces/1/name").asString()).isEqualTo("Front, copy");
    JsonNode one = edit(saved.path("document"), "TAKE_FACE_OFF", Map.of("faceId", "front")).body();
    saved = save(saved, one.path("document"), "one", null).body();
    assertThat(saved.at("/reading/faces")).hasSize(1);
    assertThat(
            edit(
                    saved.path("document"),
                    "TAKE_FACE_OFF",
                    Map.of("faceId", saved.at("/reading/faces/0/id").asString()))
                .detail())
        .contains("is the last one");
    JsonNode back =
        edit(saved.path("document"), "BRING_FACE_BACK", Map.of("faceId", "front")).body();
    assertThat(post("/api/readings", back.path("document")).body().path("faces")).hasSize(2);
  }

  @Test
  void whatMakesNoPieceIsRefusedNamingTheFieldAndNothingChanges() {
    JsonNode screen = newPiece("Screen", "SCREEN", Map.of("panels", 3.0));
    ObjectNode bad = (ObjectNode) screen.path("document").deepCopy();
    ((ObjectNode) bad.at("/form/measures")).put("panels", 40);
    Answer refused = save(screen, bad, "bad", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).startsWith("Panels (40) is not a number that is possible here");
    ObjectNode shape = (ObjectNode) screen.path("document").deepCopy();
    ((ObjectNode) shape.at("/form")).putObject("choices").put("hardware", "CHAIN");
    assertThat(save(screen, shape, "unasked", null).status()).isEqualTo(200);
    assertThat(edit(screen.path("document"), "OWN_MARKS", Map.of("faceId", "roof")).detail())
        .startsWith("Face (roof) is not on this piece");
  }

  @Test
  void theFoldedPieceHasEveryFaceWithItsCorners() {
    JsonNode folded = get("/api/pieces/biscuit-tin/fold").body();
    assertThat(folded).hasSize(4);
    for (JsonNode face : folded) {
      int corners = face.path("onFace").size() / 2;
      assertThat(face.path("inRoom")).hasSize(corners * 3);
      for (JsonNode index : face.path("triangles")) {
        assertThat(index.asInt()).isBetween(0, corners - 1);
      }
    }
  }

  @Test
  void lengthsBetweenTwoPlacesAreTheCores() {
    ObjectNode q =
        json.createObjectNode()
            .put("fromXMm", 0)
            .put("fromYMm", 0)
            .put("toXMm", 400)
            .put("toYMm", 300);
    JsonNode answer = post("/api/lengths/between", q).body();
    assertThat(answer.at("/distance/mm").asDouble()).isEqualTo(500);
    assertThat(answer.at("/across/text").asString()).isEqualTo("15 3/4\"");
  }

  @Test
  void piecesAreCopiedPutAwayFoundAndTakenOutAgain() {
    JsonNode stool = newPiece("Milking stool of the upper farm", "STEP_STOOL", Map.of());
    String id = stool.path("id").asString();
    JsonNode copy = post("/api/pieces/" + id + "/copy", null).body();
    assertThat(copy.path("document").path("form")).isEqualTo(stool.path("document").path("form"));
    assertThat(copy.has("undo")).isFalse();
    assertThat(get("/api/pieces?find=milking%20riser").body()).hasSize(2);
    // by its form and by a face's name too
    assertThat(get("/api/pieces?find=MILKING%20%20step").body()).hasSize(2);
    assertThat(get("/api/pieces?find=milking%20drawer").body()).isEmpty();
    assertThat(post("/api/pieces/" + id + "/archive", null).status()).isEqualTo(200);
    assertThat(get("/api/pieces?find=milking").body()).hasSize(1);
    assertThat(get("/api/pieces?find=milking&archived=true").body()).hasSize(1);
    post("/api/pieces/" + id + "/restore", null);
    assertThat(get("/api/pieces?find=milking").body()).hasSize(2);
  }
}
