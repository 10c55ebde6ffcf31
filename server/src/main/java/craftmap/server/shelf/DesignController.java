package craftmap.server.shelf;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Transfer;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plane.Point;
import craftmap.core.supply.Offcut;
import craftmap.core.supply.StockUnit;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.fields.FieldView;
import craftmap.server.fields.FieldViews;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holding;
import craftmap.server.stock.HoldingForm;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.LedgerEntry;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Designs: told, kept, changed, and what there is of each. */
@RestController
@RequestMapping("/api/designs")
class DesignController {
  private final Designs designs;
  private final Shelving shelving;
  private final Holdings holdings;
  private final ClaimBook claims;
  private final Ledger ledger;

  DesignController(
      Designs designs, Shelving shelving, Holdings holdings, ClaimBook claims, Ledger ledger) {
    this.designs = designs;
    this.shelving = shelving;
    this.holdings = holdings;
    this.claims = claims;
    this.ledger = ledger;
  }

  record KindView(DesignKind kind, String name, String about, DesignKind.Drawn drawn) {}

  /**
   * What the core makes of a design as it is told.
   *
   * @param fields what its kind asks, in order
   * @param unit what it is counted in; none where it is made by hand
   * @param painted whether it is put on through its openings
   * @param joints where the parts it comes in meet
   * @param pathData its openings or its outline, in millimetres on the sheet
   */
  record DesignReadingView(
      String kindText,
      List<FieldView> fields,
      List<Facts.FactView> facts,
      double sheetWidthMm,
      double sheetHeightMm,
      double printLeftMm,
      double printTopMm,
      double printWidthMm,
      double printHeightMm,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockUnit unit,
      String quantityAsk,
      boolean painted,
      List<JointView> joints,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pathData) {}

  /**
   * Where two parts of a picture meet on its sheet.
   *
   * @param upright whether it runs up and down, counted from the left; else from the top
   * @param windsMm it winds by so much to either side
   */
  record JointView(boolean upright, double atMm, double windsMm) {}

  /** A named part of the picture on an offcut. */
  record ShownView(String name, String shareText, boolean whole) {}

  record DesignHoldingView(HoldingViews.HoldingView holding, List<ShownView> shows) {}

  /** One line of the history of all its stocks. */
  record HistoryView(String holdingId, String what, HoldingViews.EntryView entry) {}

  /**
   * A design with its stocks and what happened to them.
   *
   * @param history youngest first
   * @param older how many lines there are before those that are told
   */
  record DesignView(
      String id,
      long version,
      DesignGiven given,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      DesignReadingView reading,
      List<DesignHoldingView> holdings,
      List<HistoryView> history,
      int older) {}

  /**
   * A design to put on the shelf.
   *
   * @param quantity how much of it there is; empty for none yet
   */
  record NewDesign(
      DesignGiven design,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String quantity,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockGiven stock) {}

  record Purchase(
      String quantity, @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockGiven stock) {}

