package craftmap.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.datasource.DataSourceUtils;

class LentByQuestionTest {
  /** All that the pool has lent, and those of them that it has back. */
  private final List<Connection> lent = new ArrayList<>();

  private final List<Connection> back = new ArrayList<>();

  private final List<Statement> statements = new ArrayList<>();

  private Connection lend() throws SQLException {
    Connection fresh = mock(Connection.class);
    when(fresh.createStatement()).thenAnswer(_ -> statement(Statement.class));
    when(fresh.prepareStatement(anyString())).thenAnswer(_ -> statement(PreparedStatement.class));
    when(fresh.getAutoCommit()).thenReturn(true);
    doAnswer(_ -> back.add(fresh)).when(fresh).close();
    lent.add(fresh);
    return fresh;
  }

  private <T extends Statement> T statement(Class<T> type) {
    T fresh = mock(type);
    statements.add(fresh);
    return fresh;
  }

  private Connection connection() throws SQLException {
    return LentByQuestion.from(this::lend);
  }

  @Test
  void betweenTwoQuestionsThePoolHasItBack() throws SQLException {
    Connection connection = connection();
    for (int question = 1; question <= 3; question++) {
      try (PreparedStatement asked = connection.prepareStatement("select 1")) {
        assertThat(lent).hasSize(question);
        assertThat(back).hasSize(question - 1);
        asked.execute();
      }
      assertThat(back).isEqualTo(lent);
    }
    connection.close();
    assertThat(back).as("given back once").hasSize(3);
  }

  @Test
  void whileOneOfTwoAnswersIsStillReadItIsNotGivenBack() throws SQLException {
    Connection connection = connection();
    Statement first = connection.createStatement();
    Statement second = connection.createStatement();
    first.close();
    first.close();
    assertThat(back).as("closing one twice is closing one").isEmpty();
    second.close();
    assertThat(lent).hasSize(1);
    assertThat(back).isEqualTo(lent);
  }

  @Test
  void whatIsSetOnItIsKeptUntilItIsClosed() throws SQLException {
    Connection connection = connection();
    connection.setAutoCommit(false);
    connection.createStatement().close();
    connection.createStatement().close();
    assertThat(back).isEmpty();
    connection.commit();
    verify(lent.getFirst()).setAutoCommit(false);
    verify(lent.getFirst()).commit();
    connection.close();
    assertThat(lent).hasSize(1);
    assertThat(back).isEqualTo(lent);
  }

  @Test
  void toTellWhatAllBeginWithTakesNone() throws SQLException {
    Connection connection = connection();
    connection.createStatement().close();
    assertThat(connection.getAutoCommit()).isTrue();
    assertThat((Object) connection.getWarnings()).isNull();
    connection.clearWarnings();
    assertThat(connection.isClosed()).isFalse();
    assertThat(lent).hasSize(1);
  }

  @Test
  void oneThatWasNeverAskedIsGivenBackToo() throws SQLException {
    connection().close();
    assertThat(lent).hasSize(1);
    assertThat(back).isEqualTo(lent);
  }

  @Test
  void onceClosedItIsClosed() throws SQLException {
    Connection connection = connection();
    connection.close();
    connection.close();
    assertThat(connection.isClosed()).isTrue();
    assertThatThrownBy(connection::createStatement)
        .isInstanceOfSatisfying(
            SQLException.class, closed -> assertThat(NoDatabase.isWhy(closed)).isTrue());
    assertThat(back).hasSize(1);
  }

  @Test
  void whatGoesWrongIsToldAsItIsAndNothingIsKept() throws SQLException {
    Connection connection = connection();
    SQLException wrong = new SQLException("no such column", "42S22");
    when(lent.getFirst().prepareStatement("select nothing")).thenThrow(wrong);
    assertThatThrownBy(() -> connection.prepareStatement("select nothing")).isSameAs(wrong);
    assertThat(back).as("what cannot be asked is no question").isEqualTo(lent);
    PreparedStatement asked = connection.prepareStatement("select 1");
    doThrow(wrong).when(statements.getLast()).close();
    assertThatThrownBy(asked::close).isSameAs(wrong);
    assertThat(back).as("also where its statement could not be closed").isEqualTo(lent);
  }

  @Test
  void whereThereIsNoneItIsToldAtOnce() {
    SQLException gone = new SQLException("gone", "08000");
    assertThatThrownBy(
            () ->
                LentByQuestion.from(
                    () -> {
                      throw gone;
                    }))
        .isSameAs(gone);
  }

  @Test
  void statementsAreToldApartAndKnowTheirConnection() throws SQLException {
    Connection connection = connection();
    Statement one = connection.createStatement();
    Statement other = connection.createStatement();
    assertThat(Set.of(one, other)).contains(one).contains(other);
    assertThat(one).isEqualTo(one).isNotEqualTo(other);
    assertThat(one.getConnection()).isSameAs(connection);
    assertThat(connection).isEqualTo(connection).isNotEqualTo(connection());
  }

  @Test
  void whoNeedsThePoolsOwnHasItUntilTheEnd() throws SQLException {
    Connection connection = connection();
    assertThat(DataSourceUtils.getTargetConnection(connection)).isSameAs(lent.getFirst());
    connection.createStatement().close();
    verify(lent.getFirst(), never()).close();
  }
}
