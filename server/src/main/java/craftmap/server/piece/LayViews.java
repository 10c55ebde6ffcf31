package craftmap.server.piece;

import craftmap.core.lay.Clearance;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.Run;
import craftmap.core.lay.rule.Span;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.LengthUnit;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.surface.Face;
import craftmap.core.surface.MapGrid;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Says what one lay comes to. */
final class LayViews {
  private final TapeDivision tape;
  private final Function<String, Optional<OwnedDesign>> stencils;

  LayViews(TapeDivision tape, Function<String, Optional<OwnedDesign>> stencils) {
    this.tape = tape;
    this.stencils = stencils;
  }

  ReadingView.LayView view(Face face, LayReading reading) {
    Lay lay = reading.lay();
    Run run = run(lay);
    Optional<OwnedDesign> owned = stencils.apply(lay.designId());
    String name = owned.map(o -> o.design().name()).orElse("?");
    return switch (reading) {
      case LayReading.Laid laid ->
          view(
              face,
              lay,
              run,
              owned,
              laid.paint().name(),
              laid.paint().colour().hex(),
              Words.say(
                  "lay.where",
                  Counts.motifs(laid.chosen().row()),
                  cells(face, laid.chosen().items())),
              Optional.of(laid(face, laid, owned.orElseThrow().motif(), run)),
              clearances(laid.clearances()));
      case LayReading.DoesNotFit doesNot ->
          view(
              face,
              lay,
              run,
              owned,
              doesNot.paint().name(),
              doesNot.paint().colour().hex(),
              why(doesNot.why()),
              Optional.empty(),
              List.of(stop(why(doesNot.why()))));
      case LayReading.NoLine none ->
          view(
              face,
              lay,
              run,
              owned,
              none.paint().name(),
              none.paint().colour().hex(),
              Words.say("fit.noLine"),
              Optional.empty(),
              List.of(stop(Words.say("fit.noLine"))));
      case LayReading.Missing missing -> {
        String text =
            Words.say(missing.what().equals("paint") ? "fit.missingPaint" : "fit.missingDesign");
        yield view(
            face, lay, run, owned, name, "#6C6A62", text, Optional.empty(), List.of(stop(text)));
      }
    };
  }

  private ReadingView.LayView view(
      Face face,
      Lay lay,
      Run run,
      Optional<OwnedDesign> owned,
      String paintName,
      String paintColour,
      String where,
      Optional<ReadingView.LaidView> laid,
      List<ReadingView.NoteView> notes) {
    String name = owned.map(o -> o.design().name()).orElse(lay.designId());
    return new ReadingView.LayView(
        lay.id(),
        face.id(),
        lay.designId(),
        name,
        Words.say("lay", run.line().edge(), name, tape.show(run.line().distanceMm()), face.name()),
        where,
        lay.paintId(),
        paintName,
        paintColour,
        line(face, run, owned),
        laid.orElse(null),
        notes);
  }

  private ReadingView.LineView line(Face face, Run run, Optional<OwnedDesign> owned) {
    var line = run.line();
    double tall = owned.map(o -> o.stencil().printHeightMm()).orElse(0.0);
    Span span = line.spanOn(face.outline(), tall).orElse(new Span(0, 0));
    double motif = owned.map(o -> o.stencil().printWidthMm()).orElse(0.0);
    return new ReadingView.LineView(
        measure(line.distanceMm()),
        measure(line.startInsetMm()),
        measure(line.endInsetMm()),
        measure(run.wish().gapMm()),
        measure(run.wish().endMarginMm()),
        Words.percent(run.wish().allowedChange()),
        span.lengthMm(),
        span.fromMm(),
        Math.max(0, span.lengthMm() - line.startInsetMm() - line.endInsetMm()),
        tall / 2,
        Math.max(tall / 2, line.reachOn(face.outline()) - tall / 2),
        motif,
        tall);
  }

  private ReadingView.LaidView laid(Face face, LayReading.Laid laid, String motif, Run run) {
    boolean level = run.line().edge().isLevel();
    OptionViews options = new OptionViews(tape, run.wish(), motif, level);
    List<Integer> passOf = laid.passes().passOfEach();
    List<ReadingView.ItemView> items = new ArrayList<>();
    for (int i = 0; i < laid.chosen().items().size(); i++) {
      items.add(item(laid.chosen().items().get(i), passOf.get(i)));
    }
    int passes = laid.passes().passes().size();
    double ml = laid.takes().volumeMl();
    String datum = Words.say(level ? "lay.datum.level" : "lay.datum.upright");
    double error = laid.setOut().largestErrorMm();
    return new ReadingView.LaidView(
        laid.options().stream().map(options::view).toList(),
        laid.options().indexOf(laid.chosen()),
        laid.pickState(),
        Words.say("pick", laid.pickState()),
        items,
        laid.setOut().marks().stream().map(m -> OptionViews.mark(m, tape)).toList(),
        datum,
        Words.say("lay.tape." + run.line().edge().name()),
        error < Tolerance.EXACT.lengthMm()
            ? Words.say("marks.exact")
            : Words.say("marks.rounding", datum, rounding(error)),
        laid.chosen().items().size(),
        passes,
        laid.passes().washes(),
        Words.say("takes.positions", laid.chosen().items().size(), Counts.passes(passes))
            + ", "
            + Counts.washes(laid.passes().washes()),
        ml,
        Words.millilitres(ml),
        Counts.coats(laid.lay().coats()),
        why(laid));
  }

