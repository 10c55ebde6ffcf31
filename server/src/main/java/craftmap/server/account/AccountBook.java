package craftmap.server.account;

import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.database.Utc;
import craftmap.server.studio.Members;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;

/** The rows of those who belong to a studio. Whoever changes them holds the studio's membership. */
@Component
class AccountBook implements Members {
  private final JdbcClient jdbc;

  AccountBook(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  @Override
  public boolean any() {
    return jdbc.sql("select exists (select 1 from membership)").query(Boolean.class).single();
  }

  @Override
  public Optional<Member> of(Authentication signedIn) {
    return byId(signedIn.getName())
        .map(a -> new Member(a.id(), a.studioId(), a.person(), a.role()));
  }

  /**
   * Takes hold of who belongs to a studio until this change ends.
   *
   * @return whether it is the first time
   */
  boolean hold(String studioId) {
    jdbc.sql(
            """
            insert into membership (studio_id, times) values (:studio, 1)
            on duplicate key update times = times + 1
            """)
        .param("studio", studioId)
        .update();
    return jdbc.sql("select times from membership where studio_id = :studio")
            .param("studio", studioId)
            .query(Long.class)
            .single()
        == 1;
  }

  Optional<Account> byId(String id) {
    return jdbc.sql("select * from account where id = :id")
        .param("id", id)
        .query(AccountBook::account)
        .optional();
  }

  Optional<Account> bySignIn(String signIn) {
    return jdbc.sql("select * from account where sign_in = :name")
        .param("name", signIn)
        .query(AccountBook::account)
        .optional();
  }

  /** What a password hashes to, with how. */
  String passwordOf(String id) {
    return jdbc.sql("select password from account where id = :id")
        .param("id", id)
        .query(String.class)
        .single();
  }

  /** Those of a studio, in the order in which they came. */
  List<Account> of(String studioId) {
    return jdbc.sql("select * from account where studio_id = :studio order by made_at, id")
        .param("studio", studioId)
        .query(AccountBook::account)
        .list();
  }

  void add(Account account, String password) {
    jdbc.sql(
            """
            insert into account (id, studio_id, sign_in, person, role, password, made_at)
            values (:id, :studio, :signIn, :person, :role, :password, :at)
            """)
        .param("id", account.id())
        .param("studio", account.studioId())
        .param("signIn", account.signIn())
        .param("person", account.person())
        .param("role", account.role().name())
        .param("password", password)
        .param("at", Utc.of(account.madeAt()))
        .update();
  }

  void change(String studioId, String id, String person, StudioRole role) {
    jdbc.sql(
            "update account set person = :person, role = :role where studio_id = :studio and id = :id")
        .param("person", person)
        .param("role", role.name())
        .param("studio", studioId)
        .param("id", id)
        .update();
  }

  void setPassword(String id, String password) {
    jdbc.sql("update account set password = :password where id = :id")
        .param("password", password)
        .param("id", id)
        .update();
  }

  void remove(String studioId, String id) {
    jdbc.sql("delete from account where studio_id = :studio and id = :id")
        .param("studio", studioId)
        .param("id", id)
        .update();
  }

  /** Sets the codes that let somebody choose a new password; those of before are good no more. */
  void setCodes(Account account, List<Secret> codes) {
    jdbc.sql("delete from recovery_code where account_id = :id").param("id", account.id()).update();
    for (Secret code : codes) {
      jdbc.sql("insert into recovery_code (account_id, hash, studio_id) values (:id, :hash, :s)")
          .param("id", account.id())
          .param("hash", code.hash())
          .param("s", account.studioId())
          .update();
    }
  }

  /** Whether it was one of them; from now on it is not. */
  boolean useCode(String id, Secret code) {
    return jdbc.sql("delete from recovery_code where account_id = :id and hash = :hash")
            .param("id", id)
            .param("hash", code.hash())
            .update()
        == 1;
  }

  int codesLeft(String id) {
    return jdbc.sql("select count(*) from recovery_code where account_id = :id")
        .param("id", id)
        .query(Integer.class)
        .single();
  }

  private static Account account(ResultSet row, int number) throws SQLException {
    return new Account(
        row.getString("id"),
        row.getString("studio_id"),
        row.getString("sign_in"),
        row.getString("person"),
        StudioRole.valueOf(row.getString("role")),
        Utc.of(row, "made_at"));
  }
}
