package craftmap.server.stock;

import craftmap.core.money.Money;
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
import java.util.Optional;
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

  @Column(name = "holding_id")
  private String holdingId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private EntryKind kind;

  private BigDecimal quantity;

  private String note;

  @Column(name = "price_minor")
  private Long priceMinor;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String currency;

  @Column(name = "piece_id")
  private String pieceId;

  @Column(name = "lay_id")
  private String layId;

  private String step;

  @Column(name = "takes_back")
  private Long takesBack;

  @Column(name = "made_by")
  private String madeBy;

  @Column(name = "made_at")
  private Instant madeAt;

  protected LedgerRow() {}

  LedgerRow(HoldingRow holding, Booking booking, String note, String madeBy, Instant madeAt) {
    this.studioId = holding.studioId();
    this.holdingId = holding.getId();
    this.kind = booking.kind();
    this.quantity = booking.change();
    this.note = note;
    this.priceMinor = booking.paid().map(Money::minor).orElse(null);
    this.currency = booking.paid().map(Money::currency).orElse(null);
    this.madeBy = madeBy;
    this.madeAt = madeAt;
  }

  LedgerRow forLay(String pieceId, String layId, String step) {
    this.pieceId = pieceId;
    this.layId = layId;
    this.step = step;
    return this;
  }

  LedgerRow takingBack(LedgerRow used) {
    this.takesBack = used.id;
    return this;
  }

  Long id() {
    return id;
  }

  String holdingId() {
    return holdingId;
  }

  BigDecimal quantity() {
    return quantity;
  }

  private Optional<Money> paid() {
    return priceMinor == null ? Optional.empty() : Optional.of(new Money(priceMinor, currency));
  }

  LedgerEntry toEntry(BigDecimal levelAfter) {
    return new LedgerEntry(id, holdingId, kind, quantity, levelAfter, paid(), note, madeBy, madeAt);
  }
}
