package craftmap.server.coats;

import craftmap.core.artwork.Palette;
import craftmap.core.colour.Colour;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.FewColours;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.studio.Asker;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The few colours of a picture with the paints that come near them, and the other way round. */
@RestController
@RequestMapping("/api")
class ColoursController {
  private static final int MOST_DESIGNS = 12;

  private final Designs designs;
  private final FewColours colours;
  private final Mixes mixes;

  ColoursController(Designs designs, FewColours colours, Mixes mixes) {
    this.designs = designs;
    this.colours = colours;
    this.mixes = mixes;
  }

  /**
   * One colour of a design.
   *
   * @param nearest the paint that comes nearest by itself; absent where there is none
   */
  record ColourOfDesignView(
      String hex,
      String shareText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) MixController.NearestView nearest) {}

  /**
   * A design that has a colour.
   *
   * @param hex the one of its colours that comes nearest
   */
  record DesignOfColourView(
      String id,
      String name,
      String kindText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String picture,
      String hex,
      String differsText) {}

  /** The few colours of a design, most of it first. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/designs/{id}/colours")
  List<ColourOfDesignView> ofDesign(Asker asker, @PathVariable String id) {
    String studioId = asker.studio().id();
    OwnedDesign design = designs.get(studioId, id);
    return colours.of(studioId, design).stream().map(s -> colour(studioId, s)).toList();
  }

  private ColourOfDesignView colour(String studioId, Palette.Share share) {
    Colour colour = share.colour();
    return new ColourOfDesignView(
        colour.hex(),
        Words.percent(share.share()),
        mixes
            .paint(studioId, colour.lab())
            .map(p -> MixController.nearest(p, colour))
            .orElse(null));
  }

  /** The mixes that come nearest to a colour, so much of each. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/colours/mixes")
  List<MixController.MixView> mixes(
      Asker asker, @RequestParam String hex, @RequestParam(defaultValue = "100") double ml) {
    Mixes.Found found = mixes.near(asker.studio().id(), new Colour(hex).lab());
    return found.mixes().stream().map(m -> MixController.view(m, found, ml)).toList();
  }

  /** Designs of the shelf that have a colour or one like it, the nearest first. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/colours/designs")
  List<DesignOfColourView> ofColour(Asker asker, @RequestParam String hex) {
    return colours.with(asker.studio().id(), new Colour(hex)).stream()
        .limit(MOST_DESIGNS)
        .map(ColoursController::design)
        .toList();
  }

  private static DesignOfColourView design(FewColours.Match match) {
    var design = match.design().design();
    return new DesignOfColourView(
        design.id(),
        design.name(),
        Words.say("designOne", design.kind()),
        match.design().pictureAddress().orElse(null),
        match.has().colour().hex(),
        MixController.differs(match.differs()));
  }
}
