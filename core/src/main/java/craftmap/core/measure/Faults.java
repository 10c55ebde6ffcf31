package craftmap.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Collects what is wrong with something of many parts, so that a person is told all of it at once.
 * Each part is tried by itself; what is said of the whole is only worth saying where all parts are
 * right.
 */
public final class Faults {
  /** More than anyone reads. */
  private static final int MOST = 50;

  private final List<RefusedInput.Fault> all = new ArrayList<>();

  /** A part; none where it is refused, or where there is enough to tell already. */
  public <T> Optional<T> part(Supplier<T> part) {
    if (all.size() >= MOST) {
      return Optional.empty();
    }
    try {
      return Optional.of(part.get());
    } catch (RefusedInput refused) {
      add(refused);
      return Optional.empty();
    }
  }

  /** Each of several parts; those that are refused are missing among them. */
  public <S, T> List<T> parts(List<S> sources, Function<S, T> part) {
    return sources.stream().flatMap(s -> part(() -> part.apply(s)).stream()).toList();
  }

  /** The whole; refused with everything that was wrong with its parts, or with what itself says. */
  public <T> T whole(Supplier<T> whole) {
    if (!all.isEmpty()) {
      throw new RefusedInput(all);
    }
    return whole.get();
  }

  private void add(RefusedInput refused) {
    refused.faults().stream().limit(MOST - all.size()).forEach(all::add);
  }
}
