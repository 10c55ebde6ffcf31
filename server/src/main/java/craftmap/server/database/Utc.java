package craftmap.server.database;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Moments as the database keeps them: without a zone, by universal time. */
public final class Utc {
  private Utc() {}

  public static LocalDateTime of(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
  }

  /** What stands in a column that is never empty. */
  public static Instant of(ResultSet row, String column) throws SQLException {
    return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
  }
}
