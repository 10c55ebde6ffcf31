package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans that an earlier version stored are opened, changed and undone like any other. */
class OldPlansTest extends ServerTest {
  private static final String OLD =
      """
      {"schema":1,"name":"Attic chest",
       "form":{"kind":"CHEST","widthMm":870.0,"heightMm":420.0,"depthMm":450.0},
       "faces":[
        {"id":"front","makeUp":"WAXED","ground":"#1F4650","keepOuts":[],"blemishes":[]},
        {"id":"lid","makeUp":"BARE_WOOD","ground":"#D9CFBC","keepOuts":[],"blemishes":[]},
        {"id":"left","makeUp":"METAL","ground":"#D9CFBC","keepOuts":[],"blemishes":[]},
        {"id":"right","makeUp":"PAINTED","ground":"#D9CFBC","keepOuts":[],"blemishes":[]}],
       "lays":[{"id":"a","faceId":"front","designId":"fern-band","paintId":"bone-white","coats":2,
        "run":{"edge":"TOP","distanceMm":104.0,"startInsetMm":0.0,"endInsetMm":0.0,"gapMm":20.0,
               "endMarginMm":8.0,"allowedChange":0.15}}]}""";

  @Autowired private JdbcTemplate database;

  @Test
  void aStoredPlanOfTheFirstVersionIsReadAndGoesOn() {
    String studio = database.queryForObject("select id from studio limit 1", String.class);
    database.update(
        "insert into piece (id, studio_id, version, made_at) values ('attic', ?, 1, now(6))",
        studio);
    database.update(
        "insert into plan_entry (studio_id, piece_id, document, summary, made_at)"
            + " values (?, 'attic', ?, 'Started the piece', now(6))",
        studio,
        OLD);
    database.update(
        "update piece set current_entry_id ="
            + " (select max(id) from plan_entry where piece_id = 'attic') where id = 'attic'");

    JsonNode piece = get("/api/pieces/attic").body();
    assertThat(piece.at("/document/schema").asInt()).isEqualTo(6);
    assertThat(piece.at("/reading/faces/0/makeUpText").asString()).isEqualTo("wood, waxed");
    assertThat(piece.at("/reading/faces/0/lays/0/laid/setOuts/0/marks")).hasSize(7);
    for (JsonNode face : piece.at("/reading/faces")) {
      if (face.path("id").asString().equals("left")) {
        assertThat(face.path("makeUpText").asString()).isEqualTo("bare metal");
      }
    }
    ObjectNode wider = (ObjectNode) piece.path("document").deepCopy();
    ((ObjectNode) wider.at("/form/measures")).put("width", 900);
    JsonNode saved = save(piece, wider, "Width", null).body();
    JsonNode back =
        change("POST", "/api/pieces/attic/undo", null, saved.path("version").asLong()).body();
    assertThat(back.path("document")).isEqualTo(piece.path("document"));
    database.update("update piece set archived_at = now(6) where id = 'attic'");
  }
}
