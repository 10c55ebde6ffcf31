package craftmap.server.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A pool that waits long for a connection while others use them all, and gives up soon where the
 * database does not answer. The pool tells the two apart: it names a cause only where it tried to
 * connect and could not. Whoever asks several things in one go without a transaction has a
 * connection only while one of them is asked.
 */
final class PatientPool extends DelegatingDataSource {
  private static final Duration LONGEST = Duration.ofSeconds(30);

  PatientPool(DataSource pool) {
    super(pool);
  }

  @Override
  public Connection getConnection() throws SQLException {
    boolean isInOneGo =
        TransactionSynchronizationManager.isSynchronizationActive()
            && !TransactionSynchronizationManager.isActualTransactionActive();
    return isInOneGo ? LentByQuestion.from(this::patiently) : patiently();
  }

  private Connection patiently() throws SQLException {
    long until = System.nanoTime() + LONGEST.toNanos();
    while (true) {
      try {
        return super.getConnection();
      } catch (SQLTransientConnectionException none) {
        if (none.getCause() != null || System.nanoTime() > until) {
          throw none;
        }
      }
    }
  }
}
