package craftmap.server.exchange;

import craftmap.core.design.Design;
import craftmap.server.artwork.Artworks;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import java.util.Base64;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** A piece drawn in true colours, as SVG that needs nothing beside it. */
@Service
public class Drawings {
  private final PlanReadings readings;
  private final ShelfService shelf;
  private final Artworks artworks;

  Drawings(PlanReadings readings, ShelfService shelf, Artworks artworks) {
    this.readings = readings;
    this.shelf = shelf;
    this.artworks = artworks;
  }

  /**
   * The whole map.
   *
   * @param marked whether also with what only helps the work: keep-outs, breaks, holes, blemishes
   */
  public String map(Studio studio, SavedPlan piece, boolean marked) {
    return MapSvg.map(
        piece.name(),
        readings.read(studio, piece.plan()),
        readings.coats(studio, piece.plan()),
        design -> pictureOf(studio, design),
        marked);
  }

  /**
   * One of its faces, without what only helps the work.
   *
   * @throws NoSuchElementException where it has none of that id, or does not show it
   */
  public String face(Studio studio, SavedPlan piece, String faceId) {
    return readings.read(studio, piece.plan()).faces().stream()
        .filter(f -> f.face().id().equals(faceId) && f.place().shown())
        .findFirst()
        .map(
            f ->
                MapSvg.face(
                    f, readings.coats(studio, piece.plan()), design -> pictureOf(studio, design)))
        .orElseThrow(() -> new NoSuchElementException("There is no face " + faceId + " on it."));
  }

  /** The picture itself, so that the file needs nothing beside it. */
  private Optional<String> pictureOf(Studio studio, Design design) {
    return shelf
        .design(studio.id(), design.id())
        .flatMap(o -> o.given().artwork())
        .flatMap(a -> artworks.find(studio.id(), a))
        .map(
            a ->
                "data:"
                    + a.mediaType()
                    + ";base64,"
                    + Base64.getEncoder().encodeToString(a.content()));
  }
}
