package craftmap.server.account;

import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import java.io.PrintStream;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * Lets an owner in again who has lost password and codes, without the web application: {@code
 * ADDRESS [NAME]}, on the database that the environment names as for the server. Whoever can ask
 * for it can read and change that database anyway.
 */
public final class RecoverCommand {
  private static final String STUDIO = "studio";
  private static final Duration GOOD_FOR = Duration.ofHours(1);

  private RecoverCommand() {}

  public static void main(String[] given) {
    JdbcClient jdbc =
        JdbcClient.create(
            new DriverManagerDataSource(
                System.getenv("CRAFTMAP_DB_URL"),
                System.getenv("CRAFTMAP_DB_USER"),
                System.getenv("CRAFTMAP_DB_PASSWORD")));
    Optional<String> name = given.length > 1 ? Optional.of(given[1]) : Optional.empty();
    System.exit(run(jdbc, given[0], name, Clock.systemUTC(), System.out, System.err));
  }

  private record Owner(String id, String signIn, String person) {}

  static int run(
      JdbcClient jdbc,
      String address,
      Optional<String> name,
      Clock clock,
      PrintStream out,
      PrintStream err) {
    List<Owner> owners =
        jdbc.sql(
                """
                select id, sign_in, person from account
                where studio_id = :studio and role = 'OWNER' order by sign_in
                """)
            .param("studio", STUDIO)
            .query((row, i) -> new Owner(row.getString(1), row.getString(2), row.getString(3)))
            .list();
    if (owners.isEmpty()) {
      err.println("Craft Map: there are no accounts here. Nobody signs in.");
      return 1;
    }
    List<Owner> meant =
        owners.stream().filter(o -> name.isEmpty() || o.signIn().equals(name.get())).toList();
    if (meant.size() != 1) {
      err.println(
          "Craft Map: say which owner. There "
              + (owners.size() == 1 ? "is " : "are ")
              + owners.stream().map(Owner::signIn).collect(Collectors.joining(", "))
              + ".");
      return 1;
    }
    Owner owner = meant.getFirst();
    Secret link = Secret.forLink();
    Instant now = clock.instant();
    Invitations invitations = new Invitations(jdbc);
    invitations.takeBackOf(owner.id());
    invitations.add(
        new Invitations.Invitation(
            UUID.randomUUID().toString(),
            STUDIO,
            Optional.of(owner.id()),
            owner.person(),
            StudioRole.OWNER,
            "",
            now.plus(GOOD_FOR)),
        link,
        now);
    out.println(
        owner.person()
            + ", who signs in as "
            + owner.signIn()
            + ", chooses a new password here, once, within an hour:");
    out.println(address + "join#" + link.text());
    return 0;
  }
}
