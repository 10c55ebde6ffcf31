package craftmap.server.supplier;

import craftmap.core.money.Money;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One thing to buy. */
@Entity
@Table(name = "shopping_line")
class ShoppingLine {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;
  private String pack;
  private int quantity;

  @Column(name = "price_minor")
  private Long priceMinor;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String currency;

  private String sku;
  private boolean done;

  @Column(name = "made_at")
  private Instant madeAt;

  protected ShoppingLine() {}

  ShoppingLine(
      String id,
      String studioId,
      PriceList.Item item,
      PriceList.Sale sale,
      int quantity,
      Instant madeAt) {
    this.id = id;
    this.studioId = studioId;
    this.name = item.name();
    this.pack = sale.text();
    this.quantity = quantity;
    this.priceMinor = sale.pack().price().minor();
    this.currency = sale.pack().price().currency();
    this.sku = item.sku();
    this.madeAt = madeAt;
  }

  String id() {
    return id;
  }

  String name() {
    return name;
  }

  String pack() {
    return pack;
  }

  int quantity() {
    return quantity;
  }

  Optional<Money> total() {
    return priceMinor == null
        ? Optional.empty()
        : Optional.of(new Money(priceMinor, currency).times(quantity));
  }

  boolean isDone() {
    return done;
  }

  void set(int newQuantity, boolean isDone) {
    quantity = newQuantity;
    done = isDone;
  }
}
