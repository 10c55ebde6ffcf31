package craftmap.server.growth;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.ServerTest;
import craftmap.server.TestDatabase;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.annotation.DirtiesContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How what a person waits for grows with what is there, over HTTP, and what memory is kept. Run it
 * with {@code mvn -Pbench -pl core,web,server -am test -Dtest='GrowthBench#lays'}, one part after
 * the other: what one leaves is there for the next. It draws its plots into docs/growth.
 */
@Tag("bench")
@DirtiesContext
class GrowthBench extends ServerTest {
  private static final Path PLOTS = TestDatabase.home().resolve("docs/growth");
  private static final Duration WORTH = Duration.ofSeconds(4);
  private static final int WARM_UP = 12;
  private static final int LEAST_RUNS = 5;
  private static final int MOST_RUNS = 40;

  @Autowired private JdbcTemplate jdbc;
  @Autowired private Studios studios;

  /** Makes the next so many things; what is asked then is asked with a number never used before. */
  private interface Grown {
    Map<String, IntConsumer> to(int n);
  }

  private int asked;

  private void grow(String name, String title, String what, int[] sizes, Grown grown)
      throws IOException {
    Map<String, Growing> all = new LinkedHashMap<>();
    for (int n : sizes) {
      Map<String, IntConsumer> questions = grown.to(n);
      questions.forEach(
          (question, ask) -> all.computeIfAbsent(question, Growing::new).add(n, median(ask)));
      System.out.printf("GROWTH %s %,d: %.0f MB kept%n", name, n, keptMb());
    }
    for (Growing g : all.values()) {
      System.out.printf(
          "GROWTH %s: %s %s n^%.2f (n log n is n^%.2f)%n",
          name, g.name(), g.points(), g.power(), g.powerOfNLogN());
    }
    Files.createDirectories(PLOTS);
    Files.writeString(
        PLOTS.resolve(name + ".svg"), Plot.of(title, what, List.copyOf(all.values())));
  }

  /** Each asking is another one; as many as there is time for. */
  private double median(IntConsumer ask) {
    long end = System.nanoTime() + WORTH.toNanos();
    double[] ms = new double[MOST_RUNS];
    int runs = 0;
    for (int i = 0; runs < LEAST_RUNS || runs < MOST_RUNS && System.nanoTime() < end; i++) {
      boolean warm = i >= WARM_UP || i > 0 && System.nanoTime() > end;
      long start = System.nanoTime();
      ask.accept(++asked);
      if (warm) {
        ms[runs++] = (System.nanoTime() - start) / 1e6;
      }
    }
    double[] taken = Arrays.copyOf(ms, runs);
    Arrays.sort(taken);
    return taken[runs / 2];
  }

  private static double keptMb() {
    for (int i = 0; i < 3; i++) {
      System.gc();
    }
    Runtime vm = Runtime.getRuntime();
    return (vm.totalMemory() - vm.freeMemory()) / 1e6;
  }

  private Answer ask(String path) {
    Answer answer = get(path);
    assertThat(answer.status()).as(path + answer.detail()).isEqualTo(200);
    return answer;
  }

  private static String id(JsonNode piece) {
    return piece.path("id").asString();
  }

  private JsonNode now(String pieceId) {
    return ask("/api/pieces/" + pieceId).body();
  }

