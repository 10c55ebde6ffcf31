package craftmap.server.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Coating;
import craftmap.server.fields.Answers;
import craftmap.server.piece.Pieces;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.OwnedMedium;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Version;
import java.util.HashMap;
import java.util.Map;
import java.util.NoSuchElementException;
import org.springframework.stereotype.Service;

/** How well a paint hides, as it was seen: the next plan goes by it. */
@Service
class Hiding {
  private final Pieces pieces;
  private final ShelfService shelf;
  private final Media media;

  Hiding(Pieces pieces, ShelfService shelf, Media media) {
    this.pieces = pieces;
    this.shelf = shelf;
    this.media = media;
  }

  /**
   * Writes onto the label of what a coat was put on from how much of what was under it one coat
   * hid, since it took so many.
   */
  @Guarded
  public void took(Studio studio, String pieceId, String groupId, String key, int coats) {
    BandReading band =
        pieces
            .coats(studio, pieces.get(studio, pieceId).plan())
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
    double share = Covering.learned(band.under().colour(), paint, coats);
    OwnedMedium medium =
        media.get(
            studio.id(),
            shelf.pot(studio.id(), coat.of().potId().get()).orElseThrow().medium().id());
    MediumGiven was = medium.given();
    Map<String, Double> numbers = new HashMap<>(was.label().numbers());
    numbers.put("oneCoatHides", share * 100);
    media.change(
        studio.id(),
        medium.medium().id(),
        new Version(medium.version()),
        new MediumGiven(
            was.name(), was.generic(), new Answers(numbers, was.label().choices()), was.packs()));
  }
}
