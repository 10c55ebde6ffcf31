package craftmap.core.lay.sheet;

import craftmap.core.design.MotifBox;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Slides a picture behind windows to where least of what matters is spoilt. A motif is whole where
 * its box lies inside one window and off every hindrance; else it is spoilt and counts by its
 * importance.
 *
 * <p>Nothing is sampled. For each motif the places where it is whole are boxes whose sides are
 * given by an edge of the motif and an edge of a window or a hindrance, its sides belonging to it.
 * Whatever can be whole together is therefore whole together at a corner of such boxes, and only
 * those places are looked at, besides the ends of the freedom and the place that is wished for.
 */
public final class SpoilSearch {
  /** One bit for each motif. */
  private static final int MOST_MOTIFS = 62;

  private SpoilSearch() {}

  /**
   * What is asked.
   *
   * @param windows where something of the picture shows
   * @param hindrances what spoils a motif that it lies on: a knob, a break
   * @param motifs in the picture's own coordinates
   * @param least the picture's smallest shift to the right and down
   * @param most its largest
   * @param wished the shift that looks best where nothing else decides
   */
  public record Problem(
      List<Box> windows,
      List<Box> hindrances,
      List<MotifBox> motifs,
      Point least,
      Point most,
      Point wished) {
    public Problem {
      windows = List.copyOf(windows);
      hindrances = List.copyOf(hindrances);
      motifs =
          motifs.stream()
              .sorted(Comparator.comparingInt(MotifBox::importance).reversed())
              .limit(MOST_MOTIFS)
              .toList();
    }
  }

  /**
   * A place for the picture.
   *
   * @param spoilt the motifs that are not whole there
   */
  public record Found(Point shift, List<MotifBox> spoilt) {
    public Found {
      spoilt = List.copyOf(spoilt);
    }

    public int weight() {
      return spoilt.stream().mapToInt(MotifBox::importance).sum();
    }
  }

  /** The best places, best first, each spoiling other motifs than those before it. */
  public static List<Found> best(Problem problem, int most) {
    Map<Long, Place> bySpoilt = new HashMap<>();
    double[] ys = places(problem, false);
    for (double x : places(problem, true)) {
      long[] spoilt = spoilt(problem, x, ys);
      for (int i = 0; i < ys.length; i++) {
        double off = Math.hypot(x - problem.wished().xMm(), ys[i] - problem.wished().yMm());
        Place known = bySpoilt.get(spoilt[i]);
        if (known == null || off < known.off - Tolerance.EXACT.lengthMm()) {
          bySpoilt.put(spoilt[i], new Place(new Point(x, ys[i]), off));
        }
      }
    }
    return ranked(problem, bySpoilt, most);
  }

  /** What is spoilt with the picture shifted by so much. */
  public static List<MotifBox> at(Problem problem, Point shift) {
    return motifs(problem, spoilt(problem, shift.xMm(), new double[] {shift.yMm()})[0]);
  }

  private record Place(Point shift, double off) {}

  /** Remembers what was searched. */
  public static final class Memo {
    private final Map<Problem, List<Found>> known = new HashMap<>();

    public List<Found> best(Problem problem, int most) {
      return known.computeIfAbsent(problem, p -> SpoilSearch.best(p, most));
    }
  }

  private static List<Found> ranked(Problem problem, Map<Long, Place> bySpoilt, int most) {
    List<Long> order = new ArrayList<>(bySpoilt.keySet());
    order.sort(
        Comparator.comparingInt((Long s) -> weight(problem, s))
            .thenComparingDouble(s -> bySpoilt.get(s).off)
            .thenComparingLong(s -> s));
    return order.stream()
        .limit(most)
        .map(s -> new Found(bySpoilt.get(s).shift, motifs(problem, s)))
        .toList();
  }

  private static int weight(Problem problem, long spoilt) {
    return motifs(problem, spoilt).stream().mapToInt(MotifBox::importance).sum();
  }

  private static List<MotifBox> motifs(Problem problem, long spoilt) {
    List<MotifBox> motifs = new ArrayList<>();
    for (int m = 0; m < problem.motifs().size(); m++) {
      if ((spoilt & 1L << m) != 0) {
        motifs.add(problem.motifs().get(m));
      }
    }
    return motifs;
  }

  /** Where an edge of a motif comes to an edge of something, along one axis. */
  private static double[] places(Problem p, boolean across) {
    double least = across ? p.least.xMm() : p.least.yMm();
    double most = Math.max(least, across ? p.most.xMm() : p.most.yMm());
    TreeSet<Double> places = new TreeSet<>(List.of(least, most));
    double wished = across ? p.wished.xMm() : p.wished.yMm();
    places.add(Math.clamp(wished, least, most));
    for (MotifBox motif : p.motifs) {
      double from = across ? motif.box().leftMm() : motif.box().topMm();
      double to = across ? motif.box().rightMm() : motif.box().bottomMm();
      for (Box w : p.windows) {
        add(places, (across ? w.leftMm() : w.topMm()) - from, least, most);
        add(places, (across ? w.rightMm() : w.bottomMm()) - to, least, most);
      }
      for (Box h : p.hindrances) {
        add(places, (across ? h.leftMm() : h.topMm()) - to, least, most);
        add(places, (across ? h.rightMm() : h.bottomMm()) - from, least, most);
      }
    }
    return places.stream().mapToDouble(d -> d).toArray();
  }

  private static void add(TreeSet<Double> places, double at, double least, double most) {
    if (at >= least && at <= most) {
      places.add(at);
    }
  }

  /** For each place down, with the picture shifted to the right by x, which motifs are spoilt. */
  private static long[] spoilt(Problem p, double x, double[] ys) {
    long[] spoilt = new long[ys.length];
    int[] steps = new int[ys.length + 1];
    int[] hits = new int[ys.length + 1];
    double t = Tolerance.EXACT.lengthMm();
    for (int m = 0; m < p.motifs.size(); m++) {
      Box box = p.motifs.get(m).box();
      java.util.Arrays.fill(steps, 0);
      java.util.Arrays.fill(hits, 0);
      for (Box w : p.windows) {
        if (box.leftMm() + x >= w.leftMm() - t && box.rightMm() + x <= w.rightMm() + t) {
          count(steps, ys, w.topMm() - box.topMm() - t, w.bottomMm() - box.bottomMm() + t);
        }
      }
      for (Box h : p.hindrances) {
        if (box.leftMm() + x < h.rightMm() - t && box.rightMm() + x > h.leftMm() + t) {
          count(hits, ys, h.topMm() - box.bottomMm() + t, h.bottomMm() - box.topMm() - t);
        }
      }
      int inside = 0;
      int onSomething = 0;
      for (int i = 0; i < ys.length; i++) {
        inside += steps[i];
        onSomething += hits[i];
        if (inside == 0 || onSomething > 0) {
          spoilt[i] |= 1L << m;
        }
      }
    }
    return spoilt;
  }

  /** Adds one to all places from one to another. */
  private static void count(int[] steps, double[] ys, double from, double to) {
    int first = firstAtLeast(ys, from);
    int end = firstAtLeast(ys, Math.nextUp(to));
    if (first < end) {
      steps[first]++;
      steps[end]--;
    }
  }

  private static int firstAtLeast(double[] sorted, double value) {
    int found = java.util.Arrays.binarySearch(sorted, value);
    return found >= 0 ? found : -found - 1;
  }
}
