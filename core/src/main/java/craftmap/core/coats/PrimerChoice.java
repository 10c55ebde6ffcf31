package craftmap.core.coats;

import craftmap.core.colour.Colour;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * One way to come to the ground: a primer, or none, and the coats of paint over it.
 *
 * @param primer none where the paint goes on by itself
 * @param swatches what shows after each coat, from the surface up
 * @param lacks what asks for another primer than this
 * @param hides whether the ground is hidden in the end
 */
public record PrimerChoice(
    Optional<InHand> primer,
    int primerCoats,
    int paintCoats,
    double primerMl,
    double paintMl,
    Duration handsOn,
    List<Colour> swatches,
    List<Lack> lacks,
    boolean hides) {
  /** Why a primer is asked for. */
  public enum Lack {
    /** Paint slides off. */
    SLICK,
    /** Something comes through. */
    BLEED,
    /** The school of the studio. */
    HABIT,
    /** The pots do not hold that much. */
    POT
  }

  public PrimerChoice {
    swatches = List.copyOf(swatches);
    lacks = List.copyOf(lacks);
  }

  public int coats() {
    return primerCoats + paintCoats;
  }

  public double ml() {
    return primerMl + paintMl;
  }

  /** Whether it takes the same primer. */
  public boolean isFrom(Optional<InHand> other) {
    return primer.map(PrimerChoice::id).equals(other.map(PrimerChoice::id));
  }

  static String id(InHand of) {
    return of.potId().orElse("kind:" + of.medium().id());
  }

  /** The same as a wish would name it; none for no primer. */
  public Optional<Wish.Product> product() {
    return primer.map(InHand::product);
  }
}
