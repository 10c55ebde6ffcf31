package craftmap.server.money;

import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Medium;
import craftmap.core.money.Money;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.AskedOrder;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.supply.StockUnit;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Available;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.CutBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.supplier.Offers;
import craftmap.server.writing.Solves;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a piece uses, by what was paid for it, and what time it takes. */
@Component
class Worth {
  private final GatherService gathering;
  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Ledger ledger;
  private final CutBook cuts;
  private final Offers offers;

  Worth(
      GatherService gathering,
      PlanReadings readings,
      ShelfService shelf,
      Ledger ledger,
      CutBook cuts,
      Offers offers) {
    this.cuts = cuts;
    this.gathering = gathering;
    this.readings = readings;
    this.shelf = shelf;
    this.ledger = ledger;
    this.offers = offers;
  }

  /**
   * Something that is used up.
   *
   * @param used what the ledger says
   * @param still what the plan still takes
   * @param each what one of its unit costs; none where nobody knows
   */
  record Line(String name, StockUnit unit, double used, double still, Optional<Each> each) {
    /** Not rounded to coins; nothing where nobody knows. */
    private BigDecimal exact() {
      return each.map(e -> e.of(used + still)).orElse(BigDecimal.ZERO);
    }

    Optional<Money> worth() {
      return each.map(e -> e.money(used + still));
    }

    private boolean isIn(String currency) {
      return each.filter(e -> e.currency().equals(currency)).isPresent();
    }

    private Line usedUp() {
      return new Line(name, unit, used, 0, each);
    }

    String text(TapeDivision tape) {
      return Available.amount(used + still, unit, tape);
    }
  }

  /** What one of a unit costs, in hundredths, not rounded to coins. */
  record Each(BigDecimal minor, String currency) {
    private static final int DIGITS = 10;

    static Each of(Money paid, BigDecimal quantity) {
      return new Each(
          BigDecimal.valueOf(paid.minor()).divide(quantity, DIGITS, RoundingMode.HALF_UP),
          paid.currency());
    }

    private BigDecimal of(double quantity) {
      return minor.multiply(BigDecimal.valueOf(quantity));
    }

    Money money(double quantity) {
      return new Money(of(quantity).setScale(0, RoundingMode.HALF_UP).longValueExact(), currency);
    }
  }

  /**
   * All of it.
   *
   * @param lines what costs most first
   * @param done of the work, as it was told
   * @param left of the work, as it is planned
   */
  record Used(List<Line> lines, Duration done, Duration left) {
    /** The value of what has one in a currency, rounded once. */
    Money worth(String currency) {
      return worth(lines, currency);
    }

    /** Of the same, what is used already. */
    Money usedUp(String currency) {
      return worth(lines.stream().map(Line::usedUp).toList(), currency);
    }

    private static Money worth(List<Line> lines, String currency) {
      return new Money(
          lines.stream()
              .filter(l -> l.isIn(currency))
              .map(Line::exact)
              .reduce(BigDecimal.ZERO, BigDecimal::add)
              .setScale(0, RoundingMode.HALF_UP)
              .longValueExact(),
          currency);
    }

    /** What has no price, or one that does not add up with the others. */
    List<String> uncounted(String currency) {
      return lines.stream().filter(l -> !l.isIn(currency)).map(Line::name).distinct().toList();
    }

    Duration work() {
      return done.plus(left);
    }
  }

