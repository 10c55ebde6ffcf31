package craftmap.server.shelf;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.ColourFamily;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.design.StencilDesign;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Role;
import craftmap.core.supply.ShelfCode;
import craftmap.core.supply.StockUnit;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.stock.Holding;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shelf as one looks along it, and as a plan chooses from it. */
@RestController
@RequestMapping("/api")
class ShelfController {
  private static final Set<Role> GROUNDS = EnumSet.of(Role.PAINT, Role.STAIN, Role.GLAZE);

  private final ShelfService shelf;
  private final ShelfSearch search;
  private final Holdings holdings;

  ShelfController(ShelfService shelf, ShelfSearch search, Holdings holdings) {
    this.shelf = shelf;
    this.search = search;
    this.holdings = holdings;
  }

  /**
   * A design that is painted through openings.
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
   * A pot that something is put on from.
   *
   * @param fullShare level over what the pot holds, 0 to 1
   * @param roles what it is used as
   * @param ground whether a face can be painted with it, as with size or paste it cannot
   */
  record PotView(
      String id,
      String name,
      String colour,
      double levelMl,
      double holdsMl,
      double fullShare,
      String levelText,
      String spreadText,
      boolean ground,
      List<Role> roles) {}

  /**
   * One thing on the shelf.
   *
   * @param offcutPath its outline in millimetres on the sheet it was cut from
   * @param leftMm where its box begins on that sheet
   */
  record CardView(
      ShelfSearch.Thing thing,
      String id,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String designId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String mediumId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) DesignKind kind,
      String name,
      String kindText,
      double widthMm,
      double heightMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String offcutPath,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) HoldingViews.OffcutView offcut,
      String shade,
      String stockText,
      double fullShare,
      double holds,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockUnit unit,
      ShelfSearch.StockStanding standing,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Rights rights,
      String code) {}

  record WayView(String value, String text, String colour) {}

  record Ways(List<WayView> kinds, List<WayView> colours, List<WayView> rights) {}

  /** What a code stands for: the stock, and the page that shows it. */
  record CodeView(String code, String holdingId, String name, String page) {}

  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping("/stencils")
  List<StencilView> stencils(Asker asker) {
    Studio studio = asker.studio();
    return shelf.stencils(studio.id()).stream().map(s -> view(s, studio.tape())).toList();
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/pots")
  List<PotView> pots(Asker asker) {
    return shelf.pots(asker.studio().id()).stream().map(ShelfController::view).toList();
  }

  /** Everything that is looked for, designs first, then offcuts, pots and tools. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/shelf")
  List<CardView> look(
      Asker asker,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "") Set<ShelfSearch.Thing> things,
      @RequestParam(defaultValue = "") Set<DesignKind> kinds,
      @RequestParam(defaultValue = "") Set<ColourFamily> colours,
      @RequestParam(defaultValue = "") Set<Rights> rights,
      @RequestParam(defaultValue = "false") boolean enough,
      @RequestParam(required = false) Double mostWidthMm,
      @RequestParam(required = false) Double mostHeightMm) {
    Studio studio = asker.studio();
    return search
        .find(
            studio,
            new ShelfSearch.Wish(
                words,
                things,
                kinds,
                colours,
                rights,
                enough,
                Optional.ofNullable(mostWidthMm).orElse(Double.MAX_VALUE),
                Optional.ofNullable(mostHeightMm).orElse(Double.MAX_VALUE)))
        .stream()
        .map(f -> card(f, studio.tape()))
        .toList();
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/shelf/ways")
  Ways ways() {
    return new Ways(
        Arrays.stream(DesignKind.values())
            .map(k -> new WayView(k.name(), Words.say("design", k), ""))
            .toList(),
        Arrays.stream(ColourFamily.values())
            .map(
                c ->
                    new WayView(
                        c.name(), Words.say("colour", c), Words.say("colour.shade." + c.name())))
            .toList(),
        Arrays.stream(Rights.values())
            .map(r -> new WayView(r.name(), Words.say("rights", r), ""))
            .toList());
  }

  /** What the code on a label stands for. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/shelf/code")
  CodeView code(Asker asker, @RequestParam String text) {
    if (!ShelfCode.looksLike(text)) {
      throw new RefusedInput(
          "code", given(text), said("is-no-code-from-a-label"), said("a-code-such-as-22k-7"));
    }
    Studio studio = asker.studio();
    ShelfCode code = ShelfCode.read(text);
    Holding holding =
        holdings
            .byCode(studio.id(), code)
            .orElseThrow(
                () ->
                    new NoSuchElementException(
                        "Nothing on the shelf has the code " + code.text() + "."));
    return new CodeView(
        code.text(),
        holding.id(),
        shelf.nameOf(studio.id(), holding),
        holding.designId().map(d -> "/shelf/designs/" + d).orElse("/shelf/pots/" + holding.id()));
  }

  private static CardView card(ShelfSearch.Found f, TapeDivision tape) {
    return new CardView(
        f.thing(),
        f.id(),
        f.designId(),
        f.mediumId(),
        f.kind(),
        f.name(),
        f.kindText(),
        f.widthMm(),
        f.heightMm(),
        f.artworkId() == null ? null : "/api/artworks/" + f.artworkId(),
        f.offcut() == null ? null : path(f),
        f.offcut() == null ? null : HoldingViews.offcut(f.offcut(), tape),
        f.shade(),
        f.stockText(),
        f.fullShare(),
        f.holds(),
        f.unit(),
        f.standing(),
        f.rights(),
        f.code());
  }

  private static String path(ShelfSearch.Found f) {
    StringBuilder out = new StringBuilder();
    f.offcut()
        .outline()
        .forEach(
            p ->
                out.append(out.isEmpty() ? 'M' : 'L')
                    .append(Decimals.show(p.xMm(), 2))
                    .append(' ')
                    .append(Decimals.show(p.yMm(), 2)));
    return out.append('Z').toString();
  }

  private static StencilView view(OwnedDesign owned, TapeDivision tape) {
    StencilDesign s = owned.stencil();
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
    return new PotView(
        pot.holding().id(),
        pot.medium().name(),
        pot.medium().coverage().colour().hex(),
        pot.levelMl(),
        pot.holdsMl(),
        pot.holding().fullShare(),
        Words.millilitres(pot.levelMl()),
        Words.say("pot.spread", Decimals.show(pot.medium().coverage().spreadM2PerLitre(), 2)),
        GROUNDS.contains(pot.medium().kind().role()),
        Stream.concat(
                Stream.of(pot.medium().kind().role()), pot.medium().kind().alsoRole().stream())
            .toList());
  }
}
