package craftmap.server.money;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Costing;
import craftmap.core.money.Money;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shopping.ToSpend;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a piece costs, what would make it cost less, and what it should be sold for. */
@RestController
@RequestMapping("/api")
class MoneyController {
  private final Pieces pieces;
  private final MoneyBook book;
  private final Worth worth;
  private final ToSpend toSpend;
  private final Mending mending;

  MoneyController(Pieces pieces, MoneyBook book, Worth worth, ToSpend toSpend, Mending mending) {
    this.pieces = pieces;
    this.book = book;
    this.worth = worth;
    this.toSpend = toSpend;
    this.mending = mending;
  }

  @GetMapping("/pieces/{id}/money")
  ResponseEntity<MoneyView> money(Asker asker, @PathVariable String id) {
    MoneyView view = view(asker.studio(), pieces.get(asker.studio(), id));
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(view.version()).etag())
        .body(view);
  }

  /** Says what was paid, what may be spent, and what is asked: what is absent is not known. */
  @PutMapping("/pieces/{id}/money")
  ResponseEntity<MoneyView> say(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody MoneyView.PurseDoc said) {
    Studio studio = asker.studio();
    String currency = book.rates(studio).what().currency();
    book.change(
        studio,
        id,
        Version.of(ifMatch),
        new Purse(
            sum(said.paid(), currency), sum(said.budget(), currency), sum(said.asked(), currency)));
    return money(asker, id);
  }

  private static Optional<Money> sum(String figure, String currency) {
    return Optional.ofNullable(figure).filter(f -> !f.isBlank()).map(f -> Money.read(f, currency));
  }

  @GetMapping("/money")
  ResponseEntity<MoneyView.RatesDoc> rates(Asker asker) {
    MoneyView.RatesDoc doc = doc(book.rates(asker.studio()));
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(doc.version()).etag())
        .body(doc);
  }

  /** Says what an hour is worth in the studio. */
  @PutMapping("/money")
  ResponseEntity<MoneyView.RatesDoc> rates(
      Asker asker,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody MoneyView.RatesDoc said) {
    book.change(
        asker.studio(),
        Version.of(ifMatch),
        new Rates(
            Money.read(given("hourly", said.hourly()), said.currency()),
            Costing.margin(said.margin()),
            Money.read(given("wage", said.wage()), said.currency()),
            given("way", said.way())));
    return rates(asker);
  }

  private static <T> T given(String field, T value) {
    if (value == null) {
      throw new RefusedInput(field, said("empty"), said("is-missing"), said("a-value"));
    }
    return value;
  }

  private static MoneyView.RatesDoc doc(MoneyBook.Kept<Rates> kept) {
    Rates rates = kept.what();
    return new MoneyView.RatesDoc(
        kept.version(),
        rates.currency(),
        rates.hourly().figure(),
        rates.margin(),
        rates.wage().figure(),
        rates.way());
  }

  private MoneyView view(Studio studio, SavedPlan piece) {
    MoneyBook.Kept<Purse> kept = book.purse(studio, piece.id());
    MoneyBook.Kept<Rates> keptRates = book.rates(studio);
    Purse purse = kept.what();
    Rates rates = keptRates.what();
    Worth.Used used = worth.of(studio, piece);
    ToSpend.Sum still = toSpend.of(studio, piece);
    Costing costing =
        new Costing(
            purse.paid().orElse(rates.nothing()), used.worth(rates.currency()), used.work());
    return new MoneyView(
        kept.version(),
        new MoneyView.PurseDoc(figure(purse.paid()), figure(purse.budget()), figure(purse.asked())),
        doc(keptRates),
        used.lines().stream()
            .map(
                l ->
                    new MoneyView.MoneyLineView(
                        l.name(),
                        l.text(studio.tape()),
                        l.each()
                            .map(
                                e ->
                                    new Worth.Used(List.of(l), used.done(), used.left())
                                        .worth(e.currency())
                                        .show())
                            .orElse(null)))
            .toList(),
        costing.supplies().show(),
        used.usedUp(rates.currency()).show(),
        used.uncounted(rates.currency()),
        Clockwork.span(used.work()),
        used.done().isPositive() ? Words.say("money.done", Clockwork.span(used.done())) : "",
        costing.cost(rates.hourly()).show(),
        text(still, rates),
        still.unsold(),
        purse.budget().map(b -> budget(b, still)).orElse(""),
        purse.budget().filter(b -> isOver(b, still)).isPresent(),
        Arrays.stream(Rates.Way.values()).map(w -> proposal(w, costing, rates)).toList(),
        purse.asked().map(a -> asked(a, costing)).orElse(""));
  }

  private static String figure(Optional<Money> sum) {
    return sum.map(Money::figure).orElse(null);
  }

  static String text(ToSpend.Sum sum, Rates rates) {
    return sum.totals().isEmpty()
        ? rates.nothing().show()
        : sum.totals().stream().map(Money::show).collect(Collectors.joining(" + "));
  }

  private static boolean isOver(Money budget, ToSpend.Sum still) {
    return still.in(budget.currency()).compareTo(budget) > 0
        || still.totals().stream().anyMatch(m -> !m.currency().equals(budget.currency()))
        || !still.unsold().isEmpty();
  }

  private static String budget(Money budget, ToSpend.Sum still) {
    Money spent = still.in(budget.currency());
    if (spent.compareTo(budget) > 0) {
      return Words.say(
          "money.over",
          new Money(spent.minor() - budget.minor(), budget.currency()).show(),
          budget.show());
    }
    return isOver(budget, still)
        ? Words.say("money.unsure", budget.show())
        : Words.say(
            "money.within",
            new Money(budget.minor() - spent.minor(), budget.currency()).show(),
            budget.show());
  }

  private static MoneyView.PriceProposal proposal(Rates.Way way, Costing costing, Rates rates) {
    Money price = rates.price(costing, way);
    String sum =
        switch (way) {
          case MARGIN ->
              Words.say(
                  "money.byMargin",
                  costing.outlay().show(),
                  Clockwork.span(costing.work()),
                  rates.hourly().show(),
                  rates.margin());
          case WAGE ->
              Words.say(
                  "money.byWage",
                  costing.outlay().show(),
                  Clockwork.span(costing.work()),
                  rates.wage().show());
        };
    return new MoneyView.PriceProposal(way, price.show(), sum, way == rates.way());
  }

  private static String asked(Money asked, Costing costing) {
    return costing
        .wageAt(asked)
        .map(w -> Words.say("money.brings", asked.show(), w.show()))
        .orElseGet(() -> Words.say("money.bringsNothing", asked.show()));
  }

  /** What would cost less, what saves most first; every one of them is worked out. */
  @GetMapping("/pieces/{id}/money/cheaper")
  List<MoneyView.CheaperView> cheaper(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    Rates rates = book.rates(studio).what();
    Optional<Money> budget = book.purse(studio, id).what().budget();
    ToSpend.Sum now = toSpend.of(studio, piece);
    return mending.cheaper(studio, piece, now, rates.currency()).stream()
        .map(
            t ->
                new MoneyView.CheaperView(
                    t.way().title(),
                    Words.say(
                        "money.saves",
                        new Money(
                                now.in(rates.currency()).minor()
                                    - t.sum().in(rates.currency()).minor(),
                                rates.currency())
                            .show()),
                    Words.say("money.then", text(t.sum(), rates)),
                    budget.filter(b -> !isOver(b, t.sum())).isPresent()
                        && budget.filter(b -> isOver(b, now)).isPresent(),
                    t.way().edits()))
        .toList();
  }

  /** The whole plan from what is owned only, or where it stops. */
  @GetMapping("/pieces/{id}/money/own-only")
  MoneyView.OwnOnlyView ownOnly(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    Mending.OwnOnly own = mending.ownOnly(studio, pieces.get(studio, id));
    boolean complete = own.left().lacks().isEmpty() && own.left().uncounted() == 0;
    return new MoneyView.OwnOnlyView(
        complete,
        complete
            ? own.taken().isEmpty()
                ? Words.say("money.own.already")
                : Words.say("money.own.goes", own.taken().size())
            : Words.say("money.own.stops"),
        own.taken().stream().map(OtherWays.Way::title).toList(),
        stops(own.left()),
        own.edits());
  }

  private static List<String> stops(ToSpend.Sum left) {
    List<String> stops =
        new ArrayList<>(
            left.lacks().stream()
                .map(l -> Words.say("money.own.lacks", l.name(), l.missing()))
                .toList());
    if (left.uncounted() > 0) {
      stops.add(Words.say("money.own.uncounted", left.uncounted()));
    }
    return stops;
  }
}
