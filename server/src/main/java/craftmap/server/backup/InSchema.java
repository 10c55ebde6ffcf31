package craftmap.server.backup;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** Connections that begin in another schema, and are handed back as they came. */
final class InSchema extends DelegatingDataSource {
  private final String schema;

  InSchema(DataSource source, String schema) {
    super(source);
    this.schema = schema;
  }

  @Override
  public Connection getConnection() throws SQLException {
    Connection connection = super.getConnection();
    connection.setCatalog(schema);
    return connection;
  }
}
