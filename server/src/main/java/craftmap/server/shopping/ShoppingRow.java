package craftmap.server.shopping;

import craftmap.core.money.Money;
import craftmap.core.money.Pack;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One thing to buy. */
@Entity
@Table(name = "shopping_line")
class ShoppingRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String shop;
  private String shelf;
  private String name;
  private String pack;
  private int quantity;

  @Column(name = "price_minor")
  private Long priceMinor;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String currency;

  private String sku;
  private String supply;
  private BigDecimal holds;
  private boolean planned;
  private String reason;
  private boolean done;

  @Column(name = "made_at")
  private Instant madeAt;

  @Column(name = "bought_at")
  private Instant boughtAt;

  @Column(name = "bought_by")
  private String boughtBy;

  protected ShoppingRow() {}

  ShoppingRow(String id, String studioId, ShoppingItem item, int quantity, Instant madeAt) {
    this.id = id;
    this.studioId = studioId;
    this.shop = item.shop();
    this.shelf = item.shelf();
    this.name = item.name();
    this.pack = item.packText();
    this.quantity = quantity;
    item.pack()
        .ifPresent(
            p -> {
              this.priceMinor = p.price().minor();
              this.currency = p.price().currency();
              this.holds = p.holds();
            });
    this.sku = item.sku().orElse(null);
    this.supply = item.supply().orElse(null);
    this.planned = item.planned();
    this.reason = item.reason();
    this.madeAt = madeAt;
  }

  ShoppingLine toLine() {
    Optional<Pack> packed =
        holds == null || priceMinor == null
            ? Optional.empty()
            : Optional.of(new Pack(holds, new Money(priceMinor, currency)));
    return new ShoppingLine(
        id,
        new ShoppingItem(
            shop,
            shelf,
            name,
            pack,
            packed,
            Optional.ofNullable(sku),
            Optional.ofNullable(supply),
            planned,
            reason),
        quantity,
        priceMinor == null
            ? Optional.empty()
            : Optional.of(new Money(priceMinor, currency).times(quantity)),
        done,
        Optional.ofNullable(boughtAt).map(at -> new ShoppingLine.Bought(at, boughtBy)));
  }
}
