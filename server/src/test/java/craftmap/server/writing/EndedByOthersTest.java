package craftmap.server.writing;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.server.database.NoDatabase;
import jakarta.persistence.PessimisticLockException;
import java.sql.BatchUpdateException;
import java.sql.SQLException;
import java.sql.SQLTransactionRollbackException;
import org.hibernate.TransactionException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.TransactionSystemException;

class EndedByOthersTest {
  private static final SQLException DEADLOCK =
      new SQLTransactionRollbackException("Deadlock found when trying to get lock", "40001", 1213);

  /** As it comes from a flush just before a change is kept. */
  private static RuntimeException whileFlushing() {
    return new PessimisticLockException(
        "could not execute batch", new BatchUpdateException(DEADLOCK));
  }

  /** As it comes from a cluster that finds out only when the change is to be kept. */
  private static RuntimeException whileCommitting(SQLException why) {
    return new JpaSystemException(
        new TransactionException("Unable to commit against JDBC Connection", why));
  }

  @Test
  void aDeadlockIsOneInWhateverItComes() {
    assertThat(EndedByOthers.isWhy(new CannotAcquireLockException("as it is", DEADLOCK))).isTrue();
    assertThat(EndedByOthers.isWhy(whileFlushing())).isTrue();
    assertThat(EndedByOthers.isWhy(whileCommitting(DEADLOCK))).isTrue();
    TransactionSystemException ending = new TransactionSystemException("could not end it");
    ending.initApplicationException(whileFlushing());
    assertThat(EndedByOthers.isWhy(ending)).isTrue();
  }

  @Test
  void whatIsOursIsNotBlamedOnOthers() {
    assertThat(EndedByOthers.isWhy(new IllegalStateException("impossible state"))).isFalse();
    assertThat(EndedByOthers.isWhy(whileCommitting(new SQLException("Data too long", "22001"))))
        .isFalse();
    assertThat(EndedByOthers.isWhy(whileCommitting(new SQLException("nothing told")))).isFalse();
    assertThat(EndedByOthers.isWhy(new TransactionSystemException("none in it"))).isFalse();
  }

  @Test
  void aNodeThatWasCutOffIsNoDatabase() {
    RuntimeException cutOff =
        whileCommitting(
            new SQLException(
                "Error while appending streaming replication fragment(provider status: Not"
                    + " connected to Primary Component)",
                "HY000",
                1180));
    assertThat(NoDatabase.isWhy(cutOff)).isTrue();
    assertThat(EndedByOthers.isWhy(cutOff)).isFalse();
    assertThat(NoDatabase.isWhy(whileCommitting(DEADLOCK))).isFalse();
  }
}
