package craftmap.server.piece.view;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.finding.Finding;
import craftmap.core.finding.LayFindings;
import craftmap.core.finding.PotFindings;
import craftmap.core.finding.RightsFindings;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.border.Border;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.Corners;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.Wrap;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.Grid;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.Roller;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scatter;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.Collage;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.pieces.Strips;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.lay.rule.single.Lettering;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Pages;
import craftmap.core.lay.rule.single.Single;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.WholeFace;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plane.Box;
import craftmap.core.surface.Face;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.ZonePlace;
import craftmap.server.piece.document.PointDoc;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Says what one lay comes to. */
public final class LayViews {
  private static final int OPTIONS_DRAWN = 12;

  private final TapeDivision tape;
  private final Function<String, Optional<OwnedDesign>> shelf;
  private final FreeStock stock;
  private final PotsOfPiece pots;
  private final LayChoices choices;
  private final UnaryOperator<String> faceName;

  /** What lays share with others; nothing while one is looked at by itself. */
  private List<Pool> pools = List.of();

  private boolean forSale;

  /** With what faces are called, by their id. */
  LayViews(
      TapeDivision tape,
      Function<String, Optional<OwnedDesign>> shelf,
      FreeStock stock,
      PotsOfPiece pots,
      UnaryOperator<String> faceName) {
    this.tape = tape;
    this.shelf = shelf;
    this.stock = stock;
    this.pots = pots;
    this.choices = new LayChoices(tape, shelf);
    this.faceName = faceName;
  }

  /** Beside the other lays of its piece. */
  void among(List<Pool> all) {
    pools = all;
  }

  /** On a piece that goes to a buyer, or on one that does not. */
  void sold(boolean isForSale) {
    forSale = isForSale;
  }

  private Optional<Pool> poolOf(LayReading.Laid laid) {
    return pools.stream()
        .filter(p -> p.design().id().equals(laid.design().id()) && p.has(laid.lay().id()))
        .findFirst();
  }

  /** What was found about a lay, without the rest of it. */
  public List<ReadingView.NoteView> notes(Face face, LayReading reading) {
    return switch (reading) {
      case LayReading.Laid laid -> notes(face, laid);
      case LayReading.DoesNotFit doesNot ->
          List.of(FindingWords.stop("does-not-fit", why(doesNot.why())));
      case LayReading.Missing missing -> List.of(FindingWords.stop("missing", text(missing)));
    };
  }

  private static String text(LayReading.Missing missing) {
    return Words.say(
        missing.what() == LayReading.What.POT ? "fit.missingPot" : "fit.missingDesign");
  }

  public LayView view(Face face, LayReading reading) {
    return switch (reading) {
      case LayReading.Laid laid ->
          view(
              face,
              laid.lay(),
              Optional.of(laid.design()),
              laid.pot().map(PotLabel::name).orElse(""),
              laid.shownIn().map(Colour::hex).orElse(ArtViews.ownColour(laid.design())),
              where(face, laid),
              Optional.of(laid),
              notes(face, reading));
      case LayReading.DoesNotFit doesNot ->
          view(
              face,
              doesNot.lay(),
              doesNot.design(),
              doesNot.pot().map(PotLabel::name).orElse(""),
              doesNot.pot().map(p -> p.colour().hex()).orElse("#6C6A62"),
              why(doesNot.why()),
              Optional.empty(),
              notes(face, reading));
      case LayReading.Missing missing ->
          view(
              face,
              missing.lay(),
              missing.lay().designId().flatMap(shelf).map(OwnedDesign::design),
              missing.what() == LayReading.What.POT ? "?" : "",
              "#6C6A62",
              text(missing),
              Optional.empty(),
              notes(face, reading));
    };
  }

  private List<ReadingView.NoteView> notes(Face face, LayReading.Laid laid) {
    List<Finding> found = new ArrayList<>(LayFindings.of(face, laid, tape));
    LayFindings.againstTheShelf(face, laid, poolOf(laid), () -> stock.of(laid.design().id()))
        .ifPresent(found::add);
    found.addAll(RightsFindings.of(face, laid, forSale));
    found.addAll(PotFindings.of(face, laid, pots.beside(laid)));
    return new FindingWords(tape).notes(found);
  }

