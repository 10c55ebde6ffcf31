package craftmap.core.surface;

import craftmap.core.colour.Colour;

/** An area with a name and a colour, for blends and masks. */
public record Zone(String id, String name, Colour colour, Area area) {
  public Zone {
    MarkWords.check("Name of the zone", name);
  }

  public Zone mirrored(double widthMm) {
    return new Zone(id, name, colour, area.mirrored(widthMm));
  }
}
