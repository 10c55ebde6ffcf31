package craftmap.server.coats;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.coats.Pace;
import craftmap.core.coats.Place;
import craftmap.core.coats.PrimerChoice;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Times;
import craftmap.core.medium.Drying;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.supply.StockUnit;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Finish;
import craftmap.core.surface.Zone;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.piece.view.LayView;
import craftmap.server.piece.view.ReadingView;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Says what the coats of a piece come to, in the studio's units. */
public final class CoatViews {
  private static final int MOST_CHOICES = 3;

  /** A blend is shown as on a face so high, whatever its faces are. */
  private static final double HALF_A_METRE_MM = 500;

  private final Plan plan;
  private final PlanReading reading;
  private final CoatsReading coats;
  private final CoatShelf shelf;
  private final Map<String, List<ReadingView.NoteView>> laid;
  private final GroupNames names;
  private final TapeDivision tape;
  private final FigureWords words;
  private final Climate climate;

  CoatViews(
      Plan plan,
      PlanReading reading,
      CoatsReading coats,
      CoatShelf shelf,
      Map<String, List<ReadingView.NoteView>> laid,
      TapeDivision tape,
      Climate climate) {
    this.climate = climate;
    this.laid = laid;
    this.shelf = shelf;
    this.plan = plan;
    this.reading = reading;
    this.names = new GroupNames(reading);
    this.coats = coats;
    this.tape = tape;
    this.words = new FigureWords(tape);
  }

  CoatsView view() {
    return new CoatsView(
        CoatsMapper.doc(coats.habits()),
        coats.groups().stream().map(this::group).toList(),
        free(),
        products());
  }

  private List<CoatsView.CoatProductView> products() {
    List<CoatsView.CoatProductView> all = new ArrayList<>();
    for (InHand pot : shelf.pots()) {
      all.add(
          product(
              new Wish.Product.OfPot(pot.potId().orElseThrow()),
              pot.medium(),
              Optional.of(quantity(pot.medium(), pot.freeMl()))));
    }
    for (GenericMedium kind : GenericMedium.all()) {
      all.add(product(new Wish.Product.OfKind(kind.key()), kind.medium(), Optional.empty()));
    }
    return all;
  }

  private static CoatsView.CoatProductView product(
      Wish.Product product, Medium medium, Optional<String> level) {
    return new CoatsView.CoatProductView(
        CoatsMapper.doc(product),
        medium.name(),
        medium.coverage().colour().hex(),
        medium.kind().role(),
        Words.say("choice", medium.kind().role()),
        level.isPresent(),
        level.orElse(null));
  }

  private CoatsView.GroupView group(GroupReading group) {
    Group of = group.group();
    return new CoatsView.GroupView(
        of.id(),
        names.name(of),
        plan.coats().group(of.id()).isPresent(),
        !of.wishes().isNone(),
        of.places().stream()
            .map(p -> new CoatsView.CoatPlaceView(CoatsMapper.doc(p), names.name(p)))
            .toList(),
        surface(group),
        swatches(group),
        group.shows().hex(),
        ReadingView.BlendStopView.all(group.blend(), HALF_A_METRE_MM),
        group.bands().stream().map(b -> band(group, b)).toList(),
        group.choices().stream().limit(MOST_CHOICES).map(c -> choice(group, c)).toList(),
        group.findings().stream().map(this::finding).toList(),
        of.wishes().without().stream()
            .map(k -> new CoatsView.LeftOutView(k, Words.orElse("band." + k.replace(':', '.'), k)))
            .toList(),
        group.open().stream().map(CoatFinding::level).max(Comparator.naturalOrder()).orElse(null),
        total(group),
        Words.time(group.handsOn()),
        CoatsMapper.doc(of.wishes()));
  }

  /** The surface, and what shows after each coat over all of it. */
  public static List<String> swatches(GroupReading group) {
    List<String> swatches = new ArrayList<>();
    swatches.add(group.surface().now().hex());
    group.bands().stream()
        .filter(b -> b.band() instanceof Band.Coat c && c.where().tintsAll())
        .flatMap(b -> b.shades().stream())
        .forEach(s -> swatches.add(s.colour().hex()));
    return swatches;
  }

