package craftmap.server.lately;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * The last reading of each studio, with the stamp it was read under. The stamp comes from the
 * database with every question, so several servers may keep one each.
 */
public final class Lately<T> {
  private record Read<T>(Map<String, Object> stamp, T what) {}

  private final Map<String, Read<T>> byStudio = new ConcurrentHashMap<>();

  /** What was read under this stamp, or it is read now. */
  public T of(String studioId, Map<String, Object> stamp, Supplier<T> reader) {
    Read<T> known = byStudio.get(studioId);
    if (known != null && known.stamp().equals(stamp)) {
      return known.what();
    }
    T what = reader.get();
    byStudio.put(studioId, new Read<>(stamp, what));
    return what;
  }
}
