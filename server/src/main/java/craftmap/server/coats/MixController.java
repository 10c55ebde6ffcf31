package craftmap.server.coats;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.InHand;
import craftmap.core.colour.Colour;
import craftmap.core.colour.PaintMix;
import craftmap.core.measure.Decimals;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Mixes of two or three paints that come nearest to a colour, and pots of such a mix. */
@RestController
@RequestMapping("/api")
class MixController {
  private static final double SPOON_ML = 5;
  private static final double DROP_ML = 0.05;

  /** Two coats at eleven square metres a litre, while no ground is painted. */
  private static final double USUAL_ML_PER_MM2 = 2 / 11.0 / 1000;

  private final Pieces pieces;
  private final PlanReadings readings;
  private final Mixes mixes;

  MixController(Pieces pieces, PlanReadings readings, Mixes mixes) {
    this.pieces = pieces;
    this.readings = readings;
    this.mixes = mixes;
  }

  /**
   * What comes nearest to a colour.
   *
   * @param ml how much of it the ground of the group takes
   * @param nearest the nearest paint by itself; absent where there is none
   */
  record MixesView(
      String wanted,
      double ml,
      String mlText,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) NearestView nearest,
      List<MixView> mixes) {}

  record NearestView(String potId, String name, String colour, String differsText) {}

  /**
   * A mix.
   *
   * @param differsText how far off it is expected to be
   */
  record MixView(String title, String colour, String differsText, List<MixPartView> parts) {}

  /** Parts of one paint, for the area. */
  record MixPartView(
      String potId, String name, String colour, int parts, String mlText, String spoonText) {}

  /** A mix to put on the shelf. */
  record NewMix(String name, double ml, List<Mixes.Part> parts) {}

  /** The pot it stands in now. */
  record MixedView(String potId) {}

  /**
   * Mixes for the ground of a group.
   *
   * @param hex the colour; what is wanted of the group where absent
   * @param step so many shades lighter, or below nothing darker
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/pieces/{id}/coats/{groupId}/mixes")
  MixesView mixes(
      Asker asker,
      @PathVariable String id,
      @PathVariable String groupId,
      @RequestParam(required = false) String hex,
      @RequestParam(required = false) Integer step) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    GroupReading group =
        readings
            .coats(studio, piece.plan())
            .group(groupId)
            .orElseThrow(() -> new NoSuchElementException("There is no group " + groupId + "."));
    Colour asked = hex == null ? group.surface().wanted() : new Colour(hex);
    Colour wanted = Mixes.step(asked, step == null ? 0 : step);
    double ml =
        group
            .band(Band.GROUND)
            .map(BandReading::ml)
            .orElse(group.surface().areaMm2() * USUAL_ML_PER_MM2);
    Mixes.Found found = mixes.near(studio.id(), wanted.lab());
    return new MixesView(
        wanted.hex(),
        ml,
        Words.millilitres(ml),
        found.paint().map(p -> nearest(p, wanted)).orElse(null),
        found.mixes().stream().map(m -> view(m, found, ml)).toList());
  }

  static NearestView nearest(InHand paint, Colour wanted) {
    return new NearestView(
        paint.potId().orElseThrow(),
        paint.medium().name(),
        paint.medium().coverage().colour().hex(),
        differs(Mixes.lab(paint).ciede2000From(wanted.lab())));
  }

  static MixView view(PaintMix mix, Mixes.Found found, double ml) {
    return new MixView(
        mix.parts().stream()
            .map(
                p ->
                    Words.say("mix.part", p.parts(), found.pots().get(p.paintId()).medium().name()))
            .collect(Collectors.joining(", ")),
        mix.colour().hex(),
        differs(mix.differs()),
        mix.parts().stream()
            .map(
                p -> {
                  InHand pot = found.pots().get(p.paintId());
                  double of = mix.of(p, ml);
                  return new MixPartView(
                      p.paintId(),
                      pot.medium().name(),
                      pot.medium().coverage().colour().hex(),
                      p.parts(),
                      Words.millilitres(of),
                      of >= SPOON_ML / 2
                          ? Words.say(
                              "mix.spoons", Decimals.show(Math.round(of / SPOON_ML * 2) / 2.0, 1))
                          : Words.say("mix.drops", (int) Math.max(1, Math.round(of / DROP_ML))));
                })
            .toList());
  }

  /** Whether the eye will see it. */
  static String differs(double differs) {
    String figure = Decimals.show(differs, 1);
    return Words.say(differs <= 1 ? "mix.same" : differs <= 3 ? "mix.near" : "mix.off", figure);
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping("/mixes")
  @ResponseStatus(HttpStatus.CREATED)
  MixedView mix(Asker asker, @RequestBody NewMix mix) {
    return new MixedView(
        mixes
            .mix(
                asker.studio().id(),
                given(said("name"), mix.name()),
                mix.ml(),
                given(said("parts-of-the-mix"), mix.parts()),
                asker.person())
            .id());
  }
}
