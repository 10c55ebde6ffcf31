package craftmap.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.net.ConnectException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

class PatientPoolTest {
  private final DataSource pool = mock(DataSource.class);

  @Test
  void whileOthersUseAllConnectionsItGoesOnWaiting() throws SQLException {
    Connection free = mock(Connection.class);
    when(pool.getConnection())
        .thenThrow(new SQLTransientConnectionException("all in use"))
        .thenThrow(new SQLTransientConnectionException("all in use"))
        .thenReturn(free);
    assertThat(new PatientPool(pool).getConnection()).isSameAs(free);
  }

  @Test
  void whereTheDatabaseCannotBeReachedItSaysSoAtOnce() throws SQLException {
    SQLException gone =
        new SQLTransientConnectionException(
            "no connection", new SQLNonTransientConnectionException("refused", "08000"));
    when(pool.getConnection()).thenThrow(gone);
    assertThatThrownBy(() -> new PatientPool(pool).getConnection()).isSameAs(gone);
    verify(pool, times(1)).getConnection();
  }

  @Test
  void aLostConnectionIsToldFromOtherFailures() {
    assertThat(
            NoDatabase.isWhy(
                new CannotCreateTransactionException(
                    "x", new SQLException("gone", "08S01", new ConnectException()))))
        .isTrue();
    assertThat(
            NoDatabase.isWhy(new IllegalStateException(new SQLException("Connection is closed"))))
        .isTrue();
    TransactionSystemException rolledBack = new TransactionSystemException("no rollback");
    rolledBack.initApplicationException(new SQLException("gone", "08000"));
    assertThat(NoDatabase.isWhy(rolledBack)).isTrue();
    assertThat(NoDatabase.isWhy(new TransactionSystemException("ours"))).isFalse();
    assertThat(NoDatabase.isWhy(new SQLException("duplicate", "23000"))).isFalse();
    assertThat(NoDatabase.isWhy(new SQLException("no state"))).isFalse();
    assertThat(NoDatabase.isWhy(new IllegalStateException("ours"))).isFalse();
  }
}
