package craftmap.server.shelf;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.StencilDesign;
import java.util.List;
import java.util.Optional;

/**
 * A design on the shelf, with what was told of it.
 *
 * @param version how often it was changed
 */
public record OwnedDesign(Design design, DesignGiven given, long version) {

  public String motif() {
    return design.card().motif();
  }

  public String note() {
    return design.card().note();
  }

  /** The design as a plan paints through it; only ask where it has openings. */
  public StencilDesign stencil() {
    return (StencilDesign) design;
  }

  public boolean isStencil() {
    return design instanceof StencilDesign;
  }

  /** Where its picture is; none where it has none. */
  public Optional<String> pictureAddress() {
    return given.artwork().map(a -> "/api/artworks/" + a);
  }

  /** The colours that stand for it where it has no picture. */
  public List<String> shades() {
    return design.colours().isEmpty()
        ? Optional.ofNullable(given.background()).stream().toList()
        : design.colours().stream().map(Colour::hex).toList();
  }
}
