package craftmap.server.money;

import craftmap.core.coats.CoatFinding;
import craftmap.core.money.Budget;
import craftmap.core.money.Costing;
import craftmap.core.money.Money;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shopping.ToSpend;
import craftmap.server.studio.Studio;
import craftmap.server.words.Clockwork;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Tells what a piece costs, and what would make it cost less. */
@Component
class MoneyViews {
  private final MoneyBook book;
  private final Worth worth;
  private final ToSpend toSpend;
  private final Mending mending;

  MoneyViews(MoneyBook book, Worth worth, ToSpend toSpend, Mending mending) {
    this.book = book;
    this.worth = worth;
    this.toSpend = toSpend;
    this.mending = mending;
  }

  MoneyView view(Studio studio, SavedPlan piece) {
    MoneyBook.Kept<Purse> kept = book.purse(studio, piece.id());
    MoneyBook.Kept<Rates> keptRates = book.rates(studio);
    Purse purse = kept.what();
    Rates rates = keptRates.what();
    String currency = rates.currency();
    Worth.Used used = worth.of(studio, piece);
    ToSpend.Sum still = toSpend.of(studio, piece);
    Costing costing =
        new Costing(
            in(purse.paid(), currency).orElse(rates.nothing()), used.worth(currency), used.work());
    Optional<Budget> budget = purse.budget().map(Budget::new);
    return new MoneyView(
        kept.version(),
        new MoneyView.PurseDoc(
            figure(purse.paid(), currency),
            figure(purse.budget(), currency),
            figure(purse.asked(), currency)),
        doc(keptRates),
        used.lines().stream()
            .map(
                l ->
                    new MoneyView.MoneyLineView(
                        l.name(), l.text(studio.tape()), l.worth().map(Money::show).orElse(null)))
            .toList(),
        costing.supplies().show(),
        used.usedUp(currency).show(),
        used.uncounted(currency),
        Clockwork.span(used.work()),
        used.done().isPositive() ? Words.say("money.done", Clockwork.span(used.done())) : "",
        costing.cost(rates.hourly()).show(),
        text(still, rates),
        still.unsold(),
        otherwise(purse, currency),
        budget.map(b -> budget(b, still)).orElse(""),
        budget.filter(b -> verdict(b, still) != Budget.Verdict.WITHIN).isPresent(),
        Arrays.stream(Rates.Way.values()).map(w -> proposal(w, costing, rates)).toList(),
        in(purse.asked(), currency).map(a -> asked(a, costing)).orElse(""));
  }

  static MoneyView.RatesDoc doc(MoneyBook.Kept<Rates> kept) {
    Rates rates = kept.what();
    return new MoneyView.RatesDoc(
        kept.version(),
        rates.currency(),
        rates.hourly().figure(),
        rates.margin(),
        rates.wage().figure(),
        rates.way());
  }

  private static Optional<Money> in(Optional<Money> sum, String currency) {
    return sum.filter(m -> m.currency().equals(currency));
  }

  private static String figure(Optional<Money> sum, String currency) {
    return in(sum, currency).map(Money::figure).orElse(null);
  }

  /** What does not count, for nothing is converted. */
  private static String otherwise(Purse purse, String currency) {
    String sums =
        Stream.of(purse.paid(), purse.budget(), purse.asked())
            .flatMap(Optional::stream)
            .filter(m -> !m.currency().equals(currency))
            .map(Money::show)
            .collect(Collectors.joining(", "));
    return sums.isEmpty() ? "" : Words.say("money.otherwise", sums);
  }

  private static String text(ToSpend.Sum sum, Rates rates) {
    return sum.totals().isEmpty()
        ? rates.nothing().show()
        : sum.totals().stream().map(Money::show).collect(Collectors.joining(" + "));
  }

  private static Budget.Verdict verdict(Budget budget, ToSpend.Sum still) {
    return budget.of(still.totals(), still.unsold().isEmpty());
  }

  private static String budget(Budget budget, ToSpend.Sum still) {
    return Words.say(
        "money.budget",
        verdict(budget, still),
        budget.apart(still.totals()).show(),
        budget.limit().show());
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

  List<MoneyView.CheaperView> cheaper(Studio studio, SavedPlan piece) {
    Rates rates = book.rates(studio).what();
    String currency = rates.currency();
    Optional<Budget> budget = book.purse(studio, piece.id()).what().budget().map(Budget::new);
    ToSpend.Sum now = toSpend.of(studio, piece);
    FigureWords words = new FigureWords(studio.tape());
    boolean over = budget.filter(b -> verdict(b, now) != Budget.Verdict.WITHIN).isPresent();
    return mending.cheaper(studio, piece, now, currency).stream()
        .map(
            t ->
                new MoneyView.CheaperView(
                    t.way().title(),
                    Words.say(
                        "money.saves",
                        new Money(now.in(currency).minor() - t.sum().in(currency).minor(), currency)
                            .show()),
                    Words.say("money.then", text(t.sum(), rates)),
                    over && verdict(budget.get(), t.sum()) == Budget.Verdict.WITHIN,
                    risks(t.risks(), words),
                    t.way().edits()))
        .toList();
  }

  MoneyView.OwnOnlyView ownOnly(Studio studio, SavedPlan piece) {
    Mending.OwnOnly own = mending.ownOnly(studio, piece);
    boolean complete = own.left().lacks().isEmpty() && own.left().uncounted() == 0;
    return new MoneyView.OwnOnlyView(
        complete,
        complete
            ? own.taken().isEmpty()
                ? Words.say("money.own.already")
                : Words.say("money.own.goes", own.taken().size())
            : Words.say("money.own.stops"),
        own.taken().stream().map(OtherWays.Way::title).toList(),
        risks(own.risks(), new FigureWords(studio.tape())),
        stops(own.left()),
        own.edits());
  }

  private static List<String> risks(List<CoatFinding> risks, FigureWords words) {
    return risks.stream().map(f -> Words.capital(words.text(f.what()))).distinct().toList();
  }

  private static List<String> stops(ToSpend.Sum left) {
    List<String> stops = new ArrayList<>();
    left.lacks().forEach(l -> stops.add(Words.say("money.own.lacks", l.name(), l.missing())));
    if (left.uncounted() > 0) {
      stops.add(Words.say("money.own.uncounted", left.uncounted()));
    }
    return stops;
  }
}
