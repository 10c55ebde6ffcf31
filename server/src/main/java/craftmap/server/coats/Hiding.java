package craftmap.server.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.log.Observation;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Coating;
import craftmap.server.learning.Learning;
import craftmap.server.learning.Seen;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Guarded;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** How well a paint hides, as it was seen: the next plan goes by it. */
@Service
class Hiding {
  private final Pieces pieces;
  private final PlanReadings readings;
  private final Learning learning;
  private final Clock clock;

  Hiding(Pieces pieces, PlanReadings readings, Learning learning, Clock clock) {
    this.pieces = pieces;
    this.readings = readings;
    this.learning = learning;
    this.clock = clock;
  }

  /**
   * Keeps how many coats of something it took until it hid; told anew of the same coat, what was
   * told before falls.
   */
  @Guarded
  public void took(Asker asker, String pieceId, String groupId, String key, int coats) {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.held(studio, pieceId);
    BandReading band =
        readings
            .coats(studio, piece.plan())
            .group(groupId)
            .flatMap(g -> g.band(key))
            .orElseThrow(() -> new NoSuchElementException("There is no band " + key + "."));
    if (!(band.band() instanceof Band.Coat coat)
        || !coat.isOpaque()
        || coat.of().potId().isEmpty()) {
      throw new RefusedInput(
          "band", given(key), said("hides-nothing"), said("a-coat-of-paint-that-is-owned"));
    }
    if (coats < 1 || coats > Coating.MOST_COATS) {
      throw new RefusedInput(
          "coats",
          given(coats),
          said("is-not-a-number-of-coats"),
          said("1-to", given(Coating.MOST_COATS)));
    }
    Colour paint = coat.of().medium().coverage().colour();
    if (Covering.of(paint, 0).hides(band.under(), 1)) {
      throw new RefusedInput(
          "coats", given(coats), said("teaches-nothing"), said("a-coat-over-another-colour"));
    }
    String telling =
        UUID.nameUUIDFromBytes(
                String.join("\n", pieceId, groupId, key).getBytes(StandardCharsets.UTF_8))
            .toString();
    learning.letGo(studio.id(), List.of(telling));
    learning.keep(
        studio.id(),
        telling,
        List.of(
            new Seen(
                Observation.hid(coat.of().medium().id(), band.under().colour(), paint, coats),
                clock.instant(),
                piece.name(),
                Words.say("learned.hid", coats, coat.of().medium().name()),
                asker.person())));
  }
}
