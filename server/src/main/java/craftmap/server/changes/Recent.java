package craftmap.server.changes;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was asked for last, as much of it as may be kept; what nobody asked for the longest goes
 * first. The one plan somebody works on is another with every move of a hand: a cache that goes by
 * how often things are asked for keeps yesterday's and turns today's away (decision 29).
 */
public final class Recent<K, V> {
  private final int most;

  private final Map<K, Kept<V>> kept = new LinkedHashMap<>(16, 0.75f, true);

  private long weight;

  private static final class Kept<V> {
    private final V what;
    private int weight;

    Kept(V what) {
      this.what = what;
    }
  }

  /**
   * @param most of all together
   */
  public Recent(int most) {
    this.most = most;
  }

  public synchronized Optional<V> get(K key) {
    return Optional.ofNullable(kept.get(key)).map(k -> k.what);
  }

  /**
   * Puts something there whose weight nobody knows yet; it stays until it is weighed or removed.
   *
   * @return what was there, and is there still
   */
  synchronized Optional<V> putIfAbsent(K key, V what) {
    return Optional.ofNullable(kept.putIfAbsent(key, new Kept<>(what))).map(k -> k.what);
  }

  /** Tells the weight of what is there, if it is still that, and drops what is now too much. */
  synchronized void weigh(K key, V what, int weighs) {
    Kept<V> there = kept.get(key);
    if (there != null && there.what == what) {
      weight += weighs - there.weight;
      there.weight = weighs;
      dropTheOldest();
    }
  }

  /** Puts something there, be it in the place of something else. */
  public synchronized void put(K key, V what, int weighs) {
    remove(key);
    putIfAbsent(key, what);
    weigh(key, what, weighs);
  }

  synchronized void remove(K key) {
    Kept<V> gone = kept.remove(key);
    weight -= gone == null ? 0 : gone.weight;
  }

  /** Removes what is there if it is still that. */
  synchronized void remove(K key, V what) {
    Kept<V> there = kept.get(key);
    if (there != null && there.what == what) {
      remove(key);
    }
  }

  private void dropTheOldest() {
    Iterator<Kept<V>> oldest = kept.values().iterator();
    while (weight > most && oldest.hasNext()) {
      Kept<V> next = oldest.next();
      if (next.weight > 0) {
        weight -= next.weight;
        oldest.remove();
      }
    }
  }
}
