package craftmap.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

@Entity
@Table(name = "piece")
class PieceRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private long version;

  @Column(name = "current_entry_id")
  private Long currentEntryId;

  @Column(name = "made_at")
  private Instant madeAt;

  @Column(name = "archived_at")
  private Instant archivedAt;

  /** Begun to try things on, and thrown away afterwards. */
  private boolean practice;

  /** Its versions before it was brought back were of another past. */
  @Column(name = "restored_at")
  private Instant restoredAt;

  protected PieceRow() {}

  PieceRow(String id, String studioId, Instant madeAt) {
    this.id = id;
    this.studioId = studioId;
    this.madeAt = madeAt;
    this.version = 0;
  }

  /** One to try things on: it lies in the archive from the first, so that nothing counts on it. */
  static PieceRow toTryThingsOn(String id, String studioId, Instant madeAt) {
    PieceRow row = new PieceRow(id, studioId, madeAt);
    row.practice = true;
    row.archivedAt = madeAt;
    return row;
  }

  boolean isPractice() {
    return practice;
  }

  boolean isArchived() {
    return archivedAt != null;
  }

  String id() {
    return id;
  }

  String studioId() {
    return studioId;
  }

  long version() {
    return version;
  }

  Optional<Instant> restoredAt() {
    return Optional.ofNullable(restoredAt);
  }

  Long currentEntryId() {
    return currentEntryId;
  }
}
