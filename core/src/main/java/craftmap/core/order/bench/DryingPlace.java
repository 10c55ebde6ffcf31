package craftmap.core.order.bench;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import java.util.Optional;

/**
 * Where things lie while they dry: a floor, a bench, the shelves of a rack.
 *
 * @param count how many of them there are, each for one thing
 * @param size how large each is; absent where whatever there is finds room on it
 */
public record DryingPlace(String name, int count, Optional<Footprint> size) {
  /** No knob finds room on less, and no workshop is wider. */
  private static final LengthRange SIDE = new LengthRange(50, true, 10_000);

  public DryingPlace {
    name = Names.checked(name);
    if (count < 1 || count > Bench.MOST_PLACES) {
      throw new RefusedInput(
          "places-to-dry", given(count), said("cannot-be"), said("1-to", given(Bench.MOST_PLACES)));
    }
    size.ifPresent(
        s -> {
          SIDE.check("side-of-a-place", s.longMm());
          SIDE.check("side-of-a-place", s.shortMm());
        });
  }

  /** Places on which anything finds room. */
  public static DryingPlace ofAnySize(int count) {
    return new DryingPlace("Places", count, Optional.empty());
  }

  /** Whether something finds room on it; of what nobody knows the size does. */
  public boolean holds(Optional<Footprint> thing) {
    return size.isEmpty() || thing.isEmpty() || size.get().holds(thing.get());
  }

  DryingPlace more(int others) {
    return new DryingPlace(name, count + others, size);
  }
}
