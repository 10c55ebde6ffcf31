package craftmap.core.graph;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * Things, by number, some of which get in each other's way.
 *
 * @param near for each thing those in its way, in rising order
 */
public record Graph(List<int[]> near) {
  public Graph {
    near = List.copyOf(near);
  }

  public int size() {
    return near.size();
  }

  public int[] of(int thing) {
    return near.get(thing);
  }

  /** Made pair by pair, in any order; a pair named twice counts once. */
  public static final class Pairs {
    private final Numbers[] near;

    public Pairs(int size) {
      this.near = Stream.generate(Numbers::new).limit(size).toArray(Numbers[]::new);
    }

    public void add(int one, int other) {
      near[one].add(other);
      near[other].add(one);
    }

    public Graph graph() {
      return new Graph(Stream.of(near).map(Numbers::sorted).toList());
    }
  }

  /**
   * Of thousands of things with dozens in the way of each, numbers in boxes are most of the time.
   */
  private static final class Numbers {
    private int[] all = new int[8];
    private int size;

    void add(int number) {
      if (size == all.length) {
        all = Arrays.copyOf(all, 2 * size);
      }
      all[size++] = number;
    }

    int[] sorted() {
      Arrays.sort(all, 0, size);
      int kept = 0;
      for (int i = 0; i < size; i++) {
        if (i == 0 || all[i] != all[i - 1]) {
          all[kept++] = all[i];
        }
      }
      size = kept;
      return Arrays.copyOf(all, kept);
    }
  }
}
