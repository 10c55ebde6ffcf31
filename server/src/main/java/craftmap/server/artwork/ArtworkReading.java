package craftmap.server.artwork;

import craftmap.core.artwork.Artwork;
import craftmap.core.artwork.Background;
import craftmap.core.artwork.Palette;
import craftmap.core.artwork.Pixels;
import craftmap.core.artwork.RepeatFinder;
import craftmap.core.artwork.StencilCheck;
import craftmap.core.measure.RefusedInput;
import java.util.List;
import java.util.Optional;

/**
 * What can be told from artwork.
 *
 * @param openings what would be cut out, where that can be told: only a drawing has openings
 * @param noOpenings why there are none
 */
public record ArtworkReading(
    StoredArtwork artwork,
    List<Palette.Share> colours,
    Optional<Background> background,
    Optional<RepeatFinder.Proposal> repeat,
    Optional<Artwork> openings,
    Optional<StencilCheck> check,
    Optional<RefusedInput> noOpenings) {
  private static final int MOST_COLOURS = 6;

  /**
   * @param withOpenings whether it is to be cut out: working that out takes a while
   */
  static ArtworkReading of(StoredArtwork artwork, boolean withOpenings) {
    Pixels pixels = artwork.pixels();
    List<Palette.Share> colours = Palette.of(pixels).shares().stream().limit(MOST_COLOURS).toList();
    Optional<Artwork> openings = Optional.empty();
    Optional<RefusedInput> noOpenings = Optional.empty();
    if (withOpenings && artwork.form() == ArtworkForm.SVG) {
      try {
        openings = Optional.of(artwork.drawing().openings());
      } catch (RefusedInput none) {
        noOpenings = Optional.of(none);
      }
    }
    return new ArtworkReading(
        artwork,
        colours,
        Background.of(pixels),
        RepeatFinder.find(pixels),
        openings,
        openings.map(o -> StencilCheck.of(o, artwork.widthMm(), artwork.heightMm())),
        noOpenings);
  }
}
