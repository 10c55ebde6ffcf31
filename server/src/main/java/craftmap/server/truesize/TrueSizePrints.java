package craftmap.server.truesize;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.server.artwork.Artworks;
import craftmap.server.artwork.StoredArtwork;
import craftmap.server.paper.Paper;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What of a piece can be printed at true size. */
@Service
class TrueSizePrints {
  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Artworks artworks;

  TrueSizePrints(PlanReadings readings, ShelfService shelf, Artworks artworks) {
    this.readings = readings;
    this.shelf = shelf;
    this.artworks = artworks;
  }

  /** What is printed. */
  enum What {
    /** Of one face, or of all that are shown. */
    TEMPLATES,
    /** Of one lay, or of all. */
    PARTS,
    STRIPS,
    IMAGES
  }

  /**
   * A choice of what to print.
   *
   * @param faceId only this face; all where it is absent
   * @param layId only this lay; all where it is absent
   */
  record PrintWish(
      What what,
      Paper paper,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String layId) {
    PrintWish {
      paper = paper == null ? Paper.A4 : paper;
    }
  }

  /** As it comes onto pages; nothing where there is nothing of it. */
  List<Spread> spreads(Studio studio, SavedPlan piece, PrintWish wish) {
    PlanReading reading = readings.read(studio, piece.plan());
    TapeDivision tape = studio.tape();
    Paper paper = wish.paper();
    return switch (wish.what()) {
      case TEMPLATES ->
          Pagination.of(
              paper,
              reading.faces().stream()
                  .filter(f -> f.place().shown())
                  .filter(f -> wish.faceId() == null || f.face().id().equals(wish.faceId()))
                  .map(f -> Templates.of(f, tape))
                  .toList());
      case PARTS ->
          Pagination.of(
              paper,
              laid(reading, wish).stream().flatMap(l -> Parts.of(l, tape).stream()).toList());
      case STRIPS -> Strips.pages(paper, strips(reading, wish, tape), tape);
      case IMAGES -> images(studio, reading, wish);
    };
  }

  List<Spread> mustHave(Studio studio, SavedPlan piece, PrintWish wish) {
    if (wish.what() == null) {
      throw new RefusedInput(
          "what",
          said("nothing"),
          said("is-not-said"),
          said("one-of", given(List.of(What.values()))));
    }
    List<Spread> spreads = spreads(studio, piece, wish);
    if (spreads.isEmpty()) {
      throw new RefusedInput(
          "print",
          given(Words.say("trueSize.what", wish.what())),
          said("has-nothing-on-this-piece"),
          given(Words.say("trueSize.needs", wish.what())));
    }
    return spreads;
  }

  private static List<LayReading.Laid> laid(PlanReading reading, PrintWish wish) {
    List<LayReading.Laid> laid = new ArrayList<>();
    for (LayReading lay : reading.lays()) {
      if (lay instanceof LayReading.Laid l
          && l.lead()
          && (wish.layId() == null || l.lay().id().equals(wish.layId()))
          && (wish.faceId() == null || l.faceIds().contains(wish.faceId()))) {
        laid.add(l);
      }
    }
    return laid;
  }

  private static List<Strips.Strip> strips(PlanReading reading, PrintWish wish, TapeDivision tape) {
    List<Strips.Strip> strips = new ArrayList<>();
    for (LayReading.Laid l : laid(reading, wish)) {
      // the parts of sheets are placed by their edges, which are told as figures
      if (!(l.chosen().arrangement() instanceof SheetWork)) {
        reading
            .find(l.lay().faceId())
            .map(PlanReading.FaceReading::face)
            .ifPresent(
                f ->
                    strips.addAll(
                        Strips.of(
                            l,
                            f.name(),
                            new Box(0, 0, f.outline().widthMm(), f.outline().heightMm()),
                            tape)));
      }
    }
    return strips;
  }

  private List<Spread> images(Studio studio, PlanReading reading, PrintWish wish) {
    List<Spread> images = new ArrayList<>();
    for (LayReading.Laid l : laid(reading, wish)) {
      if (l.chosen().arrangement() instanceof PageSet set) {
        Optional<StoredArtwork> art =
            l.lay()
                .designId()
                .flatMap(d -> shelf.design(studio.id(), d))
                .flatMap(o -> o.given().artwork())
                .flatMap(a -> artworks.find(studio.id(), a));
        images.add(Images.of(l, set, art, wish.paper()));
      }
    }
    return images;
  }
}