  private JsonNode saved(JsonNode piece, JsonNode document) {
    Answer answer = save(piece, document, "Grown", null);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private void edited(String pieceId, ObjectNode edit) {
    Answer answer = edit(now(pieceId), edit);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
  }

  private ObjectNode moved(String layId, double distanceMm) {
    ObjectNode edit = of("MEASURE_LAY").put("layId", layId);
    edit.putObject("measures").put("distance", distanceMm);
    return edit;
  }

  @Test
  void lays() throws IOException {
    String id = id(newChest("Of many lays"));
    grow(
        "lays",
        "A face with more and more bands on it",
        "bands of 51 ferns on one face",
        new int[] {6, 12, 25, 50, 100, 200},
        n -> {
          JsonNode before = now(id);
          ObjectNode chest = (ObjectNode) before.path("document").deepCopy();
          ((ObjectNode) chest.at("/form/measures")).put("width", 5600).put("height", 200 + 64 * n);
          for (int i = chest.path("lays").size(); i < n; i++) {
            chest = withFernBand(chest, "band-" + i, 40 + i * 64);
          }
          saved(before, chest);
          ObjectNode fixed = chest;
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put(
              "Nothing of it seen before",
              i -> {
                ObjectNode other = fixed.deepCopy();
                ((ObjectNode) other.at("/form/measures")).put("width", 5600 - i * 0.0137);
                assertThat(post("/api/readings", other).status()).isEqualTo(200);
              });
          questions.put(
              "A band moved, and saved", i -> edited(id, moved("band-3", 200 + i * 0.0137)));
          questions.put("The piece opened again", i -> ask("/api/pieces/" + id));
          return questions;
        });
  }

  @Test
  void faces() throws IOException {
    grow(
        "faces",
        "A screen with more and more panels",
        "faces of one piece",
        new int[] {5, 10, 20, 40, 60},
        n -> {
          JsonNode piece =
              newPiece(
                  "Screen of " + n,
                  "SCREEN",
                  Map.of(
                      "panels", n / 5.0, "insets", 4.0, "width", 400.0, "height", 1700.0, "rail",
                      40.0));
          JsonNode faces = piece.at("/reading/faces");
          assertThat(faces.size()).isEqualTo(n);
          JsonNode plan = piece.path("document");
          for (JsonNode face : faces) {
            String on = face.path("id").asString();
            plan = withFernBand(plan, "on-" + on, on, 30);
          }
          JsonNode laid = saved(piece, plan).path("document");
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put(
              "Measured anew",
              i -> {
                JsonNode other = laid.deepCopy();
                ((ObjectNode) other.at("/form/measures")).put("height", 1700 + i * 0.0137);
                assertThat(post("/api/readings", other).status()).isEqualTo(200);
              });
          questions.put("The piece opened again", i -> ask("/api/pieces/" + id(piece)));
          questions.put("Its order of work", i -> ask("/api/pieces/" + id(piece) + "/order"));
          return questions;
        });
  }

  @Test
  void shelf() throws IOException {
    int[] there = {0};
    grow(
        "shelf",
        "A shelf that grows",
        "designs on the shelf",
        new int[] {300, 1_000, 3_000, 10_000},
        n -> {
          StringBuilder csv = new StringBuilder("what,name,quantity,width,height,place\n");
          for (int i = there[0]; i < n; i++) {
            csv.append("TRANSFER,Grown sheet ").append(i).append(",2,").append(100 + i % 300);
            csv.append(" mm,")
                .append(80 + i % 250)
                .append(" mm,Drawer ")
                .append(i % 40)
                .append('\n');
          }
          there[0] = n;
          String list =
              "/api/shelf/lists/"
                  + id(upload("/api/shelf/lists", csv.toString().getBytes()).body());
          until(list, l -> l.path("state").asString().equals("READY"));
          post(list + "/import", null);
          until(list, l -> l.path("state").asString().equals("DONE"));
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put("All of the shelf", i -> ask("/api/shelf"));
          questions.put("Two words looked for", i -> ask("/api/shelf?words=grown%20" + i));
          questions.put("A little spilled", i -> spilled("deep-estuary"));
          questions.put("The sea chest opened", i -> ask("/api/pieces/sea-chest"));
          questions.put("What it needs", i -> ask("/api/pieces/sea-chest/gather"));
          return questions;
        });
  }

  private void spilled(String holding) {
    Answer answer =
        post(
            "/api/holdings/" + holding + "/entries",
            Map.of("kind", "SPILLED", "quantity", "0.001"));
    assertThat(answer.status()).as(answer.detail()).isLessThan(300);
  }

  /** By statements, as so many moves of a band would leave it. */
  @Test
  void history() throws IOException {
    JsonNode chest = newChest("Of many saves");
    String id = id(saved(chest, withFernBand(chest.path("document"), "band-0", 40)));
    edited(id, moved("band-0", 41));
    grow(
        "history",
        "A piece that was changed more and more often",
        "saves in its history",
        new int[] {30, 100, 300, 1_000, 3_000, 10_000},
        n -> {
          moves(id, n);
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put(
              "A band moved, and saved", i -> edited(id, moved("band-0", 50 + i * 0.0137)));
          questions.put(
              "Undone",
              i -> {
                long version = now(id).path("version").asLong();
                assertThat(change("POST", "/api/pieces/" + id + "/undo", null, version).status())
                    .isEqualTo(200);
              });
          questions.put("Its history", i -> ask("/api/pieces/" + id + "/history"));
          questions.put("The piece opened again", i -> ask("/api/pieces/" + id));
          return questions;
        });
  }

  private void moves(String pieceId, int upTo) {
    int there =
        jdbc.queryForObject(
            "select count(*) from plan_entry where piece_id = ?", Integer.class, pieceId);
    Map<String, Object> last =
        jdbc.queryForMap(
            "select id, made_as from plan_entry where piece_id = ? order by made_as desc limit 1",
            pieceId);
    long first = jdbc.queryForObject("select max(id) from plan_entry", Long.class) + 1;
    int more = upTo - there;
    jdbc.update(
        """
        insert into plan_entry (id, studio_id, piece_id, parent_id, made_as, document, told, told_names,
            summary, made_at, made_by)
          select ? + s.seq, e.studio_id, e.piece_id, if(s.seq = 0, e.id, ? + s.seq - 1),
            e.made_as + 1 + s.seq, e.document, e.told, e.told_names, e.summary,
            e.made_at + interval s.seq * 7 second, e.made_by
          from plan_entry e join seq_0_to_%d s where e.id = ? order by s.seq
        """
            .formatted(more - 1),
        first,
        first,
        last.get("id"));
    jdbc.update(
        "update piece set current_entry_id = ?, version = version + ? where id = ?",
        first + more - 1,
        more,
        pieceId);
  }

  @Test
  void pieces() throws IOException {
    grow(
        "pieces",
        "A studio with more and more pieces",
        "pieces that are worked on",
        new int[] {30, 100, 300, 1_000},
        n -> {
          int there = ask("/api/pieces").body().size();
          for (int i = there; i < n; i++) {
            JsonNode chest = newChest("Grown " + UUID.randomUUID());
            saved(chest, withFernBand(chest.path("document"), "band-0", 40 + i * 0.37));
          }
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put("Home", i -> ask("/api/pieces"));
          questions.put("One opened", i -> ask("/api/pieces/wall-clock"));
          questions.put("What all of them lack", i -> ask("/api/shopping/missing"));
          questions.put("What can be done next", i -> ask("/api/week/next"));
          return questions;
        });
  }

  /** Half of them of one pot: what one stock has is looked through as well as what all have. */
  @Test
  void ledger() throws IOException {
    String studio = studios.first().id();
    int[] there = {0};
    grow(
        "ledger",
        "A ledger that grows",
        "entries, half of them of one pot",
        new int[] {1_000, 10_000, 100_000, 1_000_000},
        n -> {
          entered(studio, there[0], n);
          there[0] = n;
          Map<String, IntConsumer> questions = new LinkedHashMap<>();
          questions.put("A little spilled", i -> spilled("deep-estuary"));
          questions.put("The pot with most of it", i -> ask("/api/holdings/deep-estuary"));
          questions.put("All of the shelf", i -> ask("/api/shelf"));
          questions.put("Logbook", i -> ask("/api/logbook"));
          return questions;
        });
  }

  private void entered(String studio, int from, int to) {
    jdbc.update(
        """
        insert into ledger_entry (studio_id, holding_id, kind, quantity, note, made_by, made_at)
          select ?, if(s.seq %% 4 < 2, 'deep-estuary', 'bone-white'),
            if(s.seq %% 2 = 0, 'BOUGHT', 'USED'), if(s.seq %% 2 = 0, 0.137, -0.137), '', 'Wren',
            utc_timestamp(6) - interval (2000000 - s.seq) second
          from seq_%d_to_%d s
        """
            .formatted(from, to - 1),
        studio);
    jdbc.update(
        "update holding h set level = (select sum(quantity) from ledger_entry e where e.holding_id = h.id) where h.id in ('deep-estuary', 'bone-white')");
    jdbc.update("update changed set times = times + 1 where thing = 'STOCK'");
  }
}
