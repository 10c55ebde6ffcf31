package craftmap.server.piece;

import craftmap.core.plan.edit.Told;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/** One entry of a piece's history: the whole plan as it stood after one change. */
@Entity
@Table(name = "plan_entry")
class EntryRow {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** What an entry is the record of. */
  sealed interface Done {
    /**
     * An edit.
     *
     * @param changeId what whoever made it calls it
     */
    record ByCode(Told told, Optional<String> changeId) implements Done {}

    /** A plan put in place as a whole: whoever did it says why. */
    record InWords(String sentence) implements Done {}
  }

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

  /** What was done, by its code; the sentence where it has none. */
  private String told;

  @Column(name = "told_names", columnDefinition = "TEXT")
  private String toldNames;

  private String summary;
  private String gesture;

  /** What whoever made it calls the change; one that is sent again is known by it. */
  @Column(name = "change_id")
  private String changeId;

  @Column(name = "made_at")
  private Instant madeAt;

  /** Empty where nobody said who they are. */
  @Column(name = "made_by")
  private String madeBy;

  protected EntryRow() {}

  EntryRow(
      PieceRow piece,
      Long parentId,
      long madeAs,
      String document,
      Done done,
      String gesture,
      Instant madeAt,
      String madeBy) {
    this.studioId = piece.studioId();
    this.pieceId = piece.id();
    this.parentId = parentId;
    this.madeAs = madeAs;
    this.document = document;
    write(done);
    this.gesture = gesture;
    this.madeAt = madeAt;
    this.madeBy = madeBy;
  }

  /** The same gesture going on: a drag is one step back, not two hundred. */
  void goesOn(String laterDocument, Done done, Instant at, String by) {
    this.document = laterDocument;
    this.madeAt = at;
    this.madeBy = by;
    write(done);
  }

  private void write(Done done) {
    switch (done) {
      case Done.ByCode(Told by, Optional<String> change) -> {
        this.told = by.code().name();
        this.toldNames = JSON.writeValueAsString(by.names());
        this.changeId = change.orElse(null);
        this.summary = null;
      }
      case Done.InWords(String sentence) -> {
        this.summary = sentence;
        this.told = null;
        this.toldNames = null;
        this.changeId = null;
      }
    }
  }

  Long id() {
    return id;
  }

  String gesture() {
    return gesture;
  }

  String madeBy() {
    return madeBy;
  }
}
