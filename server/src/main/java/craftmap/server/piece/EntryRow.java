package craftmap.server.piece;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One entry of a piece's history: the whole plan as it stood after one change. */
@Entity
@Table(name = "plan_entry")
class EntryRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(name = "studio_id")
  private String studioId;

  @Column(name = "piece_id")
  private String pieceId;

  @Column(name = "parent_id")
  private Long parentId;

  /** The version of the piece that it was made as; ids are given out in no order of time. */
  @Column(name = "made_as")
  private long madeAs;

  @Column(columnDefinition = "LONGTEXT")
  private String document;

  private String summary;
  private String gesture;

  @Column(name = "made_at")
  private Instant madeAt;

  protected EntryRow() {}

  EntryRow(
      PieceRow piece,
      Long parentId,
      long madeAs,
      String document,
      String summary,
      String gesture,
      Instant madeAt) {
    this.studioId = piece.studioId();
    this.pieceId = piece.id();
    this.parentId = parentId;
    this.madeAs = madeAs;
    this.document = document;
    this.summary = summary;
    this.gesture = gesture;
    this.madeAt = madeAt;
  }

  /** The same gesture going on: a drag is one step back, not two hundred. */
  void goesOn(String laterDocument, Instant at) {
    this.document = laterDocument;
    this.madeAt = at;
  }

  Long id() {
    return id;
  }

  Long parentId() {
    return parentId;
  }

  String document() {
    return document;
  }

  String summary() {
    return summary;
  }

  String gesture() {
    return gesture;
  }

  Instant madeAt() {
    return madeAt;
  }
}
