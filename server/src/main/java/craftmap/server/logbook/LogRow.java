package craftmap.server.logbook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.io.Serializable;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;
import tools.jackson.databind.json.JsonMapper;

@Entity
@IdClass(LogRow.Key.class)
@Table(name = "bench_log")
class LogRow implements Persistable<LogRow.Key> {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** Of each studio by itself: another studio's ids are none of its business. */
  record Key(String studioId, String id) implements Serializable {}

  @Id
  @Column(name = "studio_id")
  private String studioId;

  @Id private String id;

  @Column(name = "piece_id")
  private String pieceId;

  @Column(name = "step_key")
  private String stepKey;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private LogEntry.LogKind kind;

  @Column(name = "told_at")
  private Instant toldAt;

  private boolean stands;
  private Instant happened;
  private String note;

  @Column(columnDefinition = "LONGTEXT")
  private String document;

  @Column(name = "made_by")
  private String madeBy;

  @Transient private boolean fresh;

  protected LogRow() {}

  LogRow(String studioId, LogEntry entry) {
    this.studioId = studioId;
    this.id = entry.id();
    this.pieceId = entry.pieceId();
    this.stepKey = entry.stepKey();
    this.kind = entry.kind();
    this.toldAt = entry.toldAt();
    this.stands = entry.stands();
    this.happened = entry.happened();
    this.note = entry.note();
    this.document = JSON.writeValueAsString(entry.details());
    this.madeBy = entry.by();
    this.fresh = true;
  }

  void stands(boolean does) {
    stands = does;
  }

  LogEntry entry() {
    return new LogEntry(
        id,
        pieceId,
        stepKey,
        kind,
        toldAt,
        stands,
        happened,
        note,
        JSON.readValue(document, Details.class),
        madeBy);
  }

  @Override
  public Key getId() {
    return new Key(studioId, id);
  }

  @Override
  public boolean isNew() {
    return fresh;
  }

  @PostPersist
  @PostLoad
  void stored() {
    fresh = false;
  }
}
