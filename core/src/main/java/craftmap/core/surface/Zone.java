package craftmap.core.surface;

import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;

/** An area with a name and a colour, for blends and masks. */
public record Zone(String id, String name, Colour colour, Area area) implements Mark {
  public Zone {
    MarkWords.check(said("name-of-the-zone"), name);
  }

  @Override
  public Zone mirrored(double widthMm) {
    return new Zone(id, name, colour, area.mirrored(widthMm));
  }

  @Override
  public String title() {
    return name;
  }

  @Override
  public Zone under(String otherId) {
    return new Zone(otherId, name, colour, area);
  }
}
