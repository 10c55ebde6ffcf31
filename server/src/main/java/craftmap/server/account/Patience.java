package craftmap.server.account;

import craftmap.server.access.Secret;
import craftmap.server.database.Utc;
import craftmap.server.writing.Guarded;
import java.sql.ResultSet;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever tries passwords: after some that were wrong, each further one has to wait
 * twice as long, for the name, from the address, and for the two together. Each try counts before
 * it is looked at, so that many at once, on whatever servers, are as few as one after the other.
 * Names that nobody has are slowed down alike.
 */
@Component
class Patience {
  private static final Duration FIRST_WAIT = Duration.ofSeconds(15);
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

  /** After which all of it is forgotten. */
  private static final Duration FORGOTTEN = Duration.ofHours(1);

  private static final int FREE_OF_BOTH = 5;
  private static final int FREE_OF_A_NAME = 20;
  private static final int FREE_OF_AN_ADDRESS = 40;

  private final JdbcClient jdbc;
  private final Clock clock;

  Patience(JdbcClient jdbc, Clock clock) {
    this.jdbc = jdbc;
    this.clock = clock;
  }

  /** Something that is tried, and how often it may be without waiting. */
  private record Tried(String hash, int free) {
    static Tried of(String kind, String what, int free) {
      return new Tried(new Secret(kind + "\n" + what).hash(), free);
    }
  }

  private record Failures(int times, Instant last) {}

  /**
   * Counts a try by somebody at an address.
   *
   * @throws TooSoon where they have to wait first
   */
  @Guarded
  public void tries(String signIn, String address) {
    Instant now = clock.instant();
    List<Tried> all =
        List.of(
            Tried.of("both", signIn + "\n" + address, FREE_OF_BOTH),
            Tried.of("name", signIn, FREE_OF_A_NAME),
            Tried.of("address", address, FREE_OF_AN_ADDRESS));
    for (Tried tried : all) {
      Duration wait = hold(tried, now).map(f -> wait(f, tried.free(), now)).orElse(Duration.ZERO);
      if (wait.isPositive()) {
        throw new TooSoon(wait);
      }
    }
    for (Tried tried : all) {
      jdbc.sql(
              """
              update sign_in_failure
              set times = if(last_at < :forgotten, 0, times) + 1, last_at = :now where tried = :hash
              """)
          .param("forgotten", Utc.of(now.minus(FORGOTTEN)))
          .param("now", Utc.of(now))
          .param("hash", tried.hash())
          .update();
    }
  }

  /** It was the right one after all. The address goes on being counted: it may try many names. */
  @Guarded
  public void succeeded(String signIn, String address) {
    for (Tried tried :
        List.of(Tried.of("both", signIn + "\n" + address, 0), Tried.of("name", signIn, 0))) {
      jdbc.sql("delete from sign_in_failure where tried = :hash")
          .param("hash", tried.hash())
          .update();
    }
    jdbc.sql("update sign_in_failure set times = greatest(times - 1, 0) where tried = :hash")
        .param("hash", Tried.of("address", address, 0).hash())
        .update();
    jdbc.sql("delete from sign_in_failure where last_at < :forgotten limit 100")
        .param("forgotten", Utc.of(clock.instant().minus(FORGOTTEN)))
        .update();
  }

  /** Its row, taken hold of, so that others that try the same come one after the other. */
  private Optional<Failures> hold(Tried tried, Instant now) {
    jdbc.sql(
            """
            insert into sign_in_failure (tried, times, last_at) values (:hash, 0, :now)
            on duplicate key update times = times
            """)
        .param("hash", tried.hash())
        .param("now", Utc.of(now))
        .update();
    return jdbc.sql("select times, last_at from sign_in_failure where tried = :hash for update")
        .param("hash", tried.hash())
        .query((ResultSet row, int _) -> new Failures(row.getInt("times"), Utc.of(row, "last_at")))
        .optional();
  }

  private static Duration wait(Failures failures, int free, Instant now) {
    Duration since = Duration.between(failures.last(), now);
    if (failures.times() < free || since.compareTo(FORGOTTEN) > 0) {
      return Duration.ZERO;
    }
    int doublings = Math.min(failures.times() - free, 10);
    Duration whole = FIRST_WAIT.multipliedBy(1L << doublings);
    return (whole.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : whole).minus(since);
  }

  /** Somebody has to wait before the next try. */
  static final class TooSoon extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Duration wait;

    TooSoon(Duration wait) {
      super("too soon", null, false, false);
      this.wait = wait;
    }

    long seconds() {
      return Math.max(1, wait.toSeconds() + 1);
    }
  }
}
