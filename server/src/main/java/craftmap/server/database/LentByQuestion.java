package craftmap.server.database;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.jdbc.datasource.ConnectionProxy;

/**
 * A connection that is one of the pool's only while a question is asked and its answer read. What
 * is asked in one go keeps its connection until it has ended, Hibernate one and plain statements
 * another; between two questions nobody needs either, and as many as there are connections would
 * wait for each other's second one. With anything but a question, such as a setting or the begin of
 * a transaction, it stays one of the pool's until it is closed.
 */
final class LentByQuestion implements InvocationHandler {
  /** Where connections come from. */
  interface Lender {
    Connection lend() throws SQLException;
  }

  private final Lender lender;
  private Connection lent;
  private int questions;
  private boolean isKept;
  private boolean isClosed;

  private LentByQuestion(Lender lender) throws SQLException {
    this.lender = lender;
    // at once, so that where there is none it is told as that
    this.lent = lender.lend();
  }

  static Connection from(Lender lender) throws SQLException {
    return proxy(ConnectionProxy.class, new LentByQuestion(lender));
  }

  private static <T> T proxy(Class<T> type, InvocationHandler by) {
    return type.cast(Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, by));
  }

  @Override
  public Object invoke(Object self, Method method, Object[] args) throws Throwable {
    return switch (method.getName()) {
      case "equals" -> self == args[0];
      case "hashCode" -> System.identityHashCode(self);
      case "toString" -> "lent by question: " + lent;
      case "isClosed" -> isClosed;
      case "close" -> {
        isClosed = true;
        handBack();
        yield null;
      }
      case "createStatement", "prepareStatement", "prepareCall" -> {
        Statement asked = ask(method, args);
        yield proxy(method.getReturnType(), new Question((Connection) self, asked));
      }
      // what every one of the pool's begins with, so that none is needed to tell
      case "getAutoCommit" -> lent == null || lent.getAutoCommit();
      case "getWarnings" -> lent == null ? null : lent.getWarnings();
      case "clearWarnings" -> {
        if (lent != null) {
          lent.clearWarnings();
        }
        yield null;
      }
      case "getTargetConnection" -> kept();
      default -> on(kept(), method, args);
    };
  }

  private Statement ask(Method method, Object[] args) throws Throwable {
    Connection open = open();
    questions++;
    try {
      return (Statement) on(open, method, args);
    } catch (SQLException refused) {
      answered();
      throw refused;
    }
  }

  private static Object on(Object target, Method method, Object[] args) throws Throwable {
    try {
      return method.invoke(target, args);
    } catch (InvocationTargetException failed) {
      throw failed.getCause();
    }
  }

  private Connection open() throws SQLException {
    if (isClosed) {
      throw new SQLException(NoDatabase.CLOSED);
    }
    if (lent == null) {
      lent = lender.lend();
    }
    return lent;
  }

  private Connection kept() throws SQLException {
    Connection open = open();
    isKept = true;
    return open;
  }

  private void answered() throws SQLException {
    questions--;
    if (questions == 0 && !isKept) {
      handBack();
    }
  }

  private void handBack() throws SQLException {
    Connection back = lent;
    lent = null;
    if (back != null) {
      back.close();
    }
  }

  /** A statement, with which the connection is handed back when it is closed. */
  private final class Question implements InvocationHandler {
    private final Connection connection;
    private final Statement asked;
    private boolean isOver;

    Question(Connection connection, Statement asked) {
      this.connection = connection;
      this.asked = asked;
    }

    @Override
    public Object invoke(Object self, Method method, Object[] args) throws Throwable {
      return switch (method.getName()) {
        case "equals" -> self == args[0];
        case "hashCode" -> System.identityHashCode(self);
        case "getConnection" -> connection;
        case "close" -> {
          close();
          yield null;
        }
        default -> on(asked, method, args);
      };
    }

    private void close() throws SQLException {
      if (isOver) {
        return;
      }
      isOver = true;
      try {
        asked.close();
      } finally {
        answered();
      }
    }
  }
}
