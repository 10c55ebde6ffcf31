package craftmap.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.log.Estimate;
import craftmap.core.log.Learned;
import craftmap.core.log.Skill;
import craftmap.core.measure.TapeDivision;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.finding.OrderFinding;
import craftmap.core.order.schedule.CpScheduler;
import craftmap.core.order.schedule.ListScheduler;
import craftmap.core.order.schedule.Minding;
import craftmap.core.order.schedule.Placed;
import craftmap.core.order.schedule.Problem;
import craftmap.core.order.schedule.Schedule;
import craftmap.core.order.work.Work;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.AskedOrder;
import craftmap.server.ServerTest;
import craftmap.server.bench.Benches;
import craftmap.server.learning.Learning;
import craftmap.server.logbook.Details;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;

/** Two studios in one database, both with the demo: neither sees, finds or counts the other's. */
@DirtiesContext
class TwoStudiosTest extends ServerTest {
  @Autowired private Studios studios;
  @Autowired private Demo demo;
  @Autowired private Pieces pieces;
  @Autowired private PlanReadings readings;
  @Autowired private Benches benches;
  @Autowired private Learning learning;
  @Autowired private Logbook logbook;
  @Autowired private JdbcTemplate jdbc;

  /** Made once for all who only look at it. */
  private static String looked;

  private Studio oneToLookAt() throws IOException {
    if (looked == null) {
      looked = second().id();
    }
    return studios.get(looked);
  }

  private Studio second() throws IOException {
    Studio studio =
        studios.found(
            "other-" + UUID.randomUUID().toString().substring(0, 8),
            "Dune Studio",
            TapeDivision.MM_1);
    demo.fill(studio);
    return studio;
  }

  /** Everything that lists, counts or adds up. */
  private Map<String, JsonNode> listed() {
    Map<String, JsonNode> all = new LinkedHashMap<>();
    for (String path :
        List.of(
            "/api/pieces",
            "/api/pieces?find=chest",
            "/api/pieces?archived=true",
            "/api/shelf",
            "/api/shelf?find=fern",
            "/api/stencils",
            "/api/pots",
            "/api/tools",
            "/api/designs/fern-band",
            "/api/designs/fern-band/uses",
            "/api/holdings/deep-estuary",
            "/api/holdings/deep-estuary/uses",
            "/api/pieces/sea-chest",
            "/api/pieces/sea-chest/card",
            "/api/pieces/wall-clock/card",
            "/api/pieces/sea-chest/route",
            "/api/pieces/sea-chest/gather",
            "/api/pieces/sea-chest/cuts",
            "/api/pieces/sea-chest/photos",
            "/api/pieces/wardrobe/cuts")) {
      Answer answer = get(path);
      assertThat(answer.status()).as(path).isEqualTo(200);
      all.put(path, answer.body());
    }
    return all;
  }

  @Test
  void aSecondStudioWithTheSameDemoChangesNothingForTheFirst() throws IOException {
    Map<String, JsonNode> before = listed();
    Studio other = second();
    listed().forEach((path, now) -> assertThat(now).as(path).isEqualTo(before.get(path)));
    List<SavedPlan> theirs = pieces.all(other, false);
    assertThat(theirs).hasSize(7);
    // their plans lay their own designs in their own paints
    for (SavedPlan piece : theirs) {
      assertThat(readings.read(other, piece.plan()).lays())
          .noneMatch(craftmap.core.plan.LayReading.Missing.class::isInstance);
    }
    assertThat(theirs.stream().mapToInt(p -> p.plan().lays().size()).sum()).isGreaterThan(10);
  }