  public static String total(GroupReading group) {
    int count = group.coats();
    return count == 0
        ? Words.say("coats.left")
        : Words.say("coats.total", count, Words.millilitres(group.ml()));
  }

  // ---- names

  /** Every face, zone and part. */
  private List<CoatsView.CoatPlaceView> free() {
    List<CoatsView.CoatPlaceView> all = new ArrayList<>();
    for (PlanReading.FaceReading f : reading.faces()) {
      if (!f.place().shown()) {
        continue;
      }
      all.add(free(new Place.OfFace(f.face().id())));
      for (Zone zone : f.face().marks().zones()) {
        all.add(free(new Place.OfZone(f.face().id(), zone.id())));
      }
    }
    for (Place.Parts parts : Place.Parts.values()) {
      all.add(free(new Place.OfParts(parts, 0)));
    }
    return all;
  }

  private CoatsView.CoatPlaceView free(Place place) {
    return new CoatsView.CoatPlaceView(CoatsMapper.doc(place), names.name(place));
  }

  // ---- the surface

  private CoatsView.SurfaceView surface(GroupReading group) {
    var s = group.surface();
    String makeUp = Words.say("makeUp", s.makeUp());
    return new CoatsView.SurfaceView(
        s.makeUp(),
        s.finish(),
        makeUp,
        s.finish() == Finish.BARE
            ? Words.say("coats.bare")
            : Words.say("coats.finish", Words.lower(Words.say("finish", s.finish()))),
        Words.squareMetres(s.areaMm2()),
        s.now().hex(),
        s.wanted().hex(),
        s.damage().stream().map(Blemish::kind).toList());
  }

  // ---- bands

  private CoatsView.BandView band(GroupReading group, BandReading b) {
    return switch (b.band()) {
      case Band.Step step -> step(group, step, b);
      case Band.Coat coat -> coat(group, coat, b);
      case Band.OfLay lay -> lay(lay, b);
    };
  }

  private CoatsView.BandView step(GroupReading group, Band.Step step, BandReading b) {
    boolean dressing = step.kind().isDressing();
    return new CoatsView.BandView(
        step.key(),
        dressing ? CoatsView.Look.DRESSING : CoatsView.Look.STEP,
        Words.say("step", step.kind()),
        stepNote(group, step, b),
        "",
        "",
        b.ml() > 0 ? Words.millilitres(b.ml()) : "",
        null,
        Words.time(b.handsOn()),
        b.shades().stream()
            .map(s -> new CoatsView.ShadeView(s.colour().hex(), Words.say("step.shade")))
            .toList(),
        b.under().colour().hex(),
        b.shades().isEmpty() ? null : b.shades().getLast().colour().hex(),
        step.own(),
        step.kind(),
        null,
        null,
        List.of(
            new LayView.WhyView(
                Words.time(b.handsOn()),
                Words.say(
                    "step.why." + step.kind(),
                    Words.squareMetres(group.surface().areaMm2()),
                    Decimals.show(Pace.of(step.kind()), 2),
                    Decimals.show(Pace.M2_PER_SHEET, 1)))),
        BandHints.of(b),
        LearnedHints.of(b, shelf.learned()),
        dressing ? CoatsMapper.doc(step.where()) : null);
  }

  private String stepNote(GroupReading group, Band.Step step, BandReading b) {
    return switch (step.kind()) {
      case SAND ->
          Words.say(
              "step.note.SAND",
              step.grits().stream().map(g -> "" + g).collect(Collectors.joining(", ")),
              Decimals.show(Math.max(0.25, Math.ceil(b.sheets() * 4) / 4), 2));
      case FILL ->
          Words.say(
              "step.note.FILL",
              group.surface().hollows().size(),
              Words.millilitres(group.surface().fillMl()));
      case MASK -> Words.say("step.note.MASK", Measure.longText(b.tapeMm(), tape));
      case WAX_OFF, STRIP -> Words.say("step.note." + step.kind(), step.passes());
      case TEST_FOR_LEAD, CLEAN, DUST_OFF -> Words.say("step.note." + step.kind());
      case RESIST, DISTRESS -> Words.say("step.note." + step.kind(), where(step.where()));
    };
  }

