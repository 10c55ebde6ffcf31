package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.ColourFamily;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.server.shelf.ShelfSearch;
import craftmap.server.studio.Studios;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/**
 * How long the server takes with a full shelf: 5,000 designs and 2,000 pots, and to take a list of
 * 10,000 rows. Run it with {@code mvn -Pbench -pl core,web,server -am test}; the figures go into
 * docs/benchmarks.md by hand.
 */
@Tag("bench")
class ShelfBench extends ServerTest {
  private static final int WARM_UP = 30;
  private static final int RUNS = 100;

  @Autowired private ShelfSearch search;
  @Autowired private Studios studios;

  @Test
  void aFullShelf() {
    int there = get("/api/shelf?things=DESIGN").body().size();
    int pots = get("/api/shelf?things=POT").body().size();
    take(list(5_000 - there, 2_000 - pots));
    assertThat(get("/api/shelf?things=DESIGN").body()).hasSize(5_000);
    assertThat(get("/api/shelf?things=POT").body()).hasSize(2_000);
    var studio = studios.first();
    ShelfSearch.Wish all = wish("", Set.of(), Set.of());
    measure("everything, inside the server", () -> search.find(studio, all).size());
    ShelfSearch.Wish words = wish("sheet 42", Set.of(), Set.of());
    measure("two words, inside the server", () -> search.find(studio, words).size());
    ShelfSearch.Wish narrow = wish("", Set.of(DesignKind.NAPKIN), Set.of(ColourFamily.RED));
    measure("a kind and a colour, inside the server", () -> search.find(studio, narrow).size());
    measure("everything, whole request over HTTP", () -> get("/api/shelf").raw().body().length);
    measure("two words over HTTP", () -> get("/api/shelf?words=sheet%2042").raw().body().length);

    long start = System.nanoTime();
    take(list(7_500, 2_500));
    System.out.printf(
        "BENCH %-50s %.1f s%n",
        "10,000 rows of CSV, dry run and taken", (System.nanoTime() - start) / 1e9);
  }

  private static ShelfSearch.Wish wish(
      String words, Set<DesignKind> kinds, Set<ColourFamily> colours) {
    return new ShelfSearch.Wish(
        words,
        Set.of(),
        kinds,
        colours,
        Set.<Rights>of(),
        false,
        Double.MAX_VALUE,
        Double.MAX_VALUE);
  }

  private int made;

  private String list(int designs, int pots) {
    String[] kinds = {"TRANSFER", "NAPKIN", "PAPER", "STENCIL", "MOULDING"};
    StringBuilder csv = new StringBuilder("what,name,quantity,width,height,holds,place,colour\n");
    for (int i = 0; i < designs; i++) {
      int n = made++;
      csv.append(kinds[n % kinds.length]).append(",Full sheet ").append(n);
      csv.append(",3,").append(100 + n % 400).append(" mm,").append(80 + n % 300);
      csv.append(" mm,,Drawer ").append(n % 40).append(",\n");
    }
    for (int i = 0; i < pots; i++) {
      int n = made++;
      csv.append("craft-acrylic,Full pot ").append(n).append(",40,,,59,Crate,#");
      csv.append(String.format("%06X", n * 7919 % 0xFFFFFF)).append('\n');
    }
    return csv.toString();
  }

  private void take(String csv) {
    String id =
        upload("/api/shelf/lists", csv.getBytes(StandardCharsets.UTF_8))
            .body()
            .path("id")
            .asString();
    finished(id);
    post("/api/shelf/lists/" + id + "/import", null);
    assertThat(finished(id).path("state").asString()).isEqualTo("DONE");
  }

  private JsonNode finished(String id) {
    return until(
        "/api/shelf/lists/" + id,
        list -> list.path("state").asString().matches("READY|DONE|FAILED"));
  }

  private interface Ask {
    int answer();
  }

  private static void measure(String what, Ask ask) {
    int answer = 0;
    for (int i = 0; i < WARM_UP; i++) {
      answer = ask.answer();
    }
    double[] ms = new double[RUNS];
    for (int i = 0; i < RUNS; i++) {
      long start = System.nanoTime();
      ask.answer();
      ms[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(ms);
    System.out.printf(
        "BENCH %-50s median %6.1f ms   95 %% under %6.1f ms (%d)%n",
        what, ms[RUNS / 2], ms[RUNS * 95 / 100], answer);
  }
}
