package craftmap.core.lay.rule;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** What was worked out lately, because a drag asks for the same again and again. */
public final class Lately<K, V> {
  private final Map<K, V> known;

  public Lately(int most) {
    known =
        new LinkedHashMap<>(16, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
          }
        };
  }

  /** Two who ask at once may both work it out; what they get is the same. */
  public V of(K key, Function<K, V> work) {
    synchronized (known) {
      V value = known.get(key);
      if (value != null) {
        return value;
      }
    }
    V worked = work.apply(key);
    synchronized (known) {
      known.put(key, worked);
    }
    return worked;
  }
}
