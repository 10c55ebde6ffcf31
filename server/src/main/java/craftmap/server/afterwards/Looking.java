package craftmap.server.afterwards;

import craftmap.core.design.Rights;
import craftmap.core.money.Money;
import craftmap.core.order.work.Work;
import craftmap.core.plan.coats.Care;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.order.AskedOrder;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.bench.Benches;
import craftmap.server.logbook.LogEntry;
import craftmap.server.logbook.Logbook;
import craftmap.server.money.PieceMoney;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Use;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import craftmap.server.writing.Solves;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import org.springframework.stereotype.Component;

/** Looks back at a piece. */
@Component
class Looking {
  /** Less than this, and less than this share of it, is as it was planned. */
  private static final double NOTABLE_MINUTES = 8;

  private static final double NOTABLE_ML = 3;
  private static final double NOTABLE = 0.2;

  private final Pieces pieces;
  private final PlanReadings readings;
  private final Logbook log;
  private final Ledger ledger;
  private final ShelfService shelf;
  private final PieceMoney money;
  private final Photos photos;
  private final Benches benches;

  Looking(
      Pieces pieces,
      PlanReadings readings,
      Logbook log,
      Ledger ledger,
      ShelfService shelf,
      PieceMoney money,
      Photos photos,
      Benches benches) {
    this.pieces = pieces;
    this.readings = readings;
    this.log = log;
    this.ledger = ledger;
    this.shelf = shelf;
    this.money = money;
    this.photos = photos;
    this.benches = benches;
  }

  /** Planned, and as it was. */
  private static final class Sum {
    private double planned;
    private double took;

    void add(double plan, double real) {
      planned += plan;
      took += real;
    }
  }

  @Solves
  public AfterwardsView back(Studio studio, String pieceId) {
    SavedPlan piece = pieces.get(studio, pieceId);
    PlanReading reading = readings.read(studio, piece.plan());
    CoatsReading coats = readings.coats(studio, piece.plan());
    Work work = AskedOrder.of(pieceId, piece.plan().order(), reading, coats).work();
    List<LogEntry> told = log.ofPiece(studio.id(), pieceId);
    List<LogEntry> done = told.stream().filter(e -> e.kind() == LogEntry.LogKind.DONE).toList();
    Map<String, Sum> byDoing = new LinkedHashMap<>();
    Map<String, Sum> byPot = new LinkedHashMap<>();
    Map<String, Pot> pots = new LinkedHashMap<>();
    List<Money> plannedWorth = new ArrayList<>();
    List<Money> worth = new ArrayList<>();
    Map<String, Use.Booked> used = ledger.usedByLay(studio.id(), pieceId);
    for (LogEntry e : done) {
      byDoing
          .computeIfAbsent(e.details().doing(), _ -> new Sum())
          .add(e.details().plannedMinutes(), e.details().tookMinutes());
      Use.Booked booked = used.get(Use.ofStep(e.stepKey()));
      if (booked == null) {
        continue;
      }
      shelf
          .pot(studio.id(), booked.holdingId())
          .ifPresent(
              pot -> {
                double quantity = booked.quantity().doubleValue();
                pots.putIfAbsent(booked.holdingId(), pot);
                byPot
                    .computeIfAbsent(booked.holdingId(), _ -> new Sum())
                    .add(e.details().plannedMl(), pot.ml(quantity));
                money
                    .worth(studio, pot.holding(), pot.inItsUnit(e.details().plannedMl()))
                    .ifPresent(plannedWorth::add);
                money.worth(studio, pot.holding(), quantity).ifPresent(worth::add);
              });
    }
    List<AfterwardsView.ComparedRow> workRows =
        rows(byDoing, d -> Words.say("after.doing." + d), Looking::span, NOTABLE_MINUTES);
    List<AfterwardsView.ComparedRow> potRows =
        rows(byPot, id -> pots.get(id).medium().name(), Words::millilitres, NOTABLE_ML);
    Clockwork clock = new Clockwork(benches.of(studio).zone());
    boolean complete =
        !work.steps().isEmpty()
            && work.steps().stream()
                .allMatch(s -> piece.plan().order().step(s.key()).done().isPresent());
    Optional<Instant> last = done.stream().map(LogEntry::happened).max(Comparator.naturalOrder());
    return new AfterwardsView(
        piece.name(),
        state(work, done.size(), complete, last.map(clock::date)),
        complete,
        done.isEmpty()
            ? ""
            : Words.say(
                "after.work",
                span(byDoing.values().stream().mapToDouble(s -> s.took).sum()),
                span(byDoing.values().stream().mapToDouble(s -> s.planned).sum())),
        workRows,
        potRows,
        worth.isEmpty()
            ? ""
            : Words.say("after.money", sums(Money.totals(worth)), sums(Money.totals(plannedWorth))),
        otherwise(byDoing, byPot, pots),
        told.stream()
            .filter(e -> !e.note().isEmpty())
            .map(e -> new AfterwardsView.NoteRow(e.note(), e.details().title()))
            .toList(),
        addresses(studio, pieceId, Stage.BEFORE),
        addresses(studio, pieceId, Stage.AFTER),
        care(studio, piece, reading, coats, complete ? last : Optional.empty()));
  }

