package craftmap.server.shelf;

import craftmap.core.design.Stencil;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.supply.EntryKind;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: stencils, pots, and each pot's ledger. */
@RestController
@RequestMapping("/api")
class ShelfController {
  private final Studios studios;
  private final ShelfService shelf;
  private final LedgerService ledger;

  ShelfController(Studios studios, ShelfService shelf, LedgerService ledger) {
    this.studios = studios;
    this.shelf = shelf;
    this.ledger = ledger;
  }

  /**
   * A stencil.
   *
   * @param pathData its openings as SVG path data, in millimetres on the sheet
   * @param openShareText computed from the openings
   */
  record StencilView(
      String id,
      String name,
      String motif,
      String note,
      Measure sheetWidth,
      Measure sheetHeight,
      double printLeftMm,
      double printTopMm,
      Measure printWidth,
      Measure printHeight,
      String pathData,
      String openShareText,
      String openAreaText,
      Measure naturalGap,
      int usesBetweenWashes) {}

  /**
   * A pot of paint.
   *
   * @param fullShare level over what the pot holds, 0 to 1
   */
  record PotView(
      String id,
      String name,
      String colour,
      double levelMl,
      double holdsMl,
      double fullShare,
      String levelText,
      String spreadText) {}

  record EntryView(
      long id,
      EntryKind kind,
      String kindText,
      String changeText,
      boolean raises,
      String levelText,
      String note,
      Instant madeAt) {}

  record LedgerView(PotView pot, List<EntryView> entries) {}

  /**
   * A corrected level.
   *
   * @param foundMl what is in the pot, in millilitres, decimal comma or point
   */
  record Correction(String foundMl, String note) {}

  @GetMapping("/stencils")
  List<StencilView> stencils() {
    Studio studio = studios.current();
    return shelf.stencils(studio.id()).stream().map(s -> view(s, studio.tape())).toList();
  }

  @GetMapping("/pots")
  List<PotView> pots() {
    return shelf.pots(studios.current().id()).stream().map(ShelfController::view).toList();
  }

  @GetMapping("/pots/{id}/ledger")
  LedgerView ledger(@PathVariable String id) {
    String studioId = studios.current().id();
    Pot pot =
        shelf
            .pot(studioId, id)
            .orElseThrow(() -> new NoSuchElementException("There is no pot " + id + "."));
    return new LedgerView(
        view(pot),
        ledger.entries(studioId, id).reversed().stream().map(ShelfController::view).toList());
  }

  @PostMapping("/pots/{id}/corrections")
  LedgerView correct(@PathVariable String id, @RequestBody Correction correction) {
    BigDecimal found = millilitres(correction.foundMl());
    String note = correction.note() == null ? "" : correction.note().strip();
    if (note.length() > 200) {
      throw new RefusedInput(
          "Note", note.length() + " characters", "is too long", "at most 200 characters");
    }
    ledger.correct(
        studios.current().id(),
        id,
        found,
        note.isEmpty() ? Words.say("correct.note", Words.millilitres(found.doubleValue())) : note);
    return ledger(id);
  }

  private static BigDecimal millilitres(String text) {
    String given = text == null ? "" : text.strip();
    String plain = given.replaceFirst("(?i)\\s*ml$", "").replace(',', '.');
    if (!plain.matches("\\d{1,7}(\\.\\d{1,3})?")) {
      throw new RefusedInput(
          "Level",
          given.isEmpty() ? "empty" : given,
          "is not a volume",
          "millilitres such as 38 or 38.5");
    }
    return new BigDecimal(plain);
  }

  private static StencilView view(OwnedStencil owned, TapeDivision tape) {
    Stencil s = owned.stencil();
    var print = s.openings().print();
    return new StencilView(
        s.id(),
        s.name(),
        owned.motif(),
        owned.note(),
        Measure.of(s.sheetWidthMm(), tape),
        Measure.of(s.sheetHeightMm(), tape),
        print.leftMm(),
        print.topMm(),
        Measure.of(print.widthMm(), tape),
        Measure.of(print.heightMm(), tape),
        s.openings().pathData(),
        Words.percent(s.openings().openShare()),
        Words.squareCentimetres(s.openings().areaMm2()),
        Measure.of(s.naturalGapMm(), tape),
        s.usesBetweenWashes());
  }

  private static PotView view(Pot pot) {
    double level = pot.levelMl().doubleValue();
    double holds = pot.holdsMl().doubleValue();
    return new PotView(
        pot.paint().id(),
        pot.paint().name(),
        pot.paint().colour().hex(),
        level,
        holds,
        Math.clamp(level / holds, 0, 1),
        Words.millilitres(level),
        Decimals.show(pot.paint().spreadM2PerLitre(), 1) + " m²/l");
  }

  private static EntryView view(LedgerEntry entry) {
    double change = entry.changeMl().doubleValue();
    return new EntryView(
        entry.id(),
        entry.kind(),
        Words.say("entry", entry.kind()),
        (change > 0 ? "+ " : "− ") + Words.millilitres(Math.abs(change)),
        change > 0,
        Words.millilitres(entry.levelAfterMl().doubleValue()),
        entry.note(),
        entry.madeAt());
  }
}
