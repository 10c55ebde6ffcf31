package craftmap.server.coats;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

/** A build-up that is kept by name. */
@Entity
@Table(name = "scheme")
class SchemeRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;

  @Column(columnDefinition = "LONGTEXT")
  private String wishes;

  @Column(name = "changed_at")
  private Instant changedAt;

  @Version private long changes;

  protected SchemeRow() {}

  String id() {
    return id;
  }

  String name() {
    return name;
  }

  String wishes() {
    return wishes;
  }
}
