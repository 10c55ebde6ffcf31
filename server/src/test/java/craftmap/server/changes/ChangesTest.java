package craftmap.server.changes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.server.SamplePictures;
import craftmap.server.ServerTest;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.DesignGiven;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Designs.Named;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.studio.Studios;
import craftmap.server.writing.Version;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class ChangesTest extends ServerTest {
  @Autowired private Changes changes;
  @Autowired private Designs designs;
  @Autowired private Studios studios;
  @Autowired private JdbcTemplate database;
  @Autowired private TransactionTemplate transaction;

  private Map<Tag, Long> times() {
    Map<Tag, Long> times = new EnumMap<>(Tag.class);
    get("/api/changes")
        .body()
        .path("tags")
        .forEach(t -> times.put(Tag.valueOf(t.path("tag").asString()), t.path("times").asLong()));
    return times;
  }

  /** What answers follow from that became old by something. */
  private Set<Tag> by(Runnable something) {
    Map<Tag, Long> before = times();
    something.run();
    Map<Tag, Long> after = times();
    Set<Tag> changed = EnumSet.noneOf(Tag.class);
    for (Tag tag : Tag.values()) {
      assertThat(after.get(tag))
          .as("%s never counts back", tag)
          .isGreaterThanOrEqualTo(before.get(tag));
      if (!after.get(tag).equals(before.get(tag))) {
        changed.add(tag);
      }
    }
    return changed;
  }

  @Test
  void whateverIsDoneMakesOldWhatFollowsFromItAndNothingElse() {
    JsonNode chest = newChest("Told of");
    String piece = "/api/pieces/" + chest.path("id").asString();
    assertThat(by(() -> get(piece))).as("looking changes nothing").isEmpty();
    assertThat(
            by(
                () ->
                    put(
                        "/api/studio/tape",
                        Map.of(
                            "division",
                            get("/api/studio").body().at("/tape/division").asString()))))
        .containsExactly(Tag.STUDIO);
    assertThat(by(() -> newChest("Another"))).containsExactly(Tag.PLAN);

    String pot = "/api/holdings/bone-white";
    assertThat(by(() -> post(pot + "/entries", Map.of("kind", "BOUGHT", "quantity", "0.7"))))
        .containsExactly(Tag.SHELF);
    assertThat(by(() -> post(pot + "/entries", Map.of("kind", "USED", "quantity", "99999"))))
        .as("what is refused has changed nothing")
        .isEmpty();
    assertThat(by(() -> put(piece + "/kept/bone-white", Map.of("quantity", "1.3 ml"))))
        .containsExactly(Tag.SHELF);

    List<String> photo = new ArrayList<>();
    assertThat(
            by(
                () ->
                    photo.add(
                        upload(piece + "/photos?stage=BEFORE", SamplePictures.png(40, 30))
                            .body()
                            .path("id")
                            .asString())))
        .containsExactly(Tag.PHOTOS);
    assertThat(by(() -> delete("/api/photos/" + photo.getFirst()))).containsExactly(Tag.PHOTOS);

    String sku = get("/api/supplier?words=wax").body().at("/0/items/0/sku").asString();
    List<String> line = new ArrayList<>();
    assertThat(
            by(
                () ->
                    line.add(
                        post("/api/shopping", Map.of("sku", sku, "pack", 0, "quantity", 3))
                            .body()
                            .at("/shops/0/shelves/0/lines/0/id")
                            .asString())))
        .containsExactly(Tag.SHOPPING);
    assertThat(by(() -> delete("/api/shopping/" + line.getFirst()))).containsExactly(Tag.SHOPPING);
    assertThat(
            by(() -> save(chest, withFernBand(chest.path("document"), "band", 97.3), "laid", null)))
        .as("it keeps its paint on the shelf")
        .containsExactlyInAnyOrder(Tag.PLAN, Tag.SHELF);
    assertThat(by(() -> post(piece + "/archive", null)))
        .as("and lets it go")
        .containsExactlyInAnyOrder(Tag.PLAN, Tag.SHELF);
    assertThat(by(() -> delete(piece))).contains(Tag.PLAN);
  }

  @Test
  void nothingIsToldOutsideOfAChange() {
    assertThatIllegalStateException().isThrownBy(() -> changes.tell("studio", Thing.PIECE, "p"));
  }

  /** Many at once on few things: no change is lost from the counts. */
  @Test
  void whatManyChangeAtOnceIsCountedToTheLast() throws Exception {
    String studio = studios.first().id();
    long before = changes.times(studio).getOrDefault(Thing.TOOL, 0L);
    Random random = new Random(7_219);
    List<Callable<Void>> all = new ArrayList<>();
    for (int i = 0; i < 96; i++) {
      List<String> things =
          random.ints(1 + random.nextInt(4), 0, 5).mapToObj(n -> "t" + n).toList();
      all.add(
          () -> {
            transaction.executeWithoutResult(
                t -> things.forEach(thing -> changes.tell(studio, Thing.TOOL, "counted " + thing)));
            return null;
          });
    }
    long told = 0;
    try (var writers = Executors.newFixedThreadPool(16)) {
      for (Future<Void> done : writers.invokeAll(all)) {
        done.get();
      }
    }
    random = new Random(7_219);
    for (int i = 0; i < 96; i++) {
      told += random.ints(1 + random.nextInt(4), 0, 5).distinct().count();
    }
    assertThat(changes.times(studio).get(Thing.TOOL) - before).isEqualTo(told);
  }

  @Test
  void manyThingsOfOneChangeAreNotedTogether() {
    String studio = studios.first().id();
    Map<Thing, Long> before = changes.times(studio);
    int rows = rows();
    transaction.executeWithoutResult(
        t -> {
          for (int i = 0; i < 5_000; i++) {
            changes.tell(studio, Thing.STOCK, "of a list " + i);
          }
          changes.tell(studio, Thing.TOOL, "by itself");
        });
    assertThat(rows() - rows).isEqualTo(2);
    assertThat(changes.times(studio).get(Thing.STOCK))
        .isGreaterThan(before.getOrDefault(Thing.STOCK, 0L));
  }

  private int rows() {
    return database.queryForObject("select count(*) from changed", Integer.class);
  }

  /** What a change has written is seen by itself at once, by others once it stands, or never. */
  @Test
  void aChangeThatIsTakenBackLeavesNothingInWhatWasReadLately() throws Exception {
    String studio = studios.first().id();
    Named taken = Named.of(DesignKind.NAPKIN, "Taken back");
    Named kept = Named.of(DesignKind.NAPKIN, "Stays");
    try (var other = Executors.newSingleThreadExecutor()) {
      transaction.executeWithoutResult(
          t -> {
            designs.add(studio, napkin("Taken back"));
            assertThat(designs.names(studio)).containsKey(taken);
            assertThat(ask(other.submit(() -> designs.names(studio)))).doesNotContainKey(taken);
            t.setRollbackOnly();
          });
      assertThat(designs.names(studio)).doesNotContainKey(taken);

      transaction.executeWithoutResult(
          t -> {
            designs.names(studio);
            designs.add(studio, napkin("Stays"));
            assertThat(designs.names(studio)).containsKey(kept);
          });
      assertThat(ask(other.submit(() -> designs.names(studio)))).containsKey(kept);
    }
  }

  private static DesignGiven napkin(String name) {
    return DesignGiven.plain(DesignKind.NAPKIN, name, Rights.MAY_BE_SOLD, Answers.NONE);
  }

  private static <T> T ask(Future<T> answer) {
    try {
      return answer.get();
    } catch (Exception broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** Somebody else's change or question, while this thread is in the middle of something. */
  private static <T> T meanwhile(Callable<T> theirs) {
    try (var other = Executors.newSingleThreadExecutor()) {
      return ask(other.submit(theirs));
    }
  }

  @Test
  void whatIsWorkedOutInOneGoGoesByOneMoment() {
    String studio = studios.first().id();
    TransactionTemplate go = new TransactionTemplate(transaction.getTransactionManager());
    go.setPropagationBehavior(TransactionDefinition.PROPAGATION_SUPPORTS);
    Changes.Stamp before = changes.stamp(studio, Thing.DESIGN, Thing.STOCK);
    go.executeWithoutResult(
        t -> {
          assertThat(changes.stamp(studio, Thing.DESIGN, Thing.STOCK)).isEqualTo(before);
          meanwhile(() -> designs.add(studio, napkin("Of the next go")));
          assertThat(changes.stamp(studio, Thing.DESIGN, Thing.STOCK)).isEqualTo(before);
          designs.add(studio, napkin("Of a change in between"));
          assertThat(changes.stamp(studio, Thing.DESIGN).times().get(Thing.DESIGN))
              .as("whoever has changed something sees it afterwards, and what others did")
              .isEqualTo(before.times().get(Thing.DESIGN) + 2);
        });
    assertThat(changes.stamp(studio, Thing.DESIGN).times().get(Thing.DESIGN))
        .isEqualTo(before.times().get(Thing.DESIGN) + 2);
    assertThat(changes.stamp(studio, Thing.STOCK).times().get(Thing.STOCK))
        .as("nothing happened to a stock")
        .isEqualTo(before.times().get(Thing.STOCK));
  }

  /** Media and designs are kept by such moments: an answer is never older than its own change. */
  @Test
  void aChangeSeesItselfAndTheNextOneSeesTheOther() {
    String studio = studios.first().id();
    String id = designs.add(studio, napkin("As it was")).design().id();
    assertThat(nameOf(studio, id)).isEqualTo("As it was");
    transaction.executeWithoutResult(
        t -> {
          assertThat(nameOf(studio, id)).isEqualTo("As it was");
          rename(studio, id, "Tried");
          assertThat(nameOf(studio, id)).isEqualTo("Tried");
          assertThat(meanwhile(() -> nameOf(studio, id))).isEqualTo("As it was");
          t.setRollbackOnly();
        });
    assertThat(nameOf(studio, id)).isEqualTo("As it was");
    meanwhile(() -> rename(studio, id, "As they call it"));
    assertThat(nameOf(studio, id)).isEqualTo("As they call it");
    transaction.executeWithoutResult(
        t -> assertThat(nameOf(studio, id)).isEqualTo("As they call it"));
  }

  private String nameOf(String studio, String id) {
    return designs.get(studio, id).design().name();
  }

  private OwnedDesign rename(String studio, String id, String name) {
    return designs.change(studio, id, new Version(designs.get(studio, id).version()), napkin(name));
  }

  @Test
  void nothingIsKeptByWhatHasARowForEachPiece() {
    String studio = studios.first().id();
    assertThatIllegalStateException()
        .isThrownBy(() -> changes.stamp(studio, Thing.DESIGN, Thing.CLAIMS))
        .withMessageContaining("CLAIMS");
  }

  /**
   * Ways to the database and back are what a change costs most of: what is asked a dozen times
   * over, or begins a transaction for a single question, is felt by everybody who works at once.
   * The least of several, since jobs look for work in between.
   */
  @Test
  void aBandThatIsMovedTakesFewWaysToTheDatabase() {
    JsonNode piece = newChest("Asked for once");
    ObjectNode laid = of("LAY_DESIGN").put("id", "ferns").put("faceId", "front");
    piece = edit(piece, laid.put("designId", "fern-band")).body().path("piece");
    String id = piece.path("id").asString();
    long changed = Long.MAX_VALUE;
    long read = Long.MAX_VALUE;
    long dragged = Long.MAX_VALUE;
    for (int i = 0; i < 6; i++) {
      ObjectNode moved = of("MEASURE_LAY").put("layId", "ferns");
      moved.putObject("measures").put("distance", 91.3 + 3.7 * i);
      long before = statements();
      piece = edit(piece, moved).body().path("piece");
      long after = statements();
      get("/api/pieces/" + id);
      long looked = statements();
      post("/api/readings/lay", drag(id, 93.1 + 2.9 * i));
      changed = Math.min(changed, after - before);
      read = Math.min(read, looked - after);
      dragged = Math.min(dragged, statements() - looked);
    }
    assertThat(changed).isLessThanOrEqualTo(50);
    assertThat(read).isLessThanOrEqualTo(25);
    assertThat(dragged).isLessThanOrEqualTo(9);
  }

  private ObjectNode drag(String piece, double distance) {
    ObjectNode question = json.createObjectNode().put("layId", "ferns").put("pieceId", piece);
    ObjectNode moved = question.putArray("edits").addObject().put("kind", "MEASURE_LAY");
    moved.put("layId", "ferns").putObject("measures").put("distance", distance);
    return question;
  }

  private long statements() {
    return database.queryForObject(
        "select variable_value from information_schema.global_status"
            + " where variable_name = 'QUESTIONS'",
        Long.class);
  }

  /** As another server keeps what it read: it knows nothing of this one but the database. */
  @Test
  void anotherServerReadsAnewWhatWasChangedHere() {
    String studio = studios.first().id();
    Lately<String> elsewhere = new Lately<>();
    int[] reads = {0};
    Runnable look =
        () -> elsewhere.of(studio, changes.stamp(studio, Thing.STOCK), () -> "read " + reads[0]++);
    look.run();
    look.run();
    assertThat(reads[0]).isEqualTo(1);
    post("/api/holdings/bone-white/entries", Map.of("kind", "BOUGHT", "quantity", "0.3"));
    look.run();
    assertThat(reads[0]).isEqualTo(2);
    designs.add(studio, napkin("Of no stock"));
    look.run();
    assertThat(reads[0]).as("a design is no stock").isEqualTo(2);
  }
}
