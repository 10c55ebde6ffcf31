package craftmap.server.shelf;

import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Written once, never changed. */
@Entity
@Immutable
@Table(name = "ledger_entry")
class LedgerRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(name = "studio_id")
  private String studioId;

  @Column(name = "pot_id")
  private String potId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private EntryKind kind;

  @Column(name = "change_ml")
  private BigDecimal changeMl;

  private String note;

  @Column(name = "piece_id")
  private String pieceId;

  @Column(name = "lay_id")
  private String layId;

  @Column(name = "takes_back")
  private Long takesBack;

  @Column(name = "made_at")
  private Instant madeAt;

  protected LedgerRow() {}

  LedgerRow(PotRow pot, Booking booking, String note, Instant madeAt) {
    this.studioId = pot.studioId();
    this.potId = pot.id();
    this.kind = booking.kind();
    this.changeMl = booking.changeMl();
    this.note = note;
    this.madeAt = madeAt;
  }

  LedgerRow forLay(String pieceId, String layId) {
    this.pieceId = pieceId;
    this.layId = layId;
    return this;
  }

  LedgerRow takingBack(LedgerRow used) {
    this.takesBack = used.id;
    return this;
  }

  String potId() {
    return potId;
  }

  BigDecimal changeMl() {
    return changeMl;
  }

  String layId() {
    return layId;
  }

  LedgerEntry toEntry(BigDecimal levelAfterMl) {
    return new LedgerEntry(id, potId, kind, changeMl, levelAfterMl, note, madeAt);
  }
}
