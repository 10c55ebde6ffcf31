package craftmap.core.coats;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Coating;
import craftmap.core.medium.ToolKind;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What the artist decided about one coat. What is left open is as it is proposed, and proposed anew
 * whenever something else changes.
 *
 * @param product what it is put on from
 * @param times how many coats; none for as many as it takes
 * @param grit of the paper that it is sanded with between its coats; none where it is not
 * @param waterShare of water that is added, 0 to 1
 */
public record Wish(
    Optional<Product> product,
    OptionalInt times,
    Optional<ToolKind> tool,
    Optional<Where> where,
    OptionalInt grit,
    double waterShare) {
  /** What a coat is. */
  public sealed interface Product {
    /** Out of a pot of the shelf. */
    record OfPot(String potId) implements Product {}

    /** A kind of medium of which nothing is owned yet. */
    record OfKind(String genericKey) implements Product {}

    /** A colour that is tried on without buying it: a paint as paints usually are. */
    record AsIf(Colour colour) implements Product {}
  }

  private static final int COARSEST = 24;
  private static final int FINEST = 3000;

  public static final Wish OPEN =
      new Wish(
          Optional.empty(),
          OptionalInt.empty(),
          Optional.empty(),
          Optional.empty(),
          OptionalInt.empty(),
          0);

  public Wish {
    if (times.isPresent() && (times.getAsInt() < 1 || times.getAsInt() > Coating.MOST_COATS)) {
      throw new RefusedInput(
          "coats",
          given(times.getAsInt()),
          said("is-not-a-number-of-coats"),
          said("1-to", given(Coating.MOST_COATS)));
    }
    if (grit.isPresent() && (grit.getAsInt() < COARSEST || grit.getAsInt() > FINEST)) {
      throw new RefusedInput(
          "grit",
          given(grit.getAsInt()),
          said("is-no-sandpaper"),
          said("a-whole-number-from-to", given(COARSEST), given(FINEST)));
    }
    if (!(waterShare >= 0 && waterShare <= 1)) {
      throw new RefusedInput(
          "thinned-by", given(waterShare), said("is-no-share"), said("a-share-from-0-to-1"));
    }
  }

  /** Out of that pot, all else as it is proposed. */
  public static Wish of(Product product) {
    return OPEN.with(product);
  }

  public Wish with(Product other) {
    return new Wish(Optional.of(other), times, tool, where, grit, waterShare);
  }

  public Wish times(OptionalInt other) {
    return new Wish(product, other, tool, where, grit, waterShare);
  }

  public Wish times(int other) {
    return times(OptionalInt.of(other));
  }

  public Wish with(ToolKind other) {
    return new Wish(product, times, Optional.of(other), where, grit, waterShare);
  }

  public Wish with(Where other) {
    return new Wish(product, times, tool, Optional.of(other), grit, waterShare);
  }

  public Wish sanded(OptionalInt other) {
    return new Wish(product, times, tool, where, other, waterShare);
  }

  public Wish thinned(double otherShare) {
    return new Wish(product, times, tool, where, grit, otherShare);
  }

  /** The pot it names. */
  public Optional<String> potId() {
    return product.filter(Product.OfPot.class::isInstance).map(p -> ((Product.OfPot) p).potId());
  }
}
