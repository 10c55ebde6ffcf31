package craftmap.server.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.math.BigDecimal;
import java.time.Instant;

/** One lay's wish of one stock. */
@Entity
@Table(name = "claim")
class ClaimRow {
  /** A lay asks once of each stock; what a person keeps for a piece has no lay. */
  @Embeddable
  record Key(
      @Column(name = "piece_id") String pieceId,
      @Column(name = "lay_id") String layId,
      @Column(name = "holding_id") String holdingId)
      implements Serializable {}

  @EmbeddedId private Key key;

  @Column(name = "studio_id")
  private String studioId;

  @Column(name = "piece_name")
  private String pieceName;

  private BigDecimal wanted;
  private Instant since;

  /** Whose change of a plan it came from; empty where nobody said who they are. */
  @Column(name = "made_by")
  private String madeBy;

  protected ClaimRow() {}

  Key key() {
    return key;
  }

  String pieceName() {
    return pieceName;
  }

  BigDecimal wanted() {
    return wanted;
  }

  String madeBy() {
    return madeBy;
  }
}