  /**
   * Six finished pieces lie behind the demo, and what they taught is near what was true of them:
   * sanding went slowly, washing quickly, and paint did not go as far as its label says.
   */
  @Test
  void thePastOfTheDemoTaughtWhatWasTrueOfIt() throws IOException {
    Studio studio = oneToLookAt();
    List<SavedPlan> past = pieces.all(studio, true);
    assertThat(past).hasSize(6);
    for (SavedPlan piece : past) {
      assertThat(readings.read(studio, piece.plan()).lays())
          .allMatch(craftmap.core.plan.LayReading.Laid.class::isInstance);
      assertThat(piece.plan().order().steps()).hasSizeGreaterThan(5);
      assertThat(piece.plan().order().begun())
          .hasValueSatisfying(b -> assertThat(b).isBefore(Instant.now()));
    }
    Learned learned = learning.of(studio.id(), Optional.empty());

    Estimate sanding = learned.estimate(Skill.of(Skill.Craft.SAND).topic(), 12.5);
    assertThat(sanding.count()).isGreaterThanOrEqualTo(5);
    assertThat(12.5 * 1.45 * 1.03).isBetween(sanding.low(), sanding.high());
    Estimate washing = learned.estimate(Skill.of(Skill.Craft.CLEAN).topic(), 8.33);
    assertThat(washing.high()).isLessThan(8.33 * 1.05);
    assertThat(
            learned.spread(
                "shell-white" + past.getFirst().id().replace("samphire-tray", ""),
                "BRUSH",
                10,
                0.05))
        .isBetween(7.5, 10.0);
    // the oldest of them was begun before anything was known
    assertThat(
            readings
                .learned(studio, past.getFirst().plan())
                .count(Skill.of(Skill.Craft.SAND).topic()))
        .isZero();
    assertThat(
            readings
                .learned(studio, past.getLast().plan())
                .count(Skill.of(Skill.Craft.SAND).topic()))
        .isBetween(3, 5);
  }

  /**
   * In the demo there is a window that would be missed by whoever does what can be done next: a
   * coat of varnish on the stool is held past noon, for its tape comes off within minutes of it.
   */
  @Test
  void theVarnishOfTheStoolIsHeldForItsTape() throws IOException {
    Studio studio = oneToLookAt();
    SavedPlan stool =
        pieces.all(studio, false).stream()
            .filter(p -> p.id().startsWith("step-stool"))
            .findFirst()
            .orElseThrow();
    Plan plan = stool.plan();
    CoatsReading coats = readings.coats(studio, plan);
    Bench bench = benches.of(studio);
    Work work = AskedOrder.of(stool.id(), plan.order(), readings.read(studio, plan), coats).work();
    Instant begins = plan.order().begins().orElseThrow().atZone(bench.zone()).toInstant();
    Problem problem = new Problem(work, bench, begins, 30);
    Schedule schedule =
        new CpScheduler(new ListScheduler(500, 1), 0.3).schedule(problem).orElseThrow();
    OrderFinding held =
        Minding.of(problem, schedule, -1).stream()
            .filter(f -> f.rule() == OrderFinding.Rule.HELD_FOR_WINDOW)
            .findFirst()
            .orElseThrow();
    Placed varnish = schedule.of(held.stepId()).orElseThrow();
    Placed tape = schedule.of(held.other()).orElseThrow();
    // as it stands the tape comes off in time; begun when it could be, noon would be in between
    assertThat(Duration.ofMinutes(tape.from() - varnish.to()))
        .isLessThanOrEqualTo(held.times().getLast());
    ZonedDateTime sooner =
        problem.instant(varnish.from()).minus(held.times().getFirst()).atZone(bench.zone());
    assertThat(sooner.toLocalTime()).isBetween(LocalTime.of(11, 0), LocalTime.NOON);
  }