  private CoatsView.BandView coat(GroupReading group, Band.Coat coat, BandReading b) {
    Medium medium = coat.of().medium();
    Wish wish = group.group().wishes().coat(coat.key());
    return new CoatsView.BandView(
        coat.key(),
        look(coat),
        coat.of().isOwned() || !isTriedOn(wish, coat)
            ? medium.name()
            : Words.say("coats.asIf", medium.coverage().colour().hex()),
        Words.say(
            "coat.note",
            coat.times(),
            Words.lower(Words.say("toolKind", coat.tool().kind())),
            where(coat.where())),
        dry(coat),
        isRubbed(coat) ? dry(coat) : here(medium),
        quantity(medium, b.ml()),
        coat.of().isOwned() ? quantity(medium, coat.of().freeMl()) : null,
        Words.time(b.handsOn()),
        shades(coat, b),
        b.under().colour().hex(),
        medium.coverage().colour().hex(),
        coat.own(),
        null,
        new CoatsView.CoatView(
            coat.role(),
            Words.say("choice", coat.role()),
            CoatsMapper.doc(coat.key(), wish),
            CoatsMapper.doc(coat.where()),
            coat.tool().kind(),
            coat.times(),
            coat.timesChosen(),
            coat.of().isOwned(),
            coat.isOpaque(),
            coat.of().potId().orElse(null)),
        null,
        why(coat, b),
        BandHints.of(b),
        LearnedHints.of(b, shelf.learned()),
        null);
  }

  private static boolean isTriedOn(Wish wish, Band.Coat coat) {
    return coat.role() == Role.PAINT && coat.key().equals(Band.GROUND)
        || wish.product().filter(Wish.Product.AsIf.class::isInstance).isPresent();
  }

  private static CoatsView.Look look(Band.Coat coat) {
    return switch (coat.where()) {
      case Where.HighSpots _, Where.Recesses _, Where.Splatter _ -> CoatsView.Look.SPOTS;
      case Where.Blended _ -> CoatsView.Look.BLEND;
      case Where.Poured _ -> CoatsView.Look.POUR;
      case Where.Edges _ -> CoatsView.Look.EDGES;
      case Where.WipedBack _ -> CoatsView.Look.WASH;
      case Where.All _ -> coat.hides() > 0 ? CoatsView.Look.COAT : CoatsView.Look.CLEAR;
    };
  }

  private String where(Where where) {
    return switch (where) {
      case Where.All _ -> "";
      case Where.Edges(double widthMm, double part) when part < 1 ->
          Words.say("where.EDGES.part", tape.show(widthMm), Words.percent(part));
      case Where.Edges e -> Words.say("where.EDGES", tape.show(e.widthMm()));
      case Where.Splatter s -> Words.say("where.SPLATTER", Words.percent(s.share()));
      case Where.Poured p -> Words.say("where.POURED", Decimals.show(p.thicknessMm(), 1));
      case Where.Blended b ->
          Words.say(
              "where.BLENDED",
              Words.percent(b.from()),
              Words.percent(b.to()),
              tape.show(b.bandMm()));
      case Where.HighSpots h -> Words.say("where.HIGH_SPOTS", Words.percent(h.share()));
      case Where.Recesses r -> Words.say("where.RECESSES", Words.percent(r.share()));
      case Where.WipedBack _ -> Words.say("where.WIPED_BACK");
    };
  }

  private static String dry(Band.Coat coat) {
    Drying d = coat.of().medium().drying();
    return isRubbed(coat)
        ? Words.say("coat.buff", Words.time(d.touchDry()), Words.time(d.cure()))
        : dries(coat.of().medium(), 1);
  }

  private static boolean isRubbed(Band.Coat coat) {
    return coat.role() == Role.WAX || coat.role() == Role.METALLIC_WAX;
  }