  @Solves
  public Used of(Studio studio, SavedPlan piece) {
    Gathering gathered = gathering.gather(studio, piece);
    Map<String, Sum> sums = new LinkedHashMap<>();
    for (Use.Booked booked : ledger.usedByLay(studio.id(), piece.id()).values()) {
      shelf
          .holding(studio.id(), booked.holdingId())
          .ifPresent(h -> sum(studio, sums, h).used += booked.quantity().doubleValue());
    }
    for (CutBook.Share share : cuts.sharesOf(studio.id(), piece.id())) {
      shelf
          .holding(studio.id(), share.taken().holdingId())
          .ifPresent(h -> sum(studio, sums, h).used += share.quantity());
    }
    for (Gathering.Need need : gathered.needs()) {
      sum(studio, sums, need.pot().holding()).still += need.pot().inItsUnit(need.stillNeededMl());
    }
    for (Gathering.DesignNeed need : gathered.designs()) {
      if (!need.isUsed()) {
        design(studio, sums, need);
      }
    }
    for (Gathering.Unowned unowned : gathered.unowned()) {
      Medium medium = unowned.medium();
      sums.computeIfAbsent(
                  medium.id() + " " + medium.coverage().colour().hex(),
                  _ ->
                      new Sum(
                          medium.name(),
                          medium.unit(),
                          cheapest(offers.ofKind(medium.id(), medium))))
              .still +=
          medium.inItsUnit(unowned.leftMl());
    }
    List<Line> lines =
        sums.values().stream()
            .map(Sum::line)
            .filter(l -> l.used() + l.still() > 0)
            .sorted(
                Comparator.comparing(Line::exact, Comparator.reverseOrder())
                    .thenComparing(Line::name))
            .toList();
    return hours(studio, piece, lines);
  }

  /** What is added up of one thing. */
  private static final class Sum {
    private final String name;
    private final StockUnit unit;
    private final Optional<Each> each;
    private double used;
    private double still;

    Sum(String name, StockUnit unit, Optional<Each> each) {
      this.name = name;
      this.unit = unit;
      this.each = each;
    }

    Line line() {
      return new Line(name, unit, used, still, each);
    }
  }

  private Sum sum(Studio studio, Map<String, Sum> sums, Holding of) {
    return sums.computeIfAbsent(
        of.id(), _ -> new Sum(shelf.nameOf(studio.id(), of), of.unit(), each(studio, of)));
  }

  private void design(Studio studio, Map<String, Sum> sums, Gathering.DesignNeed need) {
    Optional<Each> each =
        need.stock().stream().flatMap(h -> bought(studio, h).stream()).findFirst();
    sums.computeIfAbsent(
                "design " + need.design().id(),
                _ ->
                    new Sum(
                        need.design().name(),
                        need.unit(),
                        each.or(() -> cheapest(offers.ofDesign(need.design())))))
            .still +=
        need.quantity();
  }

  /** By what was paid for it; where nobody said, by what it is sold for. */
  Optional<Each> each(Studio studio, Holding of) {
    return bought(studio, of)
        .or(() -> of.mediumId().flatMap(m -> cheapest(offers.ofOwned(studio.id(), m))));
  }

  private Optional<Each> bought(Studio studio, Holding of) {
    return ledger.paidFor(studio.id(), of.id()).map(p -> Each.of(p.paid(), p.quantity()));
  }

  /** Of the packs on sale, what one of the unit costs where it costs least. */
  private static Optional<Each> cheapest(List<Offers.Offer> sold) {
    return sold.stream()
        .map(o -> Each.of(o.pack().price(), o.pack().holds()))
        .min(Comparator.comparing(Each::minor));
  }

  private Used hours(Studio studio, SavedPlan piece, List<Line> lines) {
    PlanReading reading = readings.read(studio, piece.plan());
    CoatsReading coats = readings.coats(studio, piece.plan());
    Ordering order = piece.plan().order();
    Work work = AskedOrder.of(piece.id(), order, reading, coats).work();
    Map<String, Duration> planned = new HashMap<>();
    for (WorkStep step : work.steps()) {
      planned.merge(step.key(), Duration.ofMinutes(step.minutes()), Duration::plus);
    }
    Duration done = Duration.ZERO;
    List<String> told = new ArrayList<>();
    for (var each : order.steps().entrySet()) {
      if (each.getValue().done().isPresent()) {
        told.add(each.getKey());
        done = done.plus(each.getValue().done().get().took());
      }
    }
    told.forEach(planned::remove);
    return new Used(lines, done, planned.values().stream().reduce(Duration.ZERO, Duration::plus));
  }
}
