package craftmap.server.gather;

import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Place;
import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.supply.Provision;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.Benches;
import craftmap.server.coats.CoatViews;
import craftmap.server.coats.GroupNames;
import craftmap.server.coats.RecipeWords;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.view.LayView;
import craftmap.server.shelf.Available;
import craftmap.server.shelf.KeepingWords;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a piece takes; a lay is done when its use is booked. */
@RestController
@RequestMapping("/api/pieces/{id}")
class GatherController {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;
  private final GatherService gathering;
  private final ShelfService shelf;
  private final Benches benches;
  private final Clock clock;

  GatherController(
      Pieces pieces,
      PlanReadings readings,
      PlanViews views,
      GatherService gathering,
      ShelfService shelf,
      Benches benches,
      Clock clock) {
    this.benches = benches;
    this.clock = clock;
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
    this.gathering = gathering;
    this.shelf = shelf;
  }

  /**
   * What a piece takes.
   *
   * @param unnamed lays that something out of a pot is needed for, and no pot is named
   * @param unrolled lays that are cut from film or vinyl, and no roll on the shelf is wide enough
   * @param unowned coats and preparation for which nothing stands on the shelf
   * @param mixes what has to be mixed
   * @param sundriesText sandpaper and tape; absent where none is used up
   * @param notLaid lays that do not fit, of which nothing is counted
   * @param complete whether all that is needed is counted, and there
   */
  record GatherView(
      List<NeedView> needs,
      List<DesignNeedView> designs,
      List<UnnamedView> unnamed,
      List<UnnamedView> unrolled,
      List<UnownedView> unowned,
      List<MixToMakeView> mixes,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String sundriesText,
      List<UseView> notLaid,
      boolean complete) {}

  /** A coat, or preparation, that nothing on the shelf is for. */
  record UnownedView(
      String groupId,
      String band,
      String title,
      String groupText,
      String needText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PotThereView there) {}

  /**
   * Something to mix.
   *
   * @param forText of which coats, or castings
   * @param lines how it is made, in the order it is done
   */
  record MixToMakeView(
      String useId, String title, String where, String forText, List<String> lines) {}

  /** A pot of just that kind and colour, with enough in it. */
  record PotThereView(String potId, String potName) {}

  /**
   * How other pots of the same paint help out.
   *
   * @param moves what comes out of another pot than it is planned to
   * @param runOver what is more than any of them has: they are poured together first
   */
  record PotSplitView(String text, List<PotMoveView> moves, List<String> runOver) {}

  record PotMoveView(
      String useId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatOfUseView coat,
      String title,
      String needText,
      String potId,
      String potText) {}

  /**
   * A lay without a pot.
   *
   * @param needText about how much of it, by a typical label
   */
  record UnnamedView(String layId, String faceId, String title, String roleText, String needText) {}

  /**
   * A design that is used up.
   *
   * @param holdingId the stock whose ledger tells most; absent where there is none
   * @param shade what it shows in where it has no picture
   */
  record DesignNeedView(
      String designId,
      String name,
      String kindText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String holdingId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String shade,
      String needText,
      String availableText,
      boolean enough,
      String verdictText,
      List<DesignUseView> uses) {}

  record DesignUseView(String layId, String faceId, String title, String needText) {}

  /**
   * One pot against its lays.
   *
   * @param needMl for what is not done yet
   * @param othersText what other pieces asked for before this one
   * @param afterShare how full the pot is when all is done, 0 to 1
   * @param warnings that it goes off, or was opened too long ago
   */
  record NeedView(
      String potId,
      String potName,
      String colour,
      double levelMl,
      double holdsMl,
      double needMl,
      double fullShare,
      double afterShare,
      String levelText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String othersText,
      String needText,
      boolean enough,
      String verdictText,
      List<String> warnings,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PotSplitView split,
      List<UseView> uses) {}

