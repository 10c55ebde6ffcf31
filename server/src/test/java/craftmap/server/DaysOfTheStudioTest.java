package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A day begins and ends where the studio is, wherever its machine stands. */
class DaysOfTheStudioTest extends OrderServerTest {
  /** A day apart from each other at any time: no machine is in both. */
  private static final ZoneId EAST = ZoneId.of("Pacific/Kiritimati");

  private static final ZoneId WEST = ZoneId.of("Pacific/Honolulu");

  @Autowired private JdbcTemplate database;

  @AfterEach
  void theBenchAsItIsElsewhere() {
    theBench();
  }

  private void standsIn(ZoneId zone) {
    ObjectNode bench = bench(21, 50, 18, 60, 1);
    assertThat(putBench(bench.put("zone", zone.getId())).status()).isEqualTo(200);
  }

  private String levelAt(String pot, String day) {
    return get("/api/holdings/" + pot + "/level?day=" + day).body().path("levelText").asString();
  }

  @Test
  void aLevelAtTheEndOfADayIsThatOfTheStudiosDay() {
    String pot = newPot("chalky-paint", "120.4");
    post("/api/holdings/" + pot + "/entries", Map.of("kind", "USED", "quantity", "20.9"));
    database.update(
        "update ledger_entry set made_at = '2026-03-02 10:00:00' where holding_id = ?", pot);
    database.update(
        "update ledger_entry set made_at = '2026-03-09 18:30:00' where holding_id = ? and kind ="
            + " 'USED'",
        pot);
    standsIn(EAST);
    assertThat(levelAt(pot, "2026-03-09")).as("it was the 10th there").startsWith("120");
    assertThat(levelAt(pot, "2026-03-10")).startsWith("99.5");
    standsIn(WEST);
    assertThat(levelAt(pot, "2026-03-08")).startsWith("120");
    assertThat(levelAt(pot, "2026-03-09")).as("it was morning there").startsWith("99.5");
  }

  @Test
  void aPotIsOpenedOnTheStudiosDay() {
    for (ZoneId zone : List.of(EAST, WEST)) {
      standsIn(zone);
      String pot = newPot("chalky-paint", "77.7");
      LocalDate before = LocalDate.now(zone);
      JsonNode opened =
          post("/api/holdings/" + pot + "/entries", Map.of("kind", "OPENED"))
              .body()
              .path("holding");
      assertThat(LocalDate.parse(opened.path("openedOn").asString()))
          .as("in %s", zone)
          .isBetween(before, LocalDate.now(zone));
    }
  }
}
