package craftmap.server.database;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;

/** Whether something failed because the database could not be reached. */
public final class NoDatabase {
  /** The class of connection exceptions in the SQL standard's states. */
  private static final String CONNECTION = "08";

  /** Seconds after which asking again is worth it: a database is started anew in about these. */
  public static final int AGAIN_AFTER_SECONDS = 3;

  public static final String SENTENCE =
      "The database does not answer just now. Nothing was changed; try again in a moment.";

  private NoDatabase() {}

  public static boolean isWhy(Throwable failure) {
    for (Throwable t = failure; t != null; t = t.getCause() == t ? null : t.getCause()) {
      if (t instanceof SQLTransientConnectionException
          || t instanceof SQLException sql
              && sql.getSQLState() != null
              && sql.getSQLState().startsWith(CONNECTION)) {
        return true;
      }
    }
    return false;
  }
}