  /**
   * One lay, coat or step of preparation.
   *
   * @param faceId where it lies; of a coat the first face of its group
   * @param coat the group and band of a coat; absent for a lay
   * @param needText what it still takes; once it is done, what it was planned to take
   * @param benchText what of it was done step by step; absent where nothing was
   * @param byHand whether it was booked as a whole, and can be taken back so
   * @param bookedText what the ledger says it took, once it is done
   * @param changedText the plan's figure, where it changed after the booking
   */
  record UseView(
      String layId,
      String faceId,
      String title,
      String where,
      String needText,
      boolean done,
      boolean byHand,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String benchText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String bookedText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String changedText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) CoatOfUseView coat,
      List<LayView.WhyView> why) {}

  record CoatOfUseView(String groupId, String band) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/gather")
  GatherView gather(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    List<LayView> lays =
        views.view(studio, piece).faces().stream().flatMap(f -> f.lays().stream()).toList();
    Gathering gathered = gathering.gather(studio, piece);
    GroupNames names = new GroupNames(readings.read(studio, piece.plan()));
    LocalDate today = LocalDate.ofInstant(clock.instant(), benches.of(studio).zone());
    return new GatherView(
        gathered.needs().stream().map(n -> need(n, gathered, lays, names, today)).toList(),
        gathered.designs().stream().map(d -> design(studio, d, lays)).toList(),
        gathered.unnamed().stream().map(l -> unnamed(l, lays)).toList(),
        gathered.unrolled().stream().map(l -> unrolled(l, lays, studio.tape())).toList(),
        gathered.unowned().stream().map(u -> unowned(u, names)).toList(),
        MixesToMake.of(gathered).stream().map(m -> mix(m, lays, names)).toList(),
        sundries(gathered.sundries(), studio.tape()),
        gathered.notLaid().stream().map(l -> notLaid(l, lays)).toList(),
        gathered.isComplete());
  }

  private static MixToMakeView mix(MixesToMake.MixFor mix, List<LayView> lays, GroupNames names) {
    List<String> lines = RecipeWords.of(mix.recipe());
    return switch (mix.what()) {
      case Gathering.What.OfBand of ->
          new MixToMakeView(
              of.id(),
              CoatViews.title(of.band()),
              names.name(of.group().group()),
              Words.say("recipe.coat." + mix.part(), mix.coats()),
              lines);
      case Gathering.What.OfMend of ->
          new MixToMakeView(of.id(), mended(of), "", Words.say("recipe.casting"), lines);
      case Gathering.What.OfLay of -> {
        LayView lay = view(of.id(), lays);
        yield new MixToMakeView(
            lay.id(), lay.title(), lay.where(), Words.say("recipe.casting"), lines);
      }
    };
  }

  private static UnnamedView unnamed(LayReading.Laid laid, List<LayView> lays) {
    LayView lay = view(laid.lay().id(), lays);
    return new UnnamedView(
        lay.id(),
        lay.faceId(),
        lay.title(),
        lay.putOn().text(),
        Words.millilitres(laid.takes().potMl()));
  }

  private static UnnamedView unrolled(LayReading.Laid laid, List<LayView> lays, TapeDivision tape) {
    LayView lay = view(laid.lay().id(), lays);
    Need.Film film = laid.takes().find(Need.Film.class).orElseThrow();
    return new UnnamedView(
        lay.id(),
        lay.faceId(),
        lay.title(),
        Words.say("gather.film." + film.of().name(), tape.show(film.widthMm())),
        Measure.longText(film.lengthMm(), tape));
  }

  private DesignNeedView design(Studio studio, Gathering.DesignNeed need, List<LayView> lays) {
    Design design = need.design();
    return new DesignNeedView(
        design.id(),
        design.name(),
        Words.say("designOne", design.kind()),
        need.stock().isEmpty() ? null : need.stock().getFirst().id(),
        shelf.design(studio.id(), design.id()).flatMap(OwnedDesign::pictureAddress).orElse(null),
        design.colours().stream().findFirst().map(Colour::hex).orElse(null),
        needText(studio, need),
        need.stock().isEmpty() ? Words.say("stock.none") : quantity(studio, need, need.mine()),
        need.provision() instanceof Provision.Enough,
        need.isUsed()
            ? Words.say("gather.cut")
            : switch (need.provision()) {
              case Provision.Enough e -> Words.say("enough", quantity(studio, need, e.left()));
              case Provision.Short s -> Words.say("short", quantity(studio, need, s.by()));
            },
        need.wanted().stream()
            .map(
                w -> {
                  LayView lay = view(w.laid().lay().id(), lays);
                  return new DesignUseView(
                      lay.id(), lay.faceId(), lay.title(), quantity(studio, need, w.quantity()));
                })
            .toList());
  }

  /** For all its lays; where they share sheets that is less than their sum, and said so. */
  private static String needText(Studio studio, Gathering.DesignNeed need) {
    String all = quantity(studio, need, need.quantity());
    double sum = need.wanted().stream().mapToDouble(u -> u.quantity()).sum();
    return sum > need.quantity() + Tolerance.EXACT.lengthMm()
        ? Words.say("gather.shared", all, need.wanted().size())
        : all;
  }

  private static String quantity(Studio studio, Gathering.DesignNeed need, double quantity) {
    return Available.text(quantity, need.unit(), studio.tape());
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/lays/{layId}/done")
  GatherView done(Asker asker, @PathVariable String id, @PathVariable String layId) {
    gathering.done(asker.studio(), id, layId, asker.person());
    return gather(asker, id);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/lays/{layId}/done")
  GatherView notDone(Asker asker, @PathVariable String id, @PathVariable String layId) {
    gathering.notDone(asker.studio(), id, layId, asker.person());
    return gather(asker, id);
  }

  private static NeedView need(
      Gathering.Need need, Gathering all, List<LayView> lays, GroupNames names, LocalDate today) {
    double level = need.pot().levelMl();
    double holds = need.pot().holdsMl();
    return new NeedView(
        need.pot().label().id(),
        need.pot().label().name(),
        need.pot().label().colour().hex(),
        level,
        holds,
        need.stillNeededMl(),
        Math.clamp(level / holds, 0, 1),
        Math.clamp((level - need.stillNeededMl()) / holds, 0, 1),
        Words.millilitres(level),
        need.othersMl() > 0.0005
            ? Words.say("gather.others", Words.millilitres(need.othersMl()))
            : null,
        Words.millilitres(need.stillNeededMl()),
        need.provision() instanceof Provision.Enough,
        switch (need.provision()) {
          case Provision.Enough e -> Words.say("enough", Words.millilitres(e.left()));
          case Provision.Short s -> Words.say("short", Words.millilitres(s.by()));
        },
        KeepingWords.of(need.pot(), today),
        need.split().map(s -> split(s, all, lays, names)).orElse(null),
        need.uses().stream().map(u -> use(u, lays, names)).toList());
  }

  private static PotSplitView split(
      Gathering.Split split, Gathering all, List<LayView> lays, GroupNames names) {
    List<PotMoveView> moves = new ArrayList<>();
    List<String> runOver = new ArrayList<>();
    for (Gathering.Need need : all.needs()) {
      for (Gathering.Use use : need.uses()) {
        String id = use.what().id();
        UseView said = use(use, lays, names);
        String title = said.coat() == null ? said.title() : said.title() + ", " + said.where();
        String pot = split.how().pots().get(id);
        if (split.how().runOver().contains(id)) {
          runOver.add(title);
        } else if (pot != null && !pot.equals(need.pot().holding().id())) {
          Pot from =
              split.pots().stream()
                  .filter(p -> p.holding().id().equals(pot))
                  .findFirst()
                  .orElseThrow();
          moves.add(
              new PotMoveView(
                  id, said.coat(), title, said.needText(), pot, from.holding().code().text()));
        }
      }
    }
    return new PotSplitView(
        Words.say(runOver.isEmpty() ? "gather.split" : "gather.poured", split.pots().size()),
        moves,
        runOver);
  }

  private static UseView use(Gathering.Use use, List<LayView> lays, GroupNames names) {
    String planned = Words.millilitres(use.what().ml());
    String needs = use.isDone() ? planned : Words.millilitres(use.leftMl());
    String booked = use.isDone() ? Words.millilitres(use.tookMl()) : null;
    boolean byHand = use.bookedMl().isPresent();
    BenchUses.Worked bench = use.atTheBench();
    String worked =
        bench.done() == 0
            ? null
            : Words.say(
                "gather.bench", bench.done(), bench.steps(), Words.millilitres(bench.bookedMl()));
    String changed = byHand && bench.done() == 0 && !planned.equals(booked) ? planned : null;
    return switch (use.what()) {
      case Gathering.What.OfLay of -> {
        LayView lay = view(of.id(), lays);
        yield new UseView(
            lay.id(),
            lay.faceId(),
            lay.title(),
            lay.where(),
            needs,
            use.isDone(),
            byHand,
            worked,
            booked,
            changed,
            null,
            lay.laid().why());
      }
      case Gathering.What.OfMend of ->
          new UseView(
              of.id(),
              of.group().map(g -> firstFace(g.group())).orElse(""),
              mended(of),
              of.group().map(g -> names.name(g.group())).orElse(""),
              needs,
              use.isDone(),
              byHand,
              worked,
              booked,
              changed,
              null,
              List.of());
      case Gathering.What.OfBand of ->
          new UseView(
              of.id(),
              firstFace(of.group().group()),
              CoatViews.title(of.band()),
              names.name(of.group().group()),
              needs,
              use.isDone(),
              byHand,
              worked,
              booked,
              changed,
              new CoatOfUseView(of.group().group().id(), of.band().band().key()),
              CoatViews.sums(of.band()));
    };
  }

  private static String mended(Gathering.What.OfMend of) {
    return Words.say("mend." + of.remedy());
  }

  private static String firstFace(Group group) {
    return group.places().stream()
        .filter(Place.OfFace.class::isInstance)
        .map(p -> ((Place.OfFace) p).faceId())
        .findFirst()
        .orElse("");
  }

  private static UnownedView unowned(Gathering.Unowned missing, GroupNames names) {
    Optional<GroupReading> group =
        switch (missing.what()) {
          case Gathering.What.OfBand of -> Optional.of(of.group());
          case Gathering.What.OfMend of -> of.group();
          case Gathering.What.OfLay _ -> Optional.empty();
        };
    return new UnownedView(
        group.map(g -> g.group().id()).orElse(""),
        missing.what() instanceof Gathering.What.OfBand of
            ? of.band().band().key()
            : missing.what().id(),
        switch (missing.what()) {
          case Gathering.What.OfBand of -> CoatViews.title(of.band());
          case Gathering.What.OfMend of ->
              Words.say("gather.mend", mended(of), missing.medium().name());
          case Gathering.What.OfLay of -> of.laid().design().name();
        },
        group.map(g -> names.name(g.group())).orElse(""),
        Words.millilitres(missing.leftMl()),
        missing
            .there()
            .map(p -> new PotThereView(p.holding().id(), p.medium().name()))
            .orElse(null));
  }

  private static String sundries(Gathering.Sundries of, TapeDivision tape) {
    List<String> all = new ArrayList<>();
    if (of.sandpaperSheets() > 0) {
      all.add(Words.say("gather.sandpaper", (int) of.sandpaperSheets()));
    }
    if (of.tapeMm() > 0) {
      all.add(Words.say("gather.tape", Measure.longText(of.tapeMm(), tape)));
    }
    return all.isEmpty() ? null : String.join(", ", all);
  }

  private static UseView notLaid(LayReading reading, List<LayView> lays) {
    LayView lay = view(reading.lay().id(), lays);
    return new UseView(
        lay.id(),
        lay.faceId(),
        lay.title(),
        lay.where(),
        "",
        false,
        false,
        null,
        null,
        null,
        null,
        List.of());
  }

  private static LayView view(String layId, List<LayView> lays) {
    return lays.stream().filter(l -> l.id().equals(layId)).findFirst().orElseThrow();
  }
}
