package craftmap.server.piece.view;

import craftmap.core.design.Mould;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Stencil;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Coating;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.plan.Needs;
import craftmap.core.plan.cutting.Pool;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Says what a lay takes, line by line, each with its why. */
final class TakesViews {
  private final TapeDivision tape;
  private final LayReading.Laid laid;
  private final Needs needs;
  private final Optional<Pool> pool;
  private final List<LayView.TakesView> lines = new ArrayList<>();

  private TakesViews(TapeDivision tape, LayReading.Laid laid, Optional<Pool> pool) {
    this.tape = tape;
    this.pool = pool;
    this.laid = laid;
    this.needs = laid.takes();
  }

  /** Besides positions and what comes out of the pot. */
  static List<LayView.TakesView> of(TapeDivision tape, LayReading.Laid laid, Optional<Pool> pool) {
    TakesViews views = new TakesViews(tape, laid, pool);
    views.easing();
    views.needs.all().forEach(views::need);
    return List.copyOf(views.lines);
  }

  /** Marks on the sheet lay one pitch; the row may want another. */
  private void easing() {
    if (!(laid.design() instanceof Stencil s)) {
      return;
    }
    if (laid.chosen().arrangement() instanceof RunRow row && row.count() > 1) {
      easing("takes.easing", row.pitchMm(), s.registerPitchMm());
    }
    if (laid.chosen().arrangement() instanceof GridPattern grid) {
      if (grid.columns() > 1) {
        easing("takes.easing", s.printWidthMm() + grid.gapAcrossMm(), s.registerPitchMm());
      }
      if (grid.rows() > 1) {
        easing("takes.easingDown", s.printHeightMm() + grid.gapDownMm(), s.registerDownMm());
      }
    }
  }

  private void easing(String key, double pitchMm, double marksMm) {
    double ease = pitchMm - marksMm;
    if (marksMm > 0 && Math.abs(ease) > SEEN_MM) {
      add(
          key,
          (ease > 0 ? "+" : "−") + Decimals.show(Math.abs(ease), 2) + " mm",
          Words.say(ease < 0 ? "takes.easing.closer" : "takes.easing.wider"),
          Words.say("why.easing", tape.show(pitchMm), tape.show(marksMm)));
    }
  }

  /** Nobody eases a sheet by less. */
  private static final double SEEN_MM = 0.005;

  private void need(Need need) {
    switch (need) {
      // what comes out of the pot is told beside the positions
      case Need.Paint p -> {}
      case Need.Paste p -> {}
      case Need.Castings c -> castings(c);
      case Need.Water w ->
          add("takes.water", Words.millilitres(w.ml()), "", Words.say("why.water"));
      case Need.Pieces p -> pieces(p.count());
      case Need.StockLengths l -> stockLengths(l);
      case Need.Length l ->
          add("takes.length", Measure.longText(l.mm(), tape), "", Words.say("why.length"));
      case Need.Sheets s -> sheets(s);
      case Need.Pages p -> add("takes.pages", "" + p.count(), "", Words.say("why.pages"));
      case Need.Coated c -> coated(c);
      case Need.Film f ->
          add(
              "takes.film." + f.of().name(),
              Measure.longText(f.lengthMm(), tape),
              Words.say(
                  f.offARollOfTheShelf() ? "takes.film.roll" : "takes.film.wide",
                  tape.show(f.widthMm())),
              Words.say("why.film", f.sheets()));
      case Need.Tape t ->
          add("takes.masking", Measure.longText(t.mm(), tape), "", Words.say("why.masking"));
      case Need.HandsOn h ->
          add(
              "takes.handsOn",
              Words.time(h.time()),
              Words.say("takes.handsOn.note"),
              Words.say("why.handsOn"));
    }
  }

  private void castings(Need.Castings c) {
    Mould mould = (Mould) laid.design();
    add(
        "takes.castings",
        Words.say("takes.castings.text", c.count(), c.batches()),
        Words.say("takes.castings.ready", Words.time(c.readyAfter())),
        Words.say("why.castings", c.count(), mould.cavities(), c.batches(), Words.time(c.batch())));
    add(
        "takes.filling." + mould.filling().name(),
        Words.millilitres(c.materialMl()),
        "",
        filling(c));
  }

  private void pieces(int count) {
    add(
        "takes.pieces",
        Words.say(count == 1 ? "takes.piece" : "takes.pieces.text", count),
        "",
        Words.say("why.pieces", laid.items().size(), count));
  }

  private void stockLengths(Need.StockLengths need) {
    FrameSides frame = (FrameSides) laid.chosen().arrangement();
    // equal ones told once: a wardrobe's trim may come out of hundreds
    Map<String, Integer> alike = new LinkedHashMap<>();
    frame.cutting().lengths().stream()
        .map(l -> l.piecesMm().stream().map(tape::show).collect(Collectors.joining(" + ")))
        .forEach(text -> alike.merge(text, 1, Integer::sum));
    String cuts =
        alike.entrySet().stream()
            .map(e -> e.getValue() == 1 ? e.getKey() : e.getValue() + " × (" + e.getKey() + ")")
            .collect(Collectors.joining("; "));
    int count = together().map(Pool::count).orElse(need.count());
    int least = together().map(Pool::least).orElse(frame.cutting().least());
    String bound =
        Words.say(least == count ? "takes.stockLengths.least" : "takes.stockLengths.found", least);
    add(
        "takes.stockLengths",
        Words.say("takes.stockLengths.text", count),
        besidesOthers(bound),
        Words.say("why.stockLengths", cuts, tape.show(frame.cutting().longestLeftoverMm())));
  }

