package craftmap.server.order;

import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was told of the order of each piece's work. It is kept with what was told before it, so that
 * the same question is answered with the same again on any server.
 */
@Repository
class ToldOrders {
  private final JdbcClient jdbc;
  private final JsonMapper json;

  ToldOrders(JdbcClient jdbc, JsonMapper json) {
    this.jdbc = jdbc;
    this.json = json;
  }

  /**
   * An order as it was told.
   *
   * @param ready when the piece is ready by it
   * @param begins when each step begins by it
   */
  record Told(Instant ready, Map<String, Instant> begins) {}

  /**
   * What was told last, and before it.
   *
   * @param question what it was told of
   * @param before absent where nothing was
   */
  record ToldDoc(String question, Told now, Told before) {
    /** What a question is answered after: not after its own answer. */
    Optional<Told> before(String asked) {
      return asked.equals(question) ? Optional.ofNullable(before) : Optional.of(now);
    }
  }

  Optional<ToldDoc> find(Studio studio, String pieceId) {
    return jdbc.sql(
            "SELECT document FROM told_order WHERE studio_id = :studio AND piece_id = :piece")
        .param("studio", studio.id())
        .param("piece", pieceId)
        .query(String.class)
        .optional()
        .map(d -> json.readValue(d, ToldDoc.class));
  }

  /** Keeps what is told, unless a later version of the piece was told of meanwhile. */
  @Guarded
  void tell(Studio studio, SavedPlan piece, String question, Orders.Solved solved) {
    Told now = new Told(solved.ready(piece.id()), solved.begins());
    Optional<ToldDoc> last = find(studio, piece.id());
    if (last.isPresent()
        && last.get().question().equals(question)
        && last.get().now().equals(now)) {
      return;
    }
    Told before = last.flatMap(l -> l.before(question)).orElse(null);
    jdbc.sql(
            "INSERT INTO told_order (studio_id, piece_id, version, document)"
                + " VALUES (:studio, :piece, :version, :document)"
                + " ON DUPLICATE KEY UPDATE"
                + " document = IF(version <= VALUES(version), VALUES(document), document),"
                + " version = GREATEST(version, VALUES(version))")
        .param("studio", studio.id())
        .param("piece", piece.id())
        .param("version", piece.version())
        .param("document", json.writeValueAsString(new ToldDoc(question, now, before)))
        .update();
  }
}
