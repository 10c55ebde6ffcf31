package craftmap.server.cut;

import craftmap.core.cut.nest.NestSearch;
import craftmap.core.design.Design;
import craftmap.core.plan.cutting.CutWish;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plane.Box;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Plans that were searched for, kept until what they were made from changes. */
@Repository
class KeptPlans {
  private final JdbcClient jdbc;
  private final JsonMapper json;
  private final Clock clock;

  KeptPlans(JdbcClient jdbc, JsonMapper json, Clock clock) {
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What was wished for.
   *
   * @param again which try it is, from 1
   * @param locked parts that stay, by their numbers
   */
  record WishDoc(
      NestSearch.Preference preference, long again, double knifeMm, List<Integer> locked) {
    static final WishDoc PLAIN =
        new WishDoc(NestSearch.Preference.LARGEST_LEFTOVER, 1, 0, List.of());

    WishDoc {
      preference = preference == null ? NestSearch.Preference.LARGEST_LEFTOVER : preference;
      again = Math.max(1, again);
      locked = locked == null ? List.of() : List.copyOf(locked);
    }

    CutWish asWish(List<CutWish.Locked> where) {
      return new CutWish(NestSearch.thorough(preference, again), knifeMm, where);
    }
  }

  /** A plan as it is kept. */
  record PlanDoc(List<SheetDoc> sheets, List<DesignCut.Piece> unplaced, int newSheets, int least) {
    static PlanDoc of(DesignCut cut) {
      return new PlanDoc(
          cut.sheets().stream()
              .map(s -> new SheetDoc(s.leftoverId().orElse(null), s.pieces(), s.rests()))
              .toList(),
          cut.unplaced(),
          cut.newSheets(),
          cut.least());
    }

    DesignCut of(Design design) {
      return new DesignCut(
          design,
          true,
          sheets.stream()
              .map(
                  s ->
                      new DesignCut.Sheet(
                          Optional.ofNullable(s.leftoverId()), s.pieces(), s.rests()))
              .toList(),
          unplaced,
          newSheets,
          least);
    }
  }

  record SheetDoc(String leftoverId, List<DesignCut.Piece> pieces, List<Box> rests) {}

  record Kept(WishDoc wish, PlanDoc plan) {}

  /** The same for the same question, and for no other. */
  static String madeFrom(Object question) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256")
                  .digest(question.toString().getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("impossible state: every Java has this digest", e);
    }
  }

  Optional<Kept> find(String studioId, String designId, String pieces, String madeFrom) {
    return jdbc.sql(
            """
            select wish, plan from cut_plan
            where studio_id = ? and design_id = ? and pieces = ? and made_from = ?
            """)
        .params(studioId, designId, pieces, madeFrom)
        .query(
            (row, n) ->
                new Kept(
                    json.readValue(row.getString("wish"), WishDoc.class),
                    json.readValue(row.getString("plan"), PlanDoc.class)))
        .optional();
  }

  void keep(String studioId, String designId, String pieces, String madeFrom, Kept kept) {
    jdbc.sql(
            """
            replace into cut_plan (studio_id, design_id, pieces, made_from, wish, plan, made_at)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            studioId,
            designId,
            pieces,
            madeFrom,
            json.writeValueAsString(kept.wish()),
            json.writeValueAsString(kept.plan()),
            Timestamp.from(clock.instant()))
        .update();
  }

  void forget(String studioId, String designId, String pieces) {
    jdbc.sql("delete from cut_plan where studio_id = ? and design_id = ? and pieces = ?")
        .params(studioId, designId, pieces)
        .update();
  }
}
