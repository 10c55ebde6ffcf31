package craftmap.server.shelf;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftmap.core.artwork.Palette;
import craftmap.core.artwork.Pixels;
import craftmap.core.colour.Colour;
import craftmap.core.colour.ColourFamily;
import craftmap.core.colour.Lab;
import craftmap.server.artwork.Artworks;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The few colours that designs have in them, and the designs that have a colour. */
@Service
public class FewColours {
  private static final double LEAST_SHARE = 0.04;
  private static final int MOST = 5;
  private static final int MOST_KEPT = 2_000;

  /** So far off, by CIEDE2000, a colour is still taken for the one that is looked for. */
  private static final double GOES_WITH = 10;

  private final Designs designs;
  private final Artworks artworks;

  /** Artwork never changes: its colours are read once. */
  private final Cache<String, List<Palette.Share>> ofArtwork =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  FewColours(Designs designs, Artworks artworks) {
    this.designs = designs;
    this.artworks = artworks;
  }

  /** Of a picture, most of it first; what there is hardly any of is left out. */
  static List<Palette.Share> of(Pixels pixels) {
    return Palette.of(pixels).shares().stream()
        .filter(s -> s.share() >= LEAST_SHARE)
        .limit(MOST)
        .toList();
  }

  /** Of a design: those of its picture, or what it is told to have. */
  public List<Palette.Share> of(String studioId, OwnedDesign design) {
    Optional<String> artwork = design.given().artwork();
    if (artwork.isEmpty() || design.isStencil()) {
      List<Colour> told = design.shades().stream().map(Colour::new).toList();
      return told.stream().map(c -> new Palette.Share(c, 1.0 / told.size())).toList();
    }
    List<Palette.Share> known = ofArtwork.getIfPresent(artwork.get());
    if (known == null) {
      known = of(artworks.get(studioId, artwork.get()).colours());
      ofArtwork.put(artwork.get(), known);
    }
    return known;
  }

  /**
   * A design that has a colour.
   *
   * @param has the one of its colours that comes nearest
   * @param differs how far off it is, by CIEDE2000
   */
  public record Match(OwnedDesign design, Palette.Share has, double differs) {}

  /** Designs that have a colour, or one like it, the nearest first. */
  public List<Match> with(String studioId, Colour wanted) {
    Lab lab = wanted.lab();
    Set<String> among = around(lab);
    return designs.light(studioId).stream()
        .filter(d -> among.stream().anyMatch(d.colours()::contains))
        .flatMap(d -> designs.find(studioId, d.id()).stream())
        .flatMap(d -> nearest(studioId, d, lab).stream())
        .filter(m -> m.differs() <= GOES_WITH)
        .sorted(
            Comparator.comparingDouble(Match::differs)
                .thenComparing(m -> m.design().design().name()))
        .toList();
  }

  private Optional<Match> nearest(String studioId, OwnedDesign design, Lab wanted) {
    return of(studioId, design).stream()
        .map(s -> new Match(design, s, s.colour().lab().ciede2000From(wanted)))
        .min(Comparator.comparingDouble(Match::differs));
  }

  /** What is near a colour may be called otherwise: all names that lie around it. */
  private static Set<String> around(Lab lab) {
    Set<ColourFamily> families = EnumSet.noneOf(ColourFamily.class);
    double[] steps = {-2 * GOES_WITH, -GOES_WITH, 0, GOES_WITH, 2 * GOES_WITH};
    for (double l : steps) {
      for (double a : steps) {
        for (double b : steps) {
          double lightness = Math.clamp(lab.lightness() + l, 0, 100);
          families.add(ColourFamily.of(new Lab(lightness, lab.a() + a, lab.b() + b).colour()));
        }
      }
    }
    return families.stream().map(f -> "," + f.name() + ",").collect(Collectors.toSet());
  }
}
