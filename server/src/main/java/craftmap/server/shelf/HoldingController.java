package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Booking;
import craftmap.core.supply.Container;
import craftmap.core.supply.EntryKind;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One stock: its ledger, booking on it, correcting its level in the ways people find it. */
@RestController
@RequestMapping("/api/holdings/{id}")
class HoldingController {
  private static final double DEFAULT_DENSITY = 1;

  private final Holdings holdings;
  private final Ledger ledger;
  private final ClaimBook claims;
  private final Designs designs;
  private final Shelving shelving;
  private final Benches benches;

  HoldingController(
      Holdings holdings,
      Ledger ledger,
      ClaimBook claims,
      Designs designs,
      Shelving shelving,
      Benches benches) {
    this.benches = benches;
    this.holdings = holdings;
    this.ledger = ledger;
    this.claims = claims;
    this.designs = designs;
    this.shelving = shelving;
  }

  /**
   * A stock with its ledger, youngest entry first.
   *
   * @param of the name of its design or medium
   * @param older how many entries there are before those that are told
   */
  record LedgerView(
      HoldingViews.HoldingView holding,
      String of,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String mediumId,
      String colour,
      List<HoldingViews.EntryView> entries,
      int older) {}

  /** How a level was found. */
  enum Found {
    /** In the unit of the stock. */
    LEVEL,
    /** The container as it stands on the scale, in grams. */
    WEIGHT,
    /** As a share of what it holds: 0.5 for about half. */
    SHARE
  }

  record LevelFound(
      Found how,
      String figure,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note) {}

  /**
   * Something that happened to a stock.
   *
   * @param price what it cost as it is typed, of what was bought
   * @param currency three letters; EUR where none stands here
   */
  record NewEntry(
      EntryKind kind,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String quantity,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String price,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String currency,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note) {}

  record LevelAt(LocalDate day, String levelText) {}

  /**
   * A stock with the last of its ledger.
   *
   * @param entries so many of them at most
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping
  LedgerView ledger(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "" + HoldingViews.ENTRIES_AT_FIRST) int entries) {
    return ledger(asker.studio(), id, HoldingViews.entries(entries));
  }

  private LedgerView ledger(Studio studio, String id, int entries) {
    Holding h = holdings.get(studio.id(), id);
    Optional<OwnedMedium> medium = shelving.mediumOf(studio.id(), h);
    String name =
        medium
            .map(m -> m.medium().name())
            .orElseGet(() -> designs.get(studio.id(), h.designId().orElseThrow()).design().name());
    Ledger.Told told = ledger.latest(studio.id(), List.of(id), entries);
    return new LedgerView(
        HoldingViews.view(h, claims.on(h), studio.tape()),
        name,
        h.designId().orElse(null),
        h.mediumId().orElse(null),
        medium.map(m -> m.medium().coverage().colour().hex()).orElse("#D5CBB8"),
        told.entries().stream().map(e -> HoldingViews.entry(e, h.unit(), studio.tape())).toList(),
        told.older());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/entries")
  LedgerView book(Asker asker, @PathVariable String id, @RequestBody NewEntry entry) {
    Studio studio = asker.studio();
    Holding h = holdings.get(studio.id(), id);
    if (entry.kind() == null || entry.kind().way() == EntryKind.Way.EITHER) {
      throw new RefusedInput(
          "what-happened",
          entry.kind() == null ? said("empty") : given(Words.say("entry", entry.kind())),
          said("cannot-be-booked-like-this"),
          said("bought-opened-used-spilled-given-away-or-spoiled-a"));
    }
    BigDecimal quantity =
        entry.kind().way() == EntryKind.Way.LEAVES
            ? BigDecimal.ZERO
            : Quantities.read(said("quantity"), entry.quantity(), h.unit(), studio.tape());
    ledger.book(
        studio.id(),
        id,
        Booking.of(entry.kind(), quantity, h.unit())
            .paid(Prices.read(entry.price(), entry.currency())),
        entry.note(),
        asker.person());
    return ledger(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/level")
  LedgerView correct(Asker asker, @PathVariable String id, @RequestBody LevelFound found) {
    Studio studio = asker.studio();
    Holding h = holdings.get(studio.id(), id);
    BigDecimal level = level(found, h, studio);
    String note =
        found.note() == null || found.note().isBlank()
            ? Words.say(
                "correct." + found.how().name(), StockText.of(level, h.unit(), studio.tape()))
            : found.note();
    ledger.correct(studio.id(), id, level, note, asker.person());
    return ledger(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  private BigDecimal level(LevelFound found, Holding h, Studio studio) {
    if (found.how() == null) {
      throw new RefusedInput(
          "how", said("empty"), said("is-missing"), said("level-weight-or-share"));
    }
    return switch (found.how()) {
      case LEVEL -> Quantities.read(said("level"), found.figure(), h.unit(), studio.tape());
      case WEIGHT -> {
        BigDecimal gross =
            Quantities.figure(said("weight"), found.figure().replaceFirst("\\s*g$", ""), "342 g");
        double density =
            shelving
                .mediumOf(studio.id(), h)
                .map(m -> m.medium().mixing().densityGPerMl())
                .orElse(DEFAULT_DENSITY);
        yield container(h).byWeight(gross, density);
      }
      case SHARE ->
          container(h).byEye(Quantities.figure(said("share"), found.figure(), "0.5").doubleValue());
    };
  }

  private static Container container(Holding h) {
    return h.container()
        .orElseThrow(
            () ->
                new RefusedInput(
                    "level",
                    said("this-stock"),
                    said("stands-in-no-container"),
                    said("a-count-or-a-length")));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping
  LedgerView describe(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody StockGiven given) {
    holdings.describe(asker.studio().id(), id, Version.of(ifMatch), given.particulars());
    return ledger(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  /** The level at the end of a day of the studio's. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/level")
  LevelAt levelAt(Asker asker, @PathVariable String id, @RequestParam LocalDate day) {
    Studio studio = asker.studio();
    Holding h = holdings.get(studio.id(), id);
    BigDecimal level =
        ledger.levelBefore(
            studio.id(), id, day.plusDays(1).atStartOfDay(benches.zone(studio.id())).toInstant());
    return new LevelAt(day, StockText.of(level, h.unit(), studio.tape()));
  }
}
