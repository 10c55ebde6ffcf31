package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.design.AdhesiveStencil;
import craftmap.core.design.CustomCut;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.RaisedStencil;
import craftmap.core.design.StencilRoll;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.medium.Medium;
import java.time.Duration;
import java.util.Optional;

/**
 * A lay as a coat sees it: what lies there, on how much of the group, and what it is put on with.
 *
 * @param design what is laid; none where it does not fit or is gone from the shelf
 * @param areaMm2 what of the group it covers
 * @param pot what it is put on with; none while none is named
 * @param ml what it takes out of that pot
 */
public record LayHere(
    String layId,
    Optional<Design> design,
    String name,
    double areaMm2,
    Optional<Medium> pot,
    int coats,
    double ml,
    Duration handsOn) {

  public String key() {
    return Band.LAY + layId;
  }

  private boolean is(Class<? extends Design> kind) {
    return design.filter(kind::isInstance).isPresent();
  }

  /** What stands out from the face, and so comes before colour as a rule. */
  public boolean isRelief() {
    return is(Moulding.class)
        || is(Mould.class)
        || is(RaisedStencil.class)
        || is(Texture.class)
        || is(PlasterFabric.class);
  }

  public boolean isTransfer() {
    return is(Transfer.class);
  }

  public boolean isFoil() {
    return is(FoilRoll.class);
  }

  /** Paper of any kind that is glued down. */
  public boolean isGlued() {
    return is(Napkin.class) || is(Paper.class) || is(CutOut.class);
  }

  /** What the ground shows through. */
  public boolean isThin() {
    return is(Napkin.class)
        || design
            .filter(Paper.class::isInstance)
            .map(d -> ((Paper) d).weight() == Paper.Weight.TISSUE)
            .orElse(false);
  }

  /** The colour a thin print was made to stand on. */
  public Colour background() {
    return design
        .flatMap(Design::picture)
        .flatMap(p -> p.background())
        .orElse(new Colour("#FFFFFF"));
  }

  /** What holds on by its own glue while it is painted through. */
  public boolean sticksOn() {
    return is(AdhesiveStencil.class)
        || is(StencilRoll.class)
        || design
            .filter(CustomCut.class::isInstance)
            .map(d -> ((CustomCut) d).film() == CustomCut.Film.STENCIL_FILM)
            .orElse(false);
  }

  /** What is drawn by pen or pencil. */
  public boolean isDrawn() {
    return is(EnlargedImage.class);
  }

  /** Whether what it is put on with closes it as well. */
  public boolean isSealedByItself() {
    return isTransfer() && pot.isPresent() || isGlued() && pot.isPresent();
  }
}