  private LayView view(
      Face face,
      Lay lay,
      Optional<Design> design,
      String potName,
      String shownIn,
      String where,
      Optional<LayReading.Laid> laid,
      List<ReadingView.NoteView> notes) {
    String name =
        lay.designId().isEmpty()
            ? wordsOf(lay.rule())
            : lay.pieces()
                .part()
                .map(p -> Words.say("lay.part", p.name(), design.map(Design::name).orElse("?")))
                .orElse(design.map(Design::name).orElse("?"));
    Optional<ZonePlace> zone =
        laid.map(LayReading.Laid::zone).orElseGet(() -> LayChoices.zoneOf(face, lay));
    RuleNote note = lay.work().rule();
    MeasureSheet sheet = new MeasureSheet(note.measures(), note.choices());
    note.kind().read(sheet, note.points(), note.text());
    return new LayView(
        lay.id(),
        face.id(),
        laid.map(LayReading.Laid::lead).orElse(lay.faceId().equals(face.id())),
        lay.alsoOn(),
        zone.map(
                z ->
                    new LayView.AimView(
                        z.zone().id(), z.zone().name(), new PointDoc(z.at().xMm(), z.at().yMm())))
            .orElse(null),
        lay.rule().kind().goesOverFaces() && zone.isEmpty(),
        lay.designId().orElse(null),
        lay.cornerDesignId().orElse(null),
        choices.pieces(lay),
        LayChoices.motifs(lay, design),
        choices.parts(lay),
        laid.map(LayChoices::film).orElse(null),
        name,
        design
            .map(d -> Words.say("designOne", d.kind()))
            .orElse(Words.say("rule", lay.rule().kind())),
        zone.map(z -> Words.say("lay.inZone", title(face, lay, name), z.zone().name()))
            .orElse(title(face, lay, name)),
        where,
        lay.potId().orElse(null),
        potName,
        shownIn,
        LayChoices.putOn(design),
        lay.rule().kind(),
        Words.say("rule", lay.rule().kind()),
        LayChoices.suits(design, lay),
        choices.fields(sheet, lay, design),
        note.text().isEmpty() ? null : note.text(),
        lay.clearMm().isPresent() ? Measure.of(lay.clearMm().getAsDouble(), tape) : null,
        eye(lay.eye(), laid),
        lay.hidden(),
        lay.locked(),
        HandleViews.of(face, tape, lay, zone, design, laid.map(LayReading.Laid::chosen)),
        laid.map(l -> laid(face, l)).orElse(null),
        notes);
  }

  private static String wordsOf(LayRule rule) {
    // on a sign it is one line, however many the words stand in
    String text = rule.note().text().strip().replaceAll("\\s+", " ");
    return text.isEmpty() ? Words.say("rule", rule.kind()) : text;
  }

  private String title(Face face, Lay lay, String name) {
    if (lay.rule() instanceof Run run && run.line() instanceof EdgeLine line) {
      return Words.say("lay", line.edge(), name, tape.show(line.distanceMm()), face.name());
    }
    return Words.say(
        "lay.title", face.name(), name, Words.lower(Words.say("rule", lay.rule().kind())));
  }

  private static String where(Face face, LayReading.Laid laid) {
    String kind =
        laid.lay().designId().isEmpty()
            ? Words.say("rule", RuleKind.LETTERING)
            : Words.say("designOne", laid.design().kind());
    String counts =
        laid.chosen().arrangement() instanceof RunRow row
            ? Counts.motifs(row)
            : "" + laid.items().size();
    return switch (laid.chosen().arrangement()) {
      case RunRow row ->
          Words.say("lay.where.along", Words.lower(kind), counts, cells(face, laid.items()));
      case RingRows ring -> Words.say("lay.where.round", Words.lower(kind), counts);
      case BorderSides sides -> Words.say("lay.where.edges", Words.lower(kind), counts);
      case CornerSet corners -> Words.say("lay.where.corners", Words.lower(kind), counts);
      case FrameSides frame -> Words.say("lay.where.edges", Words.lower(kind), "" + frame.count());
      case AcrossFronts across ->
          laid.lay().alsoOn().isEmpty()
              ? Words.say("lay.where.picture", Words.lower(kind))
              : Words.say("lay.where.across", Words.lower(kind), laid.lay().faceIds().size());
      case SheetCover cover -> Words.say("lay.where.cover", Words.lower(kind), counts);
      case Wrapping wrap -> Words.say("lay.where.wrap", Words.lower(kind), wrap.parts().size());
      case RollStrips strips -> Words.say("lay.where.strips", Words.lower(kind), strips.strips());
      case ZoneArea zone -> Words.say("lay.where.zone", Words.lower(kind));
      case GridPattern _,
          Stand _,
          Scattering _,
          RollerStrips _,
          Wording _,
          CollageSet _,
          PageSet _ ->
          Words.say("lay.where.in", Words.lower(kind), counts, cells(face, laid.items()));
    };
  }

  private static String cells(Face face, List<Item> items) {
    if (items.isEmpty()) {
      return "";
    }
    MapGrid grid = MapGrid.over(face.outline());
    String first = grid.cellOf(items.getFirst().centre());
    String last = grid.cellOf(items.getLast().centre());
    return first.equals(last) ? first : first + "–" + last;
  }

  private LayView.EyeView eye(Eye eye, Optional<LayReading.Laid> laid) {
    return new LayView.EyeView(
        Measure.of(eye.wobbleMm(), tape),
        eye.wobbleDeg(),
        eye.seed(),
        eye.held().size(),
        laid.filter(l -> !eye.changesNothing()).map(this::eyeText).orElse(""));
  }

