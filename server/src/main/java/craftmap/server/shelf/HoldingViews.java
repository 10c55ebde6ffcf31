package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.money.Money;
import craftmap.core.plane.Box;
import craftmap.core.supply.Claims;
import craftmap.core.supply.EntryKind;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Hand;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.LedgerEntry;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Stocks for the screen. */
final class HoldingViews {
  private HoldingViews() {}

  record PointView(double xMm, double yMm) {}

  /** A leftover, where it lay on its sheet. */
  record OffcutView(
      List<PointView> outline,
      double leftMm,
      double topMm,
      double widthMm,
      double heightMm,
      String sizeText,
      String areaText) {}

  /**
   * What one piece asks of a stock.
   *
   * @param askedBy who planned it; empty where nobody said
   */
  record ClaimView(
      String pieceId,
      String pieceName,
      String wantedText,
      String grantedText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String missingText,
      String askedBy) {}

  /**
   * A stock.
   *
   * @param level in its unit
   * @param fullShare level over what it holds, 0 to 1
   * @param overAsked whether pieces ask for more than there is
   */
  record HoldingView(
      String id,
      long version,
      String code,
      HoldingForm form,
      StockUnit unit,
      Hand hand,
      String handText,
      double level,
      double available,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double holds,
      double fullShare,
      String levelText,
      String availableText,
      boolean overAsked,
      List<ClaimView> claims,
      String place,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Double tareG,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String priceText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String price,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String currency,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LocalDate openedOn,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LocalDate expiresOn,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OffcutView offcut) {}

  /** Nobody reads farther back than this. */
  private static final int MOST_ENTRIES = 10_000;

  /** Of a ledger, until somebody asks for more. */
  static final int ENTRIES_AT_FIRST = 100;

  /** How many entries of a ledger are asked for. */
  static int entries(int asked) {
    if (asked < 1 || asked > MOST_ENTRIES) {
      throw new RefusedInput(
          "entries", given(asked), said("is-not-possible"), said("1-to", given(MOST_ENTRIES)));
    }
    return asked;
  }

  record EntryView(
      long id,
      EntryKind kind,
      String kindText,
      String changeText,
      boolean raises,
      String levelText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String priceText,
      String note,
      String madeBy,
      Instant madeAt) {}

  static HoldingView view(Holding h, ClaimBook.Settled claims, TapeDivision tape) {
    var p = h.particulars();
    Claims settled = claims.claims();
    boolean overAsked = settled.settled().stream().anyMatch(s -> s.missing().signum() > 0);
    return new HoldingView(
        h.id(),
        h.version(),
        h.code().text(),
        h.form(),
        h.unit(),
        h.hand(),
        Words.say("hand", h.hand()),
        h.level().doubleValue(),
        settled.available().doubleValue(),
        h.holds().map(Number::doubleValue).orElse(null),
        h.fullShare(),
        StockText.level(h, tape),
        StockText.of(settled.available(), h.unit(), tape),
        overAsked,
        claims(claims, h.unit(), tape),
        p.place(),
        p.tareG().map(Number::doubleValue).orElse(null),
        p.price().map(Money::show).orElse(null),
        p.price().map(Money::figure).orElse(null),
        p.price().map(Money::currency).orElse(null),
        p.openedOn().orElse(null),
        p.expiresOn().orElse(null),
        h.leftover().map(o -> offcut(o, tape)).orElse(null));
  }

  /** One line for each piece, however many of its lays ask. */
  private static List<ClaimView> claims(
      ClaimBook.Settled claims, StockUnit unit, TapeDivision tape) {
    Map<String, BigDecimal> wanted = new LinkedHashMap<>();
    Map<String, BigDecimal> granted = new LinkedHashMap<>();
    for (Claims.Settled s : claims.claims().settled()) {
      wanted.merge(s.claim().pieceId(), s.claim().wanted(), BigDecimal::add);
      granted.merge(s.claim().pieceId(), s.granted(), BigDecimal::add);
    }
    return wanted.keySet().stream()
        .map(
            piece -> {
              BigDecimal missing = wanted.get(piece).subtract(granted.get(piece));
              return new ClaimView(
                  piece,
                  claims.pieceNames().get(piece),
                  StockText.of(wanted.get(piece), unit, tape),
                  StockText.of(granted.get(piece), unit, tape),
                  missing.signum() > 0 ? StockText.of(missing, unit, tape) : null,
                  claims.askedBy().get(piece));
            })
        .toList();
  }

  static OffcutView offcut(Offcut offcut, TapeDivision tape) {
    Box b = offcut.box();
    return new OffcutView(
        offcut.outline().stream().map(p -> new PointView(p.xMm(), p.yMm())).toList(),
        b.leftMm(),
        b.topMm(),
        b.widthMm(),
        b.heightMm(),
        Words.say("fact.size", tape.show(b.widthMm()), tape.show(b.heightMm())),
        Words.squareCentimetres(offcut.areaMm2()));
  }

  static EntryView entry(LedgerEntry e, StockUnit unit, TapeDivision tape) {
    int sign = e.change().signum();
    return new EntryView(
        e.id(),
        e.kind(),
        Words.say("entry", e.kind()),
        sign == 0 ? "" : (sign > 0 ? "+ " : "− ") + StockText.of(e.change().abs(), unit, tape),
        sign > 0,
        StockText.of(e.levelAfter(), unit, tape),
        e.paid().map(Money::show).orElse(null),
        e.note(),
        e.madeBy(),
        e.madeAt());
  }
}
