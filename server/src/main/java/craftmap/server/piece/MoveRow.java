package craftmap.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.io.Serializable;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** How one version of a piece's plan came about. */
@Entity
@Table(name = "plan_move")
@IdClass(MoveRow.Key.class)
class MoveRow implements Persistable<MoveRow.Key> {
  /** What was done to the history. */
  enum Way {
    MADE,
    UNDONE,
    REDONE
  }

  record Key(String pieceId, long version) implements Serializable {}

  @Column(name = "studio_id")
  private String studioId;

  @Id
  @Column(name = "piece_id")
  private String pieceId;

  @Id private long version;

  /** The entry that was made, undone or brought again. */
  @Column(name = "entry_id")
  private long entryId;

  @Enumerated(EnumType.STRING)
  private Way way;

  /** Nothing where it is not known any more. */
  @Column(columnDefinition = "MEDIUMTEXT")
  private String touched;

  @Column(name = "made_by")
  private String madeBy;

  @Column(name = "made_at")
  private Instant madeAt;

  @Transient private boolean fresh;

  protected MoveRow() {}

  MoveRow(
      String studioId,
      Key key,
      Way way,
      long entryId,
      String touched,
      String madeBy,
      Instant madeAt) {
    this.studioId = studioId;
    this.pieceId = key.pieceId();
    this.version = key.version();
    this.way = way;
    this.entryId = entryId;
    this.touched = touched;
    this.madeBy = madeBy;
    this.madeAt = madeAt;
    this.fresh = true;
  }

  @Override
  public Key getId() {
    return new Key(pieceId, version);
  }

  /** Written once: there is none to be looked for before. */
  @Override
  public boolean isNew() {
    return fresh;
  }

  @PostPersist
  void stored() {
    fresh = false;
  }

  long version() {
    return version;
  }

  long entryId() {
    return entryId;
  }

  Way way() {
    return way;
  }

  String touched() {
    return touched;
  }

  String madeBy() {
    return madeBy;
  }

  Instant madeAt() {
    return madeAt;
  }
}
