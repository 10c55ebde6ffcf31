package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.plan.coats.CoatsReading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A band of a group whose turn it is. */
record Turn(GroupReading group, BandReading band) {
  /**
   * The bands of all groups, so that a lay over several groups comes after what lies under it in
   * each of them. Two lays that stand the other way round in two groups are laid as they stand in
   * the first.
   */
  static List<Turn> all(CoatsReading coats) {
    Map<String, List<BandReading>> left = new LinkedHashMap<>();
    Map<String, GroupReading> groups = new LinkedHashMap<>();
    for (GroupReading group : coats.groups()) {
      if (!group.bands().isEmpty()) {
        groups.put(group.group().id(), group);
        left.put(group.group().id(), new ArrayList<>(group.bands()));
      }
    }
    List<Turn> turns = new ArrayList<>();
    while (!left.values().stream().allMatch(List::isEmpty)) {
      boolean moved = false;
      for (String id : left.keySet()) {
        List<BandReading> bands = left.get(id);
        while (!bands.isEmpty() && isUnderNothing(bands.getFirst(), left, turns)) {
          turns.add(new Turn(groups.get(id), bands.removeFirst()));
          moved = true;
        }
      }
      if (!moved) {
        String id =
            left.keySet().stream().filter(g -> !left.get(g).isEmpty()).findFirst().orElseThrow();
        turns.add(new Turn(groups.get(id), left.get(id).removeFirst()));
      }
    }
    return turns;
  }

  /** Whether a band is the next in every group it is in, or was reached in one of them. */
  private static boolean isUnderNothing(
      BandReading band, Map<String, List<BandReading>> left, List<Turn> turns) {
    if (!(band.band() instanceof Band.OfLay lay)) {
      return true;
    }
    boolean reached = turns.stream().anyMatch(t -> t.band.band().key().equals(lay.key()));
    return reached
        || left.values().stream()
            .filter(bands -> bands.stream().anyMatch(b -> b.band().key().equals(lay.key())))
            .allMatch(bands -> bands.getFirst().band().key().equals(lay.key()));
  }
}