  /** At noon where the studio lets things dry; what goes on at night is the business of Order. */
  private String here(Medium medium) {
    return dries(medium, DryingLaw.of(medium.kind().base()).factor(climate));
  }

  private static String dries(Medium medium, double factor) {
    Drying d = medium.drying();
    return Words.say(
        "coat.dry",
        Words.minutes(Times.minutes(d.touchDry()) * factor),
        Words.minutes(Times.minutes(d.recoatFrom()) * factor));
  }

  private static String quantity(Medium medium, double ml) {
    return medium.unit() == StockUnit.G ? Words.grams(medium.inItsUnit(ml)) : Words.millilitres(ml);
  }

  private static List<CoatsView.ShadeView> shades(Band.Coat coat, BandReading b) {
    List<CoatsView.ShadeView> views = new ArrayList<>();
    int n = 1;
    for (BandReading.Shade shade : b.shades()) {
      boolean last = n == b.shades().size();
      String text =
          coat.isOpaque()
              ? Words.say(
                  last ? "coat.shade.last" : "coat.shade", n, Decimals.show(shade.departs(), 1))
              : Words.say("coat.shade.clear", n);
      views.add(new CoatsView.ShadeView(shade.colour().hex(), text));
      n++;
    }
    return views;
  }

  /** What a band is called in a list. */
  public static String title(BandReading b) {
    return switch (b.band()) {
      case Band.Coat coat -> Words.say("coat.title", coat.of().medium().name(), coat.times());
      case Band.Step step -> Words.say("step", step.kind());
      case Band.OfLay lay -> lay.lay().name();
    };
  }

  /** The build-up of a group on paper, from the surface up, a line each. */
  public static List<String> lines(GroupReading group) {
    return group.bands().stream()
        .map(b -> b.ml() > 0 ? title(b) + ", " + Words.millilitres(b.ml()) : title(b))
        .toList();
  }

  /** The same of all groups, by their names. */
  public static Map<String, List<String>> lines(PlanReading reading, CoatsReading coats) {
    GroupNames names = new GroupNames(reading);
    Map<String, List<String>> all = new LinkedHashMap<>();
    coats.groups().forEach(g -> all.put(names.name(g.group()), lines(g)));
    return all;
  }

  /** How a volume was worked out; nothing where it follows from what is not an area. */
  public static List<LayView.WhyView> sums(BandReading b) {
    return b.band() instanceof Band.Coat coat ? why(coat, b) : List.of();
  }

  private static List<LayView.WhyView> why(Band.Coat coat, BandReading b) {
    List<LayView.WhyView> why = new ArrayList<>();
    b.sum()
        .ifPresent(
            s ->
                why.add(
                    new LayView.WhyView(
                        quantity(coat.of().medium(), b.ml()),
                        Words.say(
                            "coat.why",
                            Words.squareMetres(s.areaMm2()),
                            Words.percent(s.where()),
                            Decimals.show(s.firstCoat() + s.times() - 1, 2),
                            Decimals.show(s.spreadM2PerLitre(), 2),
                            Words.percent(s.loss())))));
    if (coat.isOpaque() && !b.shades().isEmpty()) {
      why.add(
          new LayView.WhyView(
              Words.say("coat.count", coat.times()),
              Words.say(
                  "coat.why.hides",
                  Words.percent(coat.hides()),
                  Decimals.show(b.shades().getLast().departs(), 2))));
    }
    why.add(
        new LayView.WhyView(
            Words.time(b.handsOn()),
            Words.say(
                "coat.why.time",
                Decimals.show(coat.tool().coversM2PerMin(), 3),
                coat.times(),
                Decimals.show(Pace.SET_UP_MINUTES, 0))));
    return why;
  }

