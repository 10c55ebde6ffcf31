package craftmap.server.shelf;

import craftmap.core.colour.Colour;
import craftmap.core.medium.Paint;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "pot")
class PotRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String colour;

  @Column(name = "holds_ml")
  private BigDecimal holdsMl;

  @Column(name = "spread_m2_per_litre")
  private double spreadM2PerLitre;

  @Column(name = "shelf_order")
  private int shelfOrder;

  protected PotRow() {}

  PotRow(String studioId, NewPot from, int shelfOrder) {
    this.id = from.id();
    this.studioId = studioId;
    this.name = from.name();
    this.colour = from.colour();
    this.holdsMl = from.holdsMl();
    this.spreadM2PerLitre = from.spreadM2PerLitre();
    this.shelfOrder = shelfOrder;
  }

  String id() {
    return id;
  }

  String studioId() {
    return studioId;
  }

  BigDecimal holdsMl() {
    return holdsMl;
  }

  Pot toPot(BigDecimal levelMl) {
    return new Pot(new Paint(id, name, new Colour(colour), spreadM2PerLitre), holdsMl, levelMl);
  }
}
