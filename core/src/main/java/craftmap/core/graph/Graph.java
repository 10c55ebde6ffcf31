package craftmap.core.graph;

import java.util.List;

/**
 * Things, by number, some of which get in each other's way.
 *
 * @param near for each thing those in its way, in rising order
 */
public record Graph(List<int[]> near) {
  public Graph {
    near = List.copyOf(near);
  }

  /** From lists in any order, a neighbour named twice counting once. */
  public static Graph of(List<List<Integer>> near) {
    return new Graph(
        near.stream().map(n -> n.stream().mapToInt(k -> k).sorted().distinct().toArray()).toList());
  }

  public int size() {
    return near.size();
  }

  public int[] of(int thing) {
    return near.get(thing);
  }
}
