package craftmap.server.money;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Costing;
import craftmap.core.money.Money;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Version;
import java.util.List;
import java.util.Optional;
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
  private final MoneyViews views;

  MoneyController(Pieces pieces, MoneyBook book, MoneyViews views) {
    this.pieces = pieces;
    this.book = book;
    this.views = views;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/money")
  ResponseEntity<MoneyView> money(Asker asker, @PathVariable String id) {
    MoneyView view = views.view(asker.studio(), pieces.get(asker.studio(), id));
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(view.version()).etag())
        .body(view);
  }

  /** Says what was paid, what may be spent, and what is asked: what is absent is not known. */
  @Allowed(StudioRole.MAKER)
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
            sum(said.paid(), currency), sum(said.budget(), currency), sum(said.asked(), currency)),
        currency);
    return money(asker, id);
  }

  private static Optional<Money> sum(String figure, String currency) {
    return Optional.ofNullable(figure).filter(f -> !f.isBlank()).map(f -> Money.read(f, currency));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/money")
  ResponseEntity<MoneyView.RatesDoc> rates(Asker asker) {
    MoneyView.RatesDoc doc = MoneyViews.doc(book.rates(asker.studio()));
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(doc.version()).etag())
        .body(doc);
  }

  /** Says what an hour is worth in the studio. */
  @Allowed(StudioRole.OWNER)
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

  /** What would cost less, what saves most first; every one of them is worked out. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/money/cheaper")
  List<MoneyView.CheaperView> cheaper(Asker asker, @PathVariable String id) {
    return views.cheaper(asker.studio(), pieces.get(asker.studio(), id));
  }

  /** The whole plan from what is owned only, or where it stops. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/money/own-only")
  MoneyView.OwnOnlyView ownOnly(Asker asker, @PathVariable String id) {
    return views.ownOnly(asker.studio(), pieces.get(asker.studio(), id));
  }
}
