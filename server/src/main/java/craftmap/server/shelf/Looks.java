package craftmap.server.shelf;

import craftmap.core.artwork.Background;
import craftmap.core.artwork.Pixels;
import craftmap.core.colour.Colour;
import craftmap.core.colour.ColourFamily;
import craftmap.core.design.Design;
import craftmap.server.artwork.StoredArtwork;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a design is found by when one looks for a colour.
 *
 * @param families of its colours, between commas, one at each end too
 * @param shade the colour that stands for it where its picture does not
 */
record Looks(Optional<String> background, String families, String shade) {
  private static final String PLAIN = "#D5CBB8";

  static Looks of(DesignGiven given, Design design, Optional<StoredArtwork> artwork) {
    Optional<String> ground = Optional.ofNullable(given.background());
    List<Colour> colours = new ArrayList<>();
    if (artwork.isPresent()) {
      Pixels pixels = artwork.get().colours();
      FewColours.of(pixels).forEach(s -> colours.add(s.colour()));
      if (ground.isEmpty()) {
        ground = Background.of(pixels).map(b -> b.colour().hex());
      }
    }
    colours.addAll(design.colours());
    if (design.colours().isEmpty()) {
      ground.map(Colour::new).ifPresent(colours::add);
    }
    Set<ColourFamily> families =
        colours.stream().map(ColourFamily::of).collect(Collectors.toCollection(LinkedHashSet::new));
    String text =
        families.isEmpty()
            ? ""
            : families.stream().map(Enum::name).collect(Collectors.joining(",", ",", ","));
    return new Looks(ground, text, colours.isEmpty() ? PLAIN : colours.getFirst().hex());
  }
}
