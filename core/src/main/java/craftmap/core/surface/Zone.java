package craftmap.core.surface;

import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import java.util.Optional;

/**
 * An area with a name and a colour, for blends and masks.
 *
 * @param makeUp of its own, as a leather panel in a wooden top has; none for the face's
 * @param finish of its own; none for the face's
 */
public record Zone(
    String id,
    String name,
    Colour colour,
    Area area,
    Optional<MakeUp> makeUp,
    Optional<Finish> finish)
    implements Mark {
  public Zone {
    MarkWords.check(said("name-of-the-zone"), name);
  }

  /** Of the same make as its face. */
  public Zone(String id, String name, Colour colour, Area area) {
    this(id, name, colour, area, Optional.empty(), Optional.empty());
  }

  public Zone with(Area other) {
    return new Zone(id, name, colour, other, makeUp, finish);
  }

  @Override
  public Zone mirrored(double widthMm) {
    return with(area.mirrored(widthMm));
  }

  @Override
  public String title() {
    return name;
  }

  @Override
  public Zone under(String otherId) {
    return new Zone(otherId, name, colour, area, makeUp, finish);
  }
}