  private static String sums(List<Money> sums) {
    return String.join(" + ", sums.stream().map(Money::show).toList());
  }

  private static String state(Work work, int done, boolean complete, Optional<String> lastDay) {
    if (work.steps().isEmpty()) {
      return Words.say("after.nothing");
    }
    return complete
        ? Words.say("after.complete", work.steps().size(), lastDay.orElse(""))
        : Words.say("after.open", done, work.steps().size());
  }

  private static String span(double minutes) {
    return Clockwork.span((int) Math.round(minutes));
  }

  private interface Named {
    String of(String key);
  }

  private static List<AfterwardsView.ComparedRow> rows(
      Map<String, Sum> sums, Named named, DoubleFunction<String> text, double notable) {
    return sums.entrySet().stream()
        .sorted(
            Comparator.comparingDouble(
                (Map.Entry<String, Sum> e) -> -Math.abs(e.getValue().took - e.getValue().planned)))
        .map(
            e -> {
              Sum s = e.getValue();
              double more = s.took - s.planned;
              return new AfterwardsView.ComparedRow(
                  named.of(e.getKey()),
                  text.apply(s.planned),
                  text.apply(s.took),
                  s.planned,
                  s.took,
                  Math.abs(more) < notable / 4
                      ? null
                      : Words.say(
                          more > 0 ? "after.more" : "after.less", text.apply(Math.abs(more))));
            })
        .toList();
  }

  /** Where it differed so much that the next plan should be another. */
  private static List<String> otherwise(
      Map<String, Sum> byDoing, Map<String, Sum> byPot, Map<String, Pot> pots) {
    List<String> all = new ArrayList<>();
    byDoing.forEach(
        (doing, s) ->
            differs(s, NOTABLE_MINUTES)
                .ifPresent(
                    way ->
                        all.add(
                            Words.say(
                                "after.otherwise.time." + way,
                                Words.say("after.doing." + doing),
                                span(Math.abs(s.took - s.planned))))));
    byPot.forEach(
        (id, s) ->
            differs(s, NOTABLE_ML)
                .ifPresent(
                    way ->
                        all.add(
                            Words.say(
                                "after.otherwise.pot." + way,
                                pots.get(id).medium().name(),
                                Words.millilitres(Math.abs(s.took - s.planned))))));
    return all;
  }

  private static Optional<String> differs(Sum s, double notable) {
    double more = s.took - s.planned;
    return s.planned > 0 && Math.abs(more) >= notable && Math.abs(more) >= NOTABLE * s.planned
        ? Optional.of(more > 0 ? "more" : "less")
        : Optional.empty();
  }

  private List<String> addresses(Studio studio, String pieceId, Stage stage) {
    return photos(studio, pieceId, stage).stream().map(p -> "/api/photos/" + p.id()).toList();
  }

  List<Photo> photos(Studio studio, String pieceId, Stage stage) {
    return photos.ofPiece(studio, pieceId).stream().filter(p -> p.stage() == stage).toList();
  }

  /** What its buyer is told. */
  @Solves
  public List<String> care(Studio studio, SavedPlan piece) {
    Optional<Instant> last =
        log.done(studio.id(), piece.id()).values().stream()
            .map(LogEntry::happened)
            .max(Comparator.naturalOrder());
    return care(
        studio,
        piece,
        readings.read(studio, piece.plan()),
        readings.coats(studio, piece.plan()),
        last);
  }

  private List<String> care(
      Studio studio,
      SavedPlan piece,
      PlanReading reading,
      CoatsReading coats,
      Optional<Instant> finished) {
    Set<Rights> rights = EnumSet.noneOf(Rights.class);
    reading
        .led()
        .map(l -> l.design().id())
        .forEach(
            id ->
                shelf.design(studio.id(), id).map(d -> d.given().rights()).ifPresent(rights::add));
    Care care = Care.of(piece.plan(), reading, coats, rights);
    Clockwork clock = new Clockwork(benches.of(studio).zone());
    return care.advice().stream()
        .map(
            a ->
                a == Care.Advice.REST
                    ? finished
                        .map(f -> Words.say("care.REST.until", clock.date(f.plus(care.cured()))))
                        .orElseGet(
                            () ->
                                Words.say(
                                    "care.REST.for", Math.ceilDiv(care.cured().toHours(), 24)))
                    : Words.say("care." + a))
        .toList();
  }

  /** What it is painted and laid with, for whoever wants to know. */
  @Solves
  public List<String> madeOf(Studio studio, SavedPlan piece) {
    List<String> media =
        readings.coats(studio, piece.plan()).groups().stream()
            .flatMap(g -> g.buildUp().coats())
            .map(c -> c.of().medium().name())
            .distinct()
            .toList();
    List<String> designs =
        readings
            .read(studio, piece.plan())
            .led()
            .map(l -> l.design().name())
            .filter(n -> !n.isBlank())
            .distinct()
            .toList();
    List<String> made = new ArrayList<>();
    if (!media.isEmpty()) {
      made.add(Words.say("buyer.media", String.join(", ", media)));
    }
    if (!designs.isEmpty()) {
      made.add(Words.say("buyer.designs", String.join(", ", designs)));
    }
    return made;
  }
}
