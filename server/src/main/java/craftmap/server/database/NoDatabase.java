package craftmap.server.database;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Whether something failed because the database could not be reached. */
public final class NoDatabase {
  /** The class of connection exceptions in the SQL standard's states. */
  private static final String CONNECTION = "08";

  static final String CLOSED = "Connection is closed";

  /** A node of a cluster that was cut off from the others keeps nothing, and says so. */
  private static final String CUT_OFF = "Not connected to Primary Component";

  /** Seconds after which asking again is worth it: a database is started anew in about these. */
  public static final int AGAIN_AFTER_SECONDS = 3;

  public static final String SENTENCE =
      "The database does not answer just now. Nothing was changed; try again in a moment.";

  private NoDatabase() {}

  public static boolean isWhy(Throwable failure) {
    for (Throwable t = failure; t != null; t = t.getCause() == t ? null : t.getCause()) {
      switch (t) {
        case CannotCreateTransactionException e -> {
          return true;
        }
        case CannotGetJdbcConnectionException e -> {
          return true;
        }
        case TransactionSystemException e when isWhy(e.getApplicationException()) -> {
          return true;
        }
        case SQLException sql when isLost(sql) -> {
          return true;
        }
        default -> {}
      }
    }
    return false;
  }

  private static boolean isLost(SQLException sql) {
    return sql instanceof SQLTransientConnectionException
        || sql.getSQLState() != null && sql.getSQLState().startsWith(CONNECTION)
        // the pool says no more of one that broke in somebody's hands
        || CLOSED.equals(sql.getMessage())
        || sql.getMessage() != null && sql.getMessage().contains(CUT_OFF);
  }
}