  @Test
  void idsOfAnotherStudioAreUnknownWhereverTheyAreAskedFor() throws IOException {
    Studio other = second();
    Studio ours = studios.first();
    for (String path :
        List.of(
            "/api/pieces/{piece}",
            "/api/pieces/{piece}/route",
            "/api/pieces/{piece}/gather",
            "/api/pieces/{piece}/cuts",
            "/api/pieces/{piece}/fold",
            "/api/pieces/{piece}/photos",
            "/api/pieces/{piece}/work",
            "/api/pieces/{piece}/work/ahead",
            "/api/pieces/{piece}/money",
            "/api/pieces/{piece}/money/cheaper",
            "/api/pieces/{piece}/money/own-only",
            "/api/pieces/{piece}/afterwards",
            "/api/pieces/{piece}/afterwards/buyer",
            "/api/designs/{design}",
            "/api/designs/{design}/uses",
            "/api/holdings/{holding}",
            "/api/holdings/{holding}/uses",
            "/api/media/{medium}",
            "/api/photos/{photo}",
            "/api/artworks/{artwork}")) {
      assertThat(get(of(path, ours)).status()).as("ours: " + path).isEqualTo(200);
      Answer theirs = get(of(path, other));
      boolean knowsNothing =
          theirs.status() == 404 || theirs.status() == 200 && theirs.body().isEmpty();
      assertThat(knowsNothing).as("theirs: %s %s", path, theirs.body()).isTrue();
    }
    String piece = id(other, "piece");
    logbook.write(
        other.id(),
        new LogEntry(
            "theirs",
            piece,
            "a:step",
            LogEntry.LogKind.NOTE,
            Instant.now(),
            true,
            Instant.now(),
            "Nobody elses business",
            new Details(
                "Theirs", "A step", "SAND", "", "", 0, 0, 0, null, null, 20, 50, null, null),
            ""),
        List.of());
    assertThat(get("/api/logbook?find=business").body().path("days")).isEmpty();
    assertThat(get("/api/logbook?piece=" + piece).body().path("days")).isEmpty();
    nothingOfTheirListIsOurs(other, piece);
    Map<String, String> told =
        Map.of("id", "t", "step", "a:step", "kind", "NOTE", "toldAt", "2027-02-01T09:00:00Z");
    assertThat(post("/api/pieces/" + piece + "/work/told", Map.of("told", List.of(told))).status())
        .isEqualTo(404);
    assertThat(change("POST", "/api/pieces/" + piece + "/undo", null, 1L).status()).isEqualTo(404);
    assertThat(post("/api/pieces/" + piece + "/copy", null).status()).isEqualTo(404);
    assertThat(post("/api/pieces/" + piece + "/archive", null).status()).isEqualTo(404);
    assertThat(delete("/api/pieces/" + piece).status()).isEqualTo(404);
    assertThat(
            change(
                    "POST",
                    "/api/pieces/" + piece + "/edits",
                    "{\"edits\":[{\"kind\":\"NAME_PIECE\",\"name\":\"Mine now\"}]}",
                    1L)
                .status())
        .isEqualTo(404);
    assertThat(pieces.get(other, piece).name()).isNotEqualTo("Mine now");
    // and none of theirs can be laid on one of ours
    JsonNode chest = newChest("Ours");
    Answer laid =
        edit(chest, of("LAY_DESIGN").put("faceId", "front").put("designId", id(other, "design")));
    assertThat(laid.status()).isEqualTo(422);
    assertThat(laid.detail()).contains("is not on the shelf");
  }

  /** What another studio means to buy is neither seen, nor changed, nor booked here. */
  private void nothingOfTheirListIsOurs(Studio other, String piece) {
    jdbc.update(
        """
        insert into shopping_line
          (id, studio_id, name, pack, quantity, sku, holds, price_minor, currency, done, made_at)
        values ('theirs', ?, 'Nobody elses paint', '118 ml', 2, 'CP-01', 118, 640, 'EUR', true, now())
        """,
        other.id());
    assertThat(get("/api/shopping").body().toString()).doesNotContain("Nobody elses paint");
    assertThat(post("/api/shopping/bought", null).body().toString())
        .doesNotContain("Nobody elses paint");
    assertThat(put("/api/shopping/theirs/tick", Map.of("done", false)).status()).isEqualTo(404);
    assertThat(put("/api/shopping/theirs/quantity", Map.of("quantity", 3)).status()).isEqualTo(404);
    assertThat(delete("/api/shopping/theirs/bought").status()).isEqualTo(404);
    assertThat(delete("/api/shopping/theirs").status()).isEqualTo(404);
    assertThat(get("/api/shopping/missing?pieces=" + piece).status()).isEqualTo(404);
    assertThat(
            jdbc.queryForMap(
                "select quantity, done, bought_at from shopping_line where id = 'theirs'"))
        .containsEntry("quantity", 2)
        .containsEntry("done", true)
        .containsEntry("bought_at", null);
  }

  /** A path with ids of one studio in it. */
  private String of(String path, Studio studio) {
    String table = path.replaceFirst(".*\\{(.*)\\}.*", "$1");
    return path.replace("{" + table + "}", id(studio, table));
  }

  private String id(Studio studio, String table) {
    return jdbc.queryForList(
            "select id from " + table + " where studio_id = ? limit 1", String.class, studio.id())
        .getFirst();
  }
}