  /** Rounding errors are smaller than any division: shown finer than the tape. */
  private String rounding(double errorMm) {
    return tape.unit() == LengthUnit.INCH
        ? TapeDivision.INCH_32.divisionsIn(errorMm) == 0
            ? "1/64\""
            : TapeDivision.INCH_32.show(errorMm)
        : Decimals.show(errorMm, 2) + " mm";
  }

  private List<ReadingView.WhyView> why(LayReading.Laid laid) {
    var takes = laid.takes();
    int passes = laid.passes().passes().size();
    var row = laid.chosen().row();
    List<ReadingView.WhyView> why = new ArrayList<>();
    why.add(
        new ReadingView.WhyView(
            Words.millilitres(takes.volumeMl()),
            Words.say(
                "why.paint",
                Words.squareCentimetres(takes.openAreaMm2()),
                Counts.coats(takes.coats()),
                Decimals.show(takes.spreadM2PerLitre(), 1),
                Words.percent(takes.loss()))));
    why.add(
        new ReadingView.WhyView(
            Words.squareCentimetres(takes.openAreaMm2()),
            Words.say(
                "why.openArea",
                Words.squareCentimetres(laid.stencil().openings().areaMm2()),
                Counts.motifs(laid.chosen().row()),
                Words.percent(laid.stencil().openings().openShare()))));
    why.add(
        new ReadingView.WhyView(
            Counts.passes(passes),
            passes > 1
                ? Words.say(
                    "why.passes",
                    tape.show(laid.stencil().sheetWidthMm()),
                    tape.show(row.pitchMm()),
                    Counts.passes(passes))
                : Words.say("why.onePass", tape.show(laid.stencil().sheetWidthMm()))));
    why.add(
        new ReadingView.WhyView(
            Counts.washes(laid.passes().washes()),
            Words.say("why.washes", laid.stencil().usesBetweenWashes())));
    return why;
  }

  String why(LayAnswer answer) {
    return switch (answer) {
      case LayAnswer.TooLong t -> Words.say("fit.tooLong", tape.show(t.byMm()));
      case LayAnswer.TooTall t -> Words.say("fit.tooTall", tape.show(t.byMm()));
      case LayAnswer.OverTheEdge o ->
          Words.say(
              "fit.overTheEdge",
              tape.show(o.byMm()),
              tape.show(o.nearestMm()),
              tape.show(o.farthestMm()));
      case LayAnswer.Options fits ->
          throw new IllegalStateException("impossible state: it fits, " + fits.best());
    };
  }

  private List<ReadingView.NoteView> clearances(List<Clearance> clearances) {
    return clearances.stream().map(this::clearance).toList();
  }

  private ReadingView.NoteView clearance(Clearance clearance) {
    String name = clearance.keepOut().name().toLowerCase(Locale.ENGLISH);
    return switch (clearance) {
      case Clearance.Clear clear ->
          new ReadingView.NoteView(
              ReadingView.NoteLevel.FINE, Words.say("clear.by", name, tape.show(clear.byMm())));
      case Clearance.Lands lands ->
          stop(
              lands.items() == 1
                  ? Words.say("clear.lands.one", name)
                  : Words.say("clear.lands.many", name, lands.items()));
    };
  }

  private static ReadingView.NoteView stop(String text) {
    return new ReadingView.NoteView(ReadingView.NoteLevel.STOP, text);
  }

  private static String cells(Face face, List<Item> items) {
    MapGrid grid = MapGrid.over(face.outline());
    String first = grid.cellOf(items.getFirst().centre());
    String last = grid.cellOf(items.getLast().centre());
    return first.equals(last) ? first : first + "–" + last;
  }

  static ReadingView.ItemView item(Item item, int pass) {
    return new ReadingView.ItemView(
        item.centre().xMm(),
        item.centre().yMm(),
        item.turnDeg(),
        item.share(),
        Boxes.view(item.visible()),
        item.onKeepOut(),
        pass);
  }

  private Measure measure(double mm) {
    return Measure.of(mm, tape);
  }

  private static Run run(Lay lay) {
    return switch (lay.rule()) {
      case Run run -> run;
    };
  }
}
