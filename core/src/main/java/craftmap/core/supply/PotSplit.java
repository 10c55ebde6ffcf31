package craftmap.core.supply;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which use comes out of which of several pots of the same paint, so that no coat begins in one and
 * ends in another: two batches of one colour are hardly ever quite the same.
 *
 * @param pots the pot of each use that comes out of one alone, by use
 * @param runOver uses that no pot has enough for by itself, beside the others: their pots are
 *     poured together first
 */
public record PotSplit(Map<String, String> pots, List<String> runOver) {
  /**
   * Far more than it takes for the coats of a piece; then the best way found until then is told.
   */
  private static final int MOST_TRIES = 400_000;

  private static final double EXACT = 1e-6;

  /**
   * Something that takes so much.
   *
   * @param potId out of which it comes as it is planned
   */
  public record Use(String id, String potId, double quantity) {}

  /** A pot, and how much of it can be counted on. */
  public record Room(String potId, double quantity) {}

  /** Whether it leaves the plan as it is. */
  public boolean isAsPlanned(List<Use> uses) {
    return uses.stream().allMatch(u -> u.potId().equals(pots.get(u.id())));
  }

  /**
   * With as few uses that run over as can be, then with as few that come out of another pot than
   * they were planned to. It is searched: each use in each pot, the large ones first, leaving out
   * what can only come to more than the best found.
   *
   * @return none where the pots together have not got enough
   */
  public static Optional<PotSplit> of(List<Use> uses, List<Room> rooms) {
    double wanted = uses.stream().mapToDouble(Use::quantity).sum();
    double there = rooms.stream().mapToDouble(Room::quantity).sum();
    return wanted > there + EXACT ? Optional.empty() : Optional.of(new Search(uses, rooms).best());
  }

  private static final class Search {
    private static final int RUNS_OVER = -1;

    private final List<Use> uses;
    private final List<Room> rooms;
    private final double[] left;
    private final int[] now;
    private int[] best;
    private int bestOver = Integer.MAX_VALUE;
    private int bestMoved = Integer.MAX_VALUE;
    private int tries;

    private Search(List<Use> uses, List<Room> rooms) {
      this.uses =
          uses.stream()
              .sorted(Comparator.comparingDouble(Use::quantity).reversed().thenComparing(Use::id))
              .toList();
      this.rooms = rooms;
      this.left = rooms.stream().mapToDouble(Room::quantity).toArray();
      this.now = new int[uses.size()];
    }

    private PotSplit best() {
      place(0, 0, 0);
      Map<String, String> pots = new LinkedHashMap<>();
      List<String> over = new ArrayList<>();
      for (int u = 0; u < uses.size(); u++) {
        if (best[u] == RUNS_OVER) {
          over.add(uses.get(u).id());
        } else {
          pots.put(uses.get(u).id(), rooms.get(best[u]).potId());
        }
      }
      return new PotSplit(pots, over);
    }

    private void place(int at, int over, int moved) {
      if (over > bestOver || over == bestOver && moved >= bestMoved || tries++ > MOST_TRIES) {
        return;
      }
      if (at == uses.size()) {
        best = now.clone();
        bestOver = over;
        bestMoved = moved;
        return;
      }
      Use use = uses.get(at);
      int own = own(use);
      if (own >= 0) {
        put(at, own, over, moved);
      }
      for (int p = 0; p < rooms.size(); p++) {
        if (p != own) {
          put(at, p, over, moved + 1);
        }
      }
      now[at] = RUNS_OVER;
      place(at + 1, over + 1, moved);
    }

    private void put(int at, int pot, int over, int moved) {
      double quantity = uses.get(at).quantity();
      if (quantity <= left[pot] + EXACT) {
        left[pot] -= quantity;
        now[at] = pot;
        place(at + 1, over, moved);
        left[pot] += quantity;
      }
    }

    private int own(Use use) {
      for (int p = 0; p < rooms.size(); p++) {
        if (rooms.get(p).potId().equals(use.potId())) {
          return p;
        }
      }
      return -1;
    }
  }
}
