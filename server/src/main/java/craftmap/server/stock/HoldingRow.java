package craftmap.server.stock;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.Figure;
import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.plane.Point;
import craftmap.core.supply.Booking;
import craftmap.core.supply.ShelfCode;
import craftmap.core.supply.StockUnit;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "holding")
class HoldingRow implements Persistable<String> {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int LONGEST_PLACE = 80;
  private static final LocalDate FIRST_DAY = LocalDate.of(1950, 1, 1);
  private static final LocalDate LAST_DAY = LocalDate.of(2199, 12, 31);
  private static final BigDecimal MOST = new BigDecimal("1000000");

  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private long number;

  @Column(name = "design_id")
  private String designId;

  @Column(name = "medium_id")
  private String mediumId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private HoldingForm form;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private StockUnit unit;

  private BigDecimal holds;

  @Column(name = "tare_g")
  private BigDecimal tareG;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Hand hand;

  @Column(columnDefinition = "LONGTEXT")
  private String offcut;

  private String place;

  @Column(name = "price_minor")
  private Long priceMinor;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String currency;

  @Column(name = "opened_on")
  private LocalDate openedOn;

  @Column(name = "expires_on")
  private LocalDate expiresOn;

  @Column(name = "made_at")
  private Instant madeAt;

  /** How often it was described: what was read before is stale once this has grown. */
  @Version private long changes;

  @Transient private boolean fresh;

  protected HoldingRow() {}

  HoldingRow(String id, String studioId, long number, NewHolding from, Instant madeAt) {
    this.id = id;
    this.studioId = studioId;
    this.number = number;
    this.designId = from.designId().orElse(null);
    this.mediumId = from.mediumId().orElse(null);
    this.form = from.form();
    this.unit = from.unit();
    this.holds = from.holds().map(h -> checked(said("holds"), h)).orElse(null);
    this.hand = from.hand();
    this.offcut = from.offcut().isEmpty() ? null : text(from.offcut());
    this.madeAt = madeAt;
    this.fresh = true;
    describe(from.particulars());
  }

  final void describe(NewHolding.Particulars p) {
    String noted = p.place() == null ? "" : p.place().strip();
    if (noted.length() > LONGEST_PLACE) {
      throw new RefusedInput(
          "place",
          said("characters", count(noted.length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_PLACE)));
    }
    if (p.openedOn().isPresent()
        && p.expiresOn().isPresent()
        && p.expiresOn().get().isBefore(p.openedOn().get())) {
      throw new RefusedInput(
          "expires",
          given(p.expiresOn().get().toString()),
          said("is-before-it-was-opened"),
          said("a-later-day"));
    }
    checkDay(said("opened"), p.openedOn());
    checkDay(said("expires"), p.expiresOn());
    this.place = noted;
    this.tareG = p.tareG().map(t -> checked(said("tare"), t)).orElse(null);
    this.priceMinor = p.price().map(Money::minor).orElse(null);
    this.currency = p.price().map(Money::currency).orElse(null);
    this.openedOn = p.openedOn().orElse(null);
    this.expiresOn = p.expiresOn().orElse(null);
  }

  private static void checkDay(Figure field, Optional<LocalDate> day) {
    day.filter(d -> d.isBefore(FIRST_DAY) || d.isAfter(LAST_DAY))
        .ifPresent(
            d -> {
              throw new RefusedInput(
                  field,
                  given(d.toString()),
                  said("is-no-day-of-a-pot"),
                  said("to-2", given(FIRST_DAY), given(LAST_DAY)));
            });
  }

  void opened(LocalDate on) {
    if (openedOn == null) {
      openedOn = on;
    }
  }

  private static BigDecimal checked(Figure field, BigDecimal value) {
    if (value.signum() <= 0 || value.compareTo(MOST) > 0) {
      throw new RefusedInput(
          field,
          given(value.toPlainString()),
          said("is-not-possible"),
          said("above-0-and-up-to-1000000"));
    }
    return value.setScale(Booking.DECIMALS, java.math.RoundingMode.HALF_UP);
  }

  private static String text(List<Point> points) {
    return JSON.writeValueAsString(
        points.stream().map(p -> new double[] {p.xMm(), p.yMm()}).toList());
  }

  /** The corners of an offcut as they are kept; what is no corner is left out. */
  static List<Point> points(String offcut) {
    List<Point> points = new ArrayList<>();
    if (offcut != null) {
      for (JsonNode p : JSON.readTree(offcut)) {
        if (p.path(0).isNumber() && p.path(1).isNumber()) {
          points.add(new Point(p.path(0).asDouble(), p.path(1).asDouble()));
        }
      }
    }
    return points;
  }

  @Override
  public String getId() {
    return id;
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

  String studioId() {
    return studioId;
  }

  StockUnit unit() {
    return unit;
  }

  Optional<BigDecimal> holds() {
    return Optional.ofNullable(holds);
  }

  /**
   * As it is set up, with nothing in it yet. It is told from here and not read back: a list sets up
   * thousands, and reading each would write and ask once for every one of them.
   */
  Holding empty() {
    return new Holding(
        id,
        ShelfCode.of(number),
        Optional.ofNullable(designId),
        Optional.ofNullable(mediumId),
        form,
        unit,
        holds(),
        hand,
        points(offcut),
        new NewHolding.Particulars(
            place,
            Optional.ofNullable(tareG),
            priceMinor == null ? Optional.empty() : Optional.of(new Money(priceMinor, currency)),
            Optional.ofNullable(openedOn),
            Optional.ofNullable(expiresOn)),
        BigDecimal.ZERO,
        changes);
  }

  long number() {
    return number;
  }

  long version() {
    return changes;
  }

  Instant madeAt() {
    return madeAt;
  }
}
