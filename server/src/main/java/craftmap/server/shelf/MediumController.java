package craftmap.server.shelf;

import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.supply.StockUnit;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.fields.FieldView;
import craftmap.server.fields.FieldViews;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holdings;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Media: read off their labels over what is typical, and their pots. */
@RestController
@RequestMapping("/api/media")
class MediumController {
  private final Media media;
  private final Shelving shelving;
  private final Holdings holdings;
  private final ClaimBook claims;

  MediumController(Media media, Shelving shelving, Holdings holdings, ClaimBook claims) {
    this.media = media;
    this.shelving = shelving;
    this.holdings = holdings;
    this.claims = claims;
  }

  record GenericView(String key, String name, Role role, String roleText, String colour) {}

  /**
   * What the core makes of a label.
   *
   * @param typical how many values still stand in for what the label says
   */
  record MediumReadingView(
      String genericText,
      Role role,
      String roleText,
      String colour,
      StockUnit unit,
      List<FieldView> fields,
      int typical,
      String typicalText) {}

  record MediumView(
      String id,
      long version,
      MediumGiven given,
      MediumReadingView reading,
      List<HoldingViews.HoldingView> pots) {}

  /** A pot of a new medium. */
  record NewMedium(
      MediumGiven medium,
      String holds,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String level,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockGiven stock) {}

  record NewPotOf(
      String holds,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String level,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) StockGiven stock) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping("/generic")
  List<GenericView> generic() {
    return GenericMedium.all().stream()
        .map(
            g ->
                new GenericView(
                    g.key(),
                    g.name(),
                    g.medium().kind().role(),
                    Words.say("choice." + g.medium().kind().role().name()),
                    g.medium().coverage().colour().hex()))
        .toList();
  }

  @Allowed(StudioRole.GUEST)
  @PostMapping("/reading")
  MediumReadingView read(Asker asker, @RequestBody MediumGiven given) {
    Media.MediumReading read = media.read(given);
    return reading(given, read, asker.studio().tape());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  ResponseEntity<MediumView> add(Asker asker, @RequestBody NewMedium body) {
    Studio studio = asker.studio();
    String id =
        shelving.putUp(
            studio, body.medium(), body.holds(), body.level(), body.stock(), asker.person());
    return ResponseEntity.status(HttpStatus.CREATED).body(medium(asker, id));
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping("/{id}")
  MediumView medium(Asker asker, @PathVariable String id) {
    Studio studio = asker.studio();
    OwnedMedium owned = media.get(studio.id(), id);
    return new MediumView(
        id,
        owned.version(),
        owned.given(),
        reading(owned.given(), media.read(owned.given()), studio.tape()),
        holdings.ofMedium(studio.id(), id).stream()
            .map(h -> HoldingViews.view(h, claims.on(h), studio.tape()))
            .toList());
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/{id}")
  MediumView change(
      Asker asker,
      @PathVariable String id,
      @RequestHeader("If-Match") String ifMatch,
      @RequestBody MediumGiven given) {
    media.change(asker.studio().id(), id, Version.of(ifMatch), given);
    return medium(asker, id);
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/{id}/pots")
  MediumView buy(Asker asker, @PathVariable String id, @RequestBody NewPotOf pot) {
    Studio studio = asker.studio();
    shelving.buyPot(
        studio, media.get(studio.id(), id), pot.holds(), pot.level(), pot.stock(), asker.person());
    return medium(asker, id);
  }

  private static MediumReadingView reading(
      MediumGiven given, Media.MediumReading read, TapeDivision tape) {
    Medium m = read.medium();
    List<FieldView> fields = FieldViews.of(read.label(), tape);
    int typical = (int) fields.stream().filter(f -> !f.taken()).count();
    return new MediumReadingView(
        given.typical().name(),
        m.kind().role(),
        Words.say("choice." + m.kind().role().name()),
        m.coverage().colour().hex(),
        m.unit(),
        fields,
        typical,
        typical == 0
            ? Words.say("medium.allFromLabel")
            : Words.say("medium.typical", typical, fields.size()));
  }
}