  private void sheets(Need.Sheets need) {
    int count = together().map(Pool::count).orElse(need.count());
    int least = together().map(Pool::least).orElse(need.least());
    String bound =
        least == count || least == 0
            ? Words.say("takes.sheets.least", count)
            : Words.say("takes.sheets.found", least);
    int parts = laid.chosen().arrangement() instanceof SheetWork w ? w.parts().size() : 1;
    add(
        laid.design() instanceof Napkin ? "takes.napkins" : "takes.sheets",
        "" + count,
        besidesOthers(bound),
        others() == 0
            ? Words.say("why.sheets", parts, count)
            : Words.say("why.sheets.together", parts, need.count(), others(), count));
  }

  /** With other lays of the piece, where they are known: what one leaves is there for the next. */
  private Optional<Pool> together() {
    return pool.filter(p -> p.count() > 0);
  }

  private int others() {
    return pool.map(p -> p.uses().size() - 1).orElse(0);
  }

  private String besidesOthers(String bound) {
    return others() == 0 ? bound : Words.say("takes.together", others()) + ", " + bound;
  }

  private void coated(Need.Coated coated) {
    String how =
        switch (coated.role()) {
          case SIZE -> "sized";
          case CLEAR_COAT -> "sealed";
          default -> "glued";
        };
    add(
        "takes." + how,
        Words.squareCentimetres(coated.mm2()),
        "",
        Words.say(how.equals("sized") ? "why.sized" : "why.glued"));
  }

  private void add(String key, String text, String note, String why) {
    lines.add(
        new LayView.TakesView(Words.say(key), text, note, List.of(new LayView.WhyView(text, why))));
  }

  /** The sums behind positions, passes and what comes out of the pot. */
  static List<LayView.WhyView> why(TapeDivision tape, LayReading.Laid laid) {
    List<LayView.WhyView> why = new ArrayList<>();
    Needs needs = laid.takes();
    needs
        .paint()
        .ifPresent(
            p -> {
              why.add(
                  new LayView.WhyView(
                      Words.millilitres(p.volumeMl()),
                      laid.design() instanceof PaintedZone
                          ? brushed(p)
                          : Words.say(
                              "why.paint",
                              Words.squareCentimetres(p.areaMm2()),
                              Counts.coats(p.coats()),
                              Decimals.show(p.spreadM2PerLitre(), 1),
                              Words.percent(p.loss()))));
              why.add(
                  new LayView.WhyView(
                      Words.squareCentimetres(p.areaMm2()),
                      Words.say(
                          "why.openArea",
                          Words.squareCentimetres(laid.design().shapeMm2()),
                          laid.items().size(),
                          Words.percent(
                              laid.design().shapeMm2() / laid.design().printed().areaMm2()))));
            });
    needs
        .find(Need.Paste.class)
        .ifPresent(
            p ->
                why.add(
                    new LayView.WhyView(
                        Words.millilitres(p.volumeMl()),
                        Words.say(
                            "why.paste",
                            Words.squareCentimetres(p.areaMm2()),
                            Words.fineMm(p.thicknessMm()),
                            Words.percent(p.loss())))));
    needs
        .find(Need.Coated.class)
        .ifPresent(
            c ->
                why.add(
                    new LayView.WhyView(Words.millilitres(c.sum().volumeMl()), brushed(c.sum()))));
    needs
        .find(Need.Castings.class)
        .ifPresent(
            c -> why.add(new LayView.WhyView(Words.millilitres(c.materialMl()), filling(c))));
    laid.passes().ifPresent(p -> why.addAll(passes(tape, laid, p)));
    return why;
  }

  /** Brushed over an area, with its relief and what the ground drinks the first time. */
  private static String brushed(Coating sum) {
    return Words.say(
        "why.zonePaint",
        Words.squareCentimetres(sum.areaMm2()),
        Decimals.show(sum.relief(), 2),
        Counts.coats(sum.coats()),
        Decimals.show(sum.firstCoat(), 2),
        Decimals.show(sum.spreadM2PerLitre(), 1),
        Words.percent(sum.loss()));
  }

  private static String filling(Need.Castings c) {
    return Words.say(
        "why.filling", c.count(), Words.millilitres(c.eachMl()), Words.percent(c.loss()));
  }

  private static List<LayView.WhyView> passes(
      TapeDivision tape, LayReading.Laid laid, StencilPasses passes) {
    StencilDesign stencil = (StencilDesign) laid.design();
    int count = passes.passes().size();
    String sheet = tape.show(stencil.sheetWidthMm());
    String text =
        count == 1
            ? Words.say("why.onePass", sheet)
            : laid.chosen().arrangement() instanceof RunRow row
                ? Words.say("why.passes", sheet, tape.show(row.pitchMm()), Counts.passes(count))
                : Words.say(
                    passes.fewest() ? "why.passesFewest" : "why.passesFound",
                    sheet,
                    tape.show(stencil.sheetHeightMm()),
                    Counts.passes(count));
    return List.of(
        new LayView.WhyView(Counts.passes(count), text),
        new LayView.WhyView(
            Counts.washes(passes.washes()), Words.say("why.washes", stencil.usesBetweenWashes())));
  }
}
