package craftmap.server.writing;

import jakarta.persistence.LockTimeoutException;
import jakarta.persistence.OptimisticLockException;
import jakarta.persistence.PessimisticLockException;
import java.sql.SQLException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.transaction.TransactionSystemException;

/**
 * Whether the database has ended a change in favour of another: a deadlock, a lock that was waited
 * for too long, a write that met another one on a cluster. That is told while it is made or only
 * when it is to be kept, then in whatever wrapping the layers in between give it. Nothing of it was
 * kept.
 */
public final class EndedByOthers {
  /** The class of transactions that were rolled back in the SQL standard's states. */
  private static final String ROLLED_BACK = "40";

  private EndedByOthers() {}

  public static boolean isWhy(Throwable failure) {
    for (Throwable t = failure; t != null; t = t.getCause() == t ? null : t.getCause()) {
      boolean ended =
          switch (t) {
            case ConcurrencyFailureException _ -> true;
            case PessimisticLockException _ -> true;
            case OptimisticLockException _ -> true;
            case LockTimeoutException _ -> true;
            case TransactionSystemException e -> isWhy(e.getApplicationException());
            case SQLException sql ->
                sql.getSQLState() != null && sql.getSQLState().startsWith(ROLLED_BACK);
            default -> false;
          };
      if (ended) {
        return true;
      }
    }
    return false;
  }
}
