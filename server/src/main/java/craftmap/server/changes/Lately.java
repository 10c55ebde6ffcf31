package craftmap.server.changes;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;

/**
 * The last reading of each studio, with the stamp it was read under. The stamp comes from the
 * database with every question, so several servers may keep one each.
 */
public final class Lately<T> {
  private record Read<T>(Changes.Stamp stamp, T what) {}

  /** More studios than work at once; the others are read anew. */
  private static final int MOST = 200;

  private final Cache<String, Read<T>> byStudio = Caffeine.newBuilder().maximumSize(MOST).build();

  /** What was read under this stamp, or it is read now. */
  public T of(String studioId, Changes.Stamp stamp, Supplier<T> reader) {
    Read<T> known = byStudio.getIfPresent(studioId);
    if (known != null && known.stamp().equals(stamp)) {
      return known.what();
    }
    T what = reader.get();
    byStudio.put(studioId, new Read<>(stamp, what));
    return what;
  }
}