  private CoatsView.BandView lay(Band.OfLay lay, BandReading b) {
    var of = lay.lay();
    String faceId = plan.lay(of.layId()).map(l -> l.faceId()).orElse("");
    boolean painted = of.design().filter(d -> d.isPainted()).isPresent();
    return new CoatsView.BandView(
        lay.key(),
        of.isRelief()
            ? CoatsView.Look.RELIEF
            : painted ? CoatsView.Look.PAINTED : CoatsView.Look.PRINT,
        of.name().isEmpty() ? Words.say("coats.goneLay") : of.name(),
        of.pot()
            .map(p -> Words.say("lay.note", of.coats(), p.name()))
            .orElse(Words.say("lay.noteNoPot")),
        of.pot().map(p -> dries(p, 1)).orElse(""),
        of.pot().map(this::here).orElse(""),
        of.ml() > 0 ? Words.millilitres(of.ml()) : "",
        null,
        Words.time(b.handsOn()),
        List.of(),
        b.under().colour().hex(),
        of.pot().map(p -> p.coverage().colour().hex()).orElse(null),
        true,
        null,
        null,
        new CoatsView.LayOfBandView(
            of.layId(),
            faceId,
            of.design().filter(d -> !painted).map(d -> d.id()).orElse(null),
            notes(of.layId())),
        List.of(),
        List.of(),
        reading.led(of.layId()).map(l -> LearnedHints.of(l, shelf.learned())).orElse(List.of()),
        null);
  }

  /** What was found about a lay on any of its faces, the worst first. */
  private List<ReadingView.NoteView> notes(String layId) {
    return laid.getOrDefault(layId, List.of()).stream()
        .filter(n -> n.level() != ReadingView.NoteLevel.FINE)
        .distinct()
        .sorted(Comparator.comparing(ReadingView.NoteView::level).reversed())
        .toList();
  }

  // ---- choices and findings

  private CoatsView.GroundChoiceView choice(GroupReading group, PrimerChoice c) {
    PrimerChoice best = group.choices().getFirst();
    String primer = c.primer().map(p -> p.medium().name()).orElse("");
    return new CoatsView.GroundChoiceView(
        c.primer().isEmpty()
            ? Words.say("choice.title.none", c.paintCoats())
            : Words.say("choice.title", c.paintCoats(), c.primerCoats(), Words.lower(primer)),
        swatches(group, c),
        c.primer().isEmpty()
            ? Words.millilitres(c.paintMl())
            : Words.say(
                "choice.takes", Words.millilitres(c.paintMl()), Words.millilitres(c.primerMl())),
        Words.time(c.handsOn()),
        reason(c, best),
        c == best,
        group.chosen().filter(c::equals).isPresent(),
        c.product().map(CoatsMapper::doc).orElse(null),
        c.primerCoats(),
        c.coats());
  }

  private static List<String> swatches(GroupReading group, PrimerChoice c) {
    List<String> all = new ArrayList<>();
    all.add(group.surface().now().hex());
    c.swatches().forEach(s -> all.add(s.hex()));
    return all;
  }

  private static String reason(PrimerChoice c, PrimerChoice best) {
    if (!c.hides()) {
      return Words.say("choice.hidesNot");
    }
    if (!c.lacks().isEmpty()) {
      return c.lacks().stream()
          .map(l -> Words.say("choice.lacks", l))
          .collect(Collectors.joining(" "));
    }
    if (c == best) {
      return Words.say("choice.best", c.coats());
    }
    int more = c.coats() - best.coats();
    if (more > 0) {
      return Words.say("choice.more", more);
    }
    Duration longer = c.handsOn().minus(best.handsOn());
    return longer.toMinutes() > 0
        ? Words.say("choice.longer", Words.time(longer))
        : c.primer().filter(p -> !p.isOwned()).isPresent()
            ? Words.say("choice.toBuy")
            : Words.say("choice.alike");
  }

  private CoatsView.FindingView finding(CoatFinding f) {
    return new CoatsView.FindingView(
        f.rule(),
        f.level(),
        f.safety(),
        f.band().orElse(""),
        Words.capital(words.text(f.what())),
        Words.capital(words.text(f.why())),
        f.mends().stream()
            .map(m -> new CoatsView.CoatMendView(m.code(), Words.capital(words.text(m.what()))))
            .toList(),
        f.note().orElse(null));
  }
}