  /** A row by eye still tells its count, what even spacing would be, and what changed. */
  private String eyeText(LayReading.Laid laid) {
    String even =
        switch (laid.chosen().arrangement()) {
          case RunRow row -> Words.say("eye.even", row.count(), tape.show(row.gapMm()));
          case RingRows ring ->
              Words.say("eye.even", ring.count() * ring.across(), tape.show(ring.gapMm()));
          case BorderSides _,
              GridPattern _,
              Stand _,
              CornerSet _,
              Scattering _,
              RollerStrips _,
              FrameSides _,
              Wording _,
              AcrossFronts _,
              SheetCover _,
              Wrapping _,
              CollageSet _,
              RollStrips _,
              PageSet _,
              ZoneArea _ ->
              Words.say("eye.count", laid.items().size());
        };
    String moved = Words.say("eye.off", tape.show(laid.seen().farthestMm()));
    return laid.seen().put() == 0
        ? even + " " + moved
        : even + " " + moved + " " + Words.say("eye.put", laid.seen().put());
  }

  private LayView.LaidView laid(Face face, LayReading.Laid laid) {
    ArtViews arts = new ArtViews(face.outline(), shelf);
    List<Integer> passOf = laid.passes().map(StencilPasses::passOfEach).orElse(List.of());
    List<LayView.ItemView> items =
        arts.items(laid.items(), passOf.size() == laid.items().size() ? passOf : List.of());
    OptionWords words = words(face, laid);
    int passes = laid.passes().map(p -> p.passes().size()).orElse(1);
    int washes = laid.passes().map(StencilPasses::washes).orElse(0);
    double ml = laid.takes().potMl();
    return new LayView.LaidView(
        laid.options().stream().map(words::view).toList(),
        laid.options().indexOf(laid.chosen()),
        laid.pickState(),
        Words.say("pick", laid.pickState()),
        arts.arts(),
        items,
        laid.setOuts().stream().map(s -> SetOutViews.view(s, tape)).toList(),
        laid.items().size(),
        passes,
        washes,
        laid.passes().isPresent()
            ? Words.say("takes.positions", laid.items().size(), Counts.passes(passes))
                + ", "
                + Counts.washes(washes)
            : "" + laid.items().size(),
        ml,
        Words.millilitres(ml),
        Counts.coats(laid.lay().coats()),
        TakesViews.of(tape, laid, poolOf(laid)),
        TakesViews.why(tape, laid),
        new SheetViews(tape, shelf, faceName).of(laid));
  }

  private OptionWords words(Face face, LayReading.Laid laid) {
    LayRule rule = laid.lay().rule();
    RunWish wish =
        switch (rule) {
          case Run run -> run.wish();
          case Ring ring -> ring.wish();
          case Border border -> border.wish();
          case Grid grid -> grid.across();
          case Roller _,
              Single _,
              Corners _,
              Scatter _,
              Frame _,
              Lettering _,
              Across _,
              Cover _,
              Wrap _,
              Collage _,
              Strips _,
              Pages _,
              WholeFace _ ->
              new RunWish(0, 0, 0);
        };
    boolean level =
        !(rule instanceof Run run && run.line() instanceof EdgeLine line) || line.edge().isLevel();
    String motif =
        laid.lay().designId().flatMap(shelf).map(OwnedDesign::motif).orElse(Words.say("word"));
    return OptionWords.onFace(
        tape,
        wish,
        motif,
        level,
        face.outline().wraps(),
        new Box(0, 0, face.outline().widthMm(), face.outline().heightMm()));
  }

  /** What an option is called. */
  public String title(Face face, LayReading.Laid laid, LayOption option) {
    return words(face, laid).view(option).title();
  }

  /** The first options with their items, to be looked at side by side. */
  public List<LayView.OptionItems> options(Face face, LayReading reading) {
    if (!(reading instanceof LayReading.Laid laid)) {
      return List.of();
    }
    List<LayView.OptionItems> all = new ArrayList<>();
    for (LayOption option : laid.options().stream().limit(OPTIONS_DRAWN).toList()) {
      ArtViews arts = new ArtViews(face.outline(), shelf);
      List<LayView.ItemView> items = arts.items(option.items(), List.of());
      var a = option.arrangement();
      all.add(new LayView.OptionItems(a.way().name(), a.count(), a.across(), arts.arts(), items));
    }
    return all;
  }

  String why(LayAnswer answer) {
    return switch (answer) {
      case LayAnswer.TooLong t -> Words.say("fit.ringTooShort", tape.show(t.byMm()));
      case LayAnswer.NoRoom none -> Words.say("fit.noRoom", none.reason());
      case LayAnswer.Refused refused ->
          Words.say("fit.refused", new FigureWords(tape).refusal(refused.why()));
      case LayAnswer.Options fits ->
          throw new IllegalStateException("impossible state: it fits, " + fits.best());
    };
  }
}
