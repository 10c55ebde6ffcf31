package craftmap.server.account;

import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.database.Utc;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The rows of links that let somebody in once. */
@Component
class Invitations {
  private final JdbcClient jdbc;

  Invitations(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /**
   * A link that was given to somebody.
   *
   * @param account whose password it lets choose anew; none where it lets somebody join
   * @param person what whoever gave it calls them; may be empty
   */
  record Invitation(
      String id,
      String studioId,
      Optional<String> account,
      String person,
      StudioRole role,
      String madeBy,
      Instant endsAt) {}

  void add(Invitation invitation, Secret link, Instant now) {
    jdbc.sql(
            """
            insert into invitation
              (id, studio_id, hash, account_id, person, role, made_by, made_at, ends_at)
            values (:id, :studio, :hash, :account, :person, :role, :by, :at, :ends)
            """)
        .param("id", invitation.id())
        .param("studio", invitation.studioId())
        .param("hash", link.hash())
        .param("account", invitation.account().orElse(null))
        .param("person", invitation.person())
        .param("role", invitation.role().name())
        .param("by", invitation.madeBy())
        .param("at", Utc.of(now))
        .param("ends", Utc.of(invitation.endsAt()))
        .update();
  }

  /** Those of a studio that hold, the next to end first. */
  List<Invitation> of(String studioId, Instant now) {
    return jdbc.sql(
            """
            select * from invitation where studio_id = :studio and ends_at > :now
            order by ends_at, id
            """)
        .param("studio", studioId)
        .param("now", Utc.of(now))
        .query(Invitations::invitation)
        .list();
  }

  /**
   * The one that a link stands for.
   *
   * @throws NoSuchElementException where it was used, taken back, has ended, or never was
   */
  Invitation byLink(Secret link, Instant now) {
    return jdbc.sql("select * from invitation where hash = :hash and ends_at > :now")
        .param("hash", link.hash())
        .param("now", Utc.of(now))
        .query(Invitations::invitation)
        .optional()
        .orElseThrow(Invitations::unknown);
  }

  /** Uses it up, once: two who follow the same link at the same moment are not both let in. */
  void use(Invitation invitation) {
    if (jdbc.sql("delete from invitation where id = :id").param("id", invitation.id()).update()
        != 1) {
      throw unknown();
    }
  }

  /** Takes one back; whether there was one. */
  boolean takeBack(String studioId, String id) {
    return jdbc.sql("delete from invitation where studio_id = :studio and id = :id")
            .param("studio", studioId)
            .param("id", id)
            .update()
        == 1;
  }

  /** Those that let one person choose a new password. */
  void takeBackOf(String account) {
    jdbc.sql("delete from invitation where account_id = :id").param("id", account).update();
  }

  private static NoSuchElementException unknown() {
    return new NoSuchElementException(
        "This link is good no more: it was used, taken back, or has ended. Ask for another one.");
  }

  private static Invitation invitation(ResultSet row, int number) throws SQLException {
    return new Invitation(
        row.getString("id"),
        row.getString("studio_id"),
        Optional.ofNullable(row.getString("account_id")),
        row.getString("person"),
        StudioRole.valueOf(row.getString("role")),
        row.getString("made_by"),
        Utc.of(row, "ends_at"));
  }
}