  /**
   * A leftover to keep.
   *
   * @param cutFrom the stock of which a sheet was cut for it, if one was
   */
  record NewOffcut(
      List<HoldingViews.PointView> outline,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String cutFrom,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String place,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String note) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/kinds")
  List<KindView> kinds() {
    return Arrays.stream(DesignKind.values())
        .map(
            k -> new KindView(k, Words.say("designOne", k), Words.say("designAbout", k), k.drawn()))
        .toList();
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/reading")
  DesignReadingView read(Asker asker, @RequestBody DesignGiven given) {
    Studio studio = asker.studio();
    return reading(designs.read(studio.id(), "new", given), studio.tape());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  ResponseEntity<DesignView> add(Asker asker, @RequestBody NewDesign body) {
    Studio studio = asker.studio();
    String id =
        shelving.putUp(studio, body.design(), body.quantity(), body.stock(), asker.person());
    return ResponseEntity.status(HttpStatus.CREATED)
        .body(design(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST));
  }

  /**
   * A design with the last of what happened to it.
   *
   * @param entries so many lines of that at most
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/{id}")
  DesignView design(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "" + HoldingViews.ENTRIES_AT_FIRST) int entries) {
    return design(asker.studio(), id, HoldingViews.entries(entries));
  }

  private DesignView design(Studio studio, String id, int entries) {
    OwnedDesign owned = designs.get(studio.id(), id);
    List<Holding> stock = holdings.ofDesign(studio.id(), id);
    Map<String, Holding> byId = new LinkedHashMap<>();
    stock.forEach(h -> byId.put(h.id(), h));
    Ledger.Told told = ledger.latest(studio.id(), byId.keySet(), entries);
    return new DesignView(
        id,
        owned.version(),
        owned.given(),
        owned.pictureAddress().orElse(null),
        reading(designs.read(studio.id(), id, owned.given()), studio.tape()),
        stock.stream()
            .filter(h -> h.form() != HoldingForm.OFFCUT || h.level().signum() > 0)
            .map(h -> holding(h, owned, studio.tape()))
            .toList(),
        told.entries().stream().map(e -> line(e, byId.get(e.holdingId()), studio)).toList(),
        told.older());
  }

  private static HistoryView line(LedgerEntry entry, Holding of, Studio studio) {
    return new HistoryView(
        of.id(),
        Words.say("holding", of.form()),
        HoldingViews.entry(entry, of.unit(), studio.tape()));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/{id}")
  DesignView change(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody DesignGiven given) {
    designs.change(asker.studio().id(), id, Version.of(ifMatch), given);
    return design(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  ResponseEntity<Void> takeAway(Asker asker, @PathVariable String id) {
    designs.takeAway(asker.studio().id(), id);
    return ResponseEntity.noContent().build();
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/{id}/purchases")
  DesignView buy(Asker asker, @PathVariable String id, @RequestBody Purchase purchase) {
    Studio studio = asker.studio();
    StockGiven stock = Optional.ofNullable(purchase.stock()).orElse(StockGiven.NOTHING);
    shelving.buyDesign(
        studio.id(),
        designs.get(studio.id(), id),
        purchase.quantity(),
        stock.particulars(),
        studio.tape(),
        asker.person());
    return design(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/{id}/offcuts")
  DesignView keepOffcut(Asker asker, @PathVariable String id, @RequestBody NewOffcut offcut) {
    Studio studio = asker.studio();
    shelving.keepOffcut(
        studio.id(),
        id,
        offcut.outline() == null
            ? List.of()
            : offcut.outline().stream().map(p -> new Point(p.xMm(), p.yMm())).toList(),
        Optional.ofNullable(offcut.cutFrom()).filter(c -> !c.isEmpty()),
        StockGiven.at(offcut.place()).particulars(),
        offcut.note(),
        asker.person());
    return design(asker.studio(), id, HoldingViews.ENTRIES_AT_FIRST);
  }

  private DesignHoldingView holding(Holding h, OwnedDesign owned, TapeDivision tape) {
    List<ShownView> shows = h.leftover().map(o -> shows(o, owned)).orElse(List.of());
    return new DesignHoldingView(HoldingViews.view(h, claims.on(h), tape), shows);
  }

  private static List<ShownView> shows(Offcut offcut, OwnedDesign owned) {
    return owned.given().motifBoxes().stream()
        .map(
            m -> {
              double share = offcut.shows(m.box());
              return new ShownView(m.name(), Words.percent(share), share > 0.999);
            })
        .filter(s -> !s.shareText().equals(Words.percent(0)))
        .toList();
  }

  private static List<JointView> joints(Transfer transfer) {
    return transfer.jointsAtMm().stream()
        .map(
            at ->
                new JointView(
                    transfer.joint().orElseThrow().upright(),
                    at,
                    transfer.joint().orElseThrow().windsMm()))
        .toList();
  }

  private static DesignReadingView reading(Designs.DesignReading read, TapeDivision tape) {
    Design d = read.design();
    var unit = Shelving.unitOf(d.comes());
    return new DesignReadingView(
        Words.say("designOne", d.kind()),
        FieldViews.of(read.sheet(), tape),
        Facts.of(d, tape),
        d.picture().map(p -> p.widthMm()).orElse(d.printWidthMm()),
        d.picture().map(p -> p.heightMm()).orElse(d.printHeightMm()),
        d.printed().leftMm(),
        d.printed().topMm(),
        d.printWidthMm(),
        d.printHeightMm(),
        unit.orElse(null),
        Words.say("quantity." + d.comes().getClass().getSimpleName()),
        d instanceof StencilDesign,
        d instanceof Transfer t ? joints(t) : List.of(),
        d instanceof StencilDesign s
            ? s.openings().pathData()
            : d.picture().flatMap(p -> p.shape()).map(a -> a.pathData()).orElse(null));
  }
}
