package craftmap.core.cut.nest;

import craftmap.core.chance.Dice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.function.DoublePredicate;

/**
 * Finds a plan that cuts into the fewest new sheets, then by straight cuts if it can, then with
 * what the search prefers.
 */
public final class Nesting {
  /** Of all tries so many look for plans by straight cuts; the rest cut around where that helps. */
  private static final double STRAIGHT_SHARE = 0.7;

  /** What filling corners may do for each try, which is about the work of a try. */
  private static final long STEPS_PER_TRY = 200;

  private final NestTask task;
  private final NestSearch search;
  private final DoublePredicate goOn;
  private final boolean leftovers;
  private final Comparator<Nested> better;
  private int least;
  private boolean stopped;

  private Nesting(NestTask task, NestSearch search, DoublePredicate goOn) {
    this.task = task;
    this.search = search;
    this.goOn = goOn;
    this.leftovers = search.preference() != NestSearch.Preference.LEFTOVERS_KEPT;
    this.better = better();
    this.least = least();
  }

  /**
   * A plan.
   *
   * @param goOn told the share that is done; where it says no, the best plan so far is the answer
   */
  public static Nested plan(NestTask task, NestSearch search, DoublePredicate goOn) {
    return new Nesting(task, search, goOn).run();
  }

  /**
   * Leftovers take some of the parts away from the bound; sheets of several sizes count largest.
   */
  private int least() {
    List<NestStock> sheets = task.sheets();
    if (sheets.isEmpty() || task.parts().isEmpty()) {
      return 0;
    }
    double knife = task.knifeMm();
    double width = sheets.stream().mapToDouble(s -> s.usable().widthMm()).max().orElseThrow();
    double height = sheets.stream().mapToDouble(s -> s.usable().heightMm()).max().orElseThrow();
    List<NestPart> larger =
        task.parts().stream().filter(p -> !fitsALeftover(p)).map(p -> p.grown(knife)).toList();
    double all =
        task.parts().stream()
            .mapToDouble(p -> (p.widthMm() + knife) * (p.heightMm() + knife))
            .sum();
    double onLeftovers =
        task.stock().stream()
            .filter(s -> !s.isNew() && leftovers)
            .mapToDouble(
                s -> s.count() * (s.usable().widthMm() + knife) * (s.usable().heightMm() + knife))
            .sum();
    double sheet = (width + knife) * (height + knife);
    int byArea = (int) Math.ceil((all - onLeftovers) / sheet - 1e-6);
    return Math.max(byArea, LeastSheets.of(larger, width + knife, height + knife));
  }

  private boolean fitsALeftover(NestPart p) {
    return task.stock().stream()
        .filter(s -> !s.isNew() && leftovers)
        .anyMatch(
            s ->
                p.widthMm() <= s.usable().widthMm() && p.heightMm() <= s.usable().heightMm()
                    || p.turns()
                        && p.heightMm() <= s.usable().widthMm()
                        && p.widthMm() <= s.usable().heightMm());
  }

  private Nested run() {
    List<Blocks.Block> single = singleBlocks();
    Nested best = null;
    for (List<Blocks.Block> blocks : blockings(single)) {
      best = inAllOrders(best, blocks, Filling.Split.STRAIGHT);
      if (isWithoutWaste(best)) {
        return best;
      }
    }
    best = better(best, tight(best));
    if (isWithoutWaste(best)) {
      return best;
    }
    best = improved(best, single, Filling.Split.STRAIGHT, 0, STRAIGHT_SHARE);
    if (!isDone(best)) {
      List<Filling.Split> around = List.of(Filling.Split.CUT_AROUND);
      best = improved(inAllOrders(best, single, around), single, around, STRAIGHT_SHARE, 0.95);
    }
    return proven(best);
  }

  /** Where the bound leaves hardly any room, corner after corner is filled. */
  private Nested tight(Nested found) {
    boolean asks =
        !isDone(found)
            && task.stock().size() == 1
            && !task.repeats()
            && task.locked().isEmpty()
            && task.sheets().size() == 1
            && task.sheets().getFirst().count() >= least
            && task.parts().stream().noneMatch(NestPart::turns);
    return asks
        ? Tight.fill(task, least, STEPS_PER_TRY * search.tries())
            .map(plan -> laidOut(task, plan))
            .orElse(found)
        : found;
  }

  private Nested inAllOrders(Nested known, List<Blocks.Block> blocks, List<Filling.Split> splits) {
    Nested best = known;
    for (Comparator<Blocks.Block> order : ORDERS) {
      List<Blocks.Block> sorted = new ArrayList<>(blocks);
      sorted.sort(order);
      for (Filling.Fit fit : Filling.Fit.values()) {
        for (Filling.Split split : splits) {
          best = better(best, fill(sorted, fit, split));
        }
      }
    }
    return best;
  }

  /** Larger blocks are harder to place: they go first, whatever large means. */
  private static final List<Comparator<Blocks.Block>> ORDERS =
      List.of(
          Comparator.comparingDouble(b -> -b.areaMm2()),
          Comparator.comparingDouble(b -> -b.heightMm()),
          Comparator.comparingDouble(b -> -b.widthMm()),
          Comparator.comparingDouble(b -> -(b.widthMm() + b.heightMm())),
          Comparator.comparingDouble(b -> -Math.max(b.widthMm(), b.heightMm())));

  private List<Blocks.Block> singleBlocks() {
    List<Blocks.Block> blocks = new ArrayList<>();
    for (int i = 0; i < task.parts().size(); i++) {
      NestPart p = task.parts().get(i);
      blocks.add(Blocks.Block.of(i, p.widthMm() + task.knifeMm(), p.heightMm() + task.knifeMm()));
    }
    return blocks;
  }

  /** Joined where that may be, and one by one. */
  private List<List<Blocks.Block>> blockings(List<Blocks.Block> single) {
    List<NestStock> sheets = task.sheets();
    if (task.repeats()
        || sheets.isEmpty()
        || !task.locked().isEmpty()
        || task.parts().stream().anyMatch(NestPart::turns)) {
      return List.of(single);
    }
    var sheet = sheets.getFirst().usable();
    List<Blocks.Block> joined =
        Blocks.join(
            single,
            sheet.widthMm() + task.knifeMm(),
            sheet.heightMm() + task.knifeMm(),
            Blocks.Effort.of(search.tries()),
            this::goesOn);
    return joined.size() == single.size() ? List.of(single) : List.of(joined, single);
  }

  private Nested fill(List<Blocks.Block> blocks, Filling.Fit fit, Filling.Split split) {
    return new Filling(task, leftovers, fit, split).fill(blocks, least);
  }

  private boolean goesOn() {
    stopped = stopped || !goOn.test(0);
    return !stopped;
  }

  private boolean isDone(Nested plan) {
    return plan.unplaced().isEmpty() && plan.newSheets() <= least;
  }

  private boolean isWithoutWaste(Nested plan) {
    return plan != null
        && isDone(plan)
        && plan.sheets().stream().allMatch(s -> s.isNew() && s.leftovers().isEmpty());
  }

  private Comparator<Nested> better() {
    Comparator<Nested> first =
        Comparator.comparingInt((Nested n) -> n.unplaced().size())
            .thenComparingInt(Nested::newSheets)
            .thenComparingInt(n -> n.sheets().size())
            .thenComparingLong(Nested::cutAround);
    return search.preference() == NestSearch.Preference.FEWEST_CUTS
        ? first
            .thenComparingInt(n -> n.cuts(task))
            .thenComparingDouble(n -> -n.largestLeftoverMm2())
        : first.thenComparingDouble(n -> -n.largestLeftoverMm2());
  }

  private Nested better(Nested known, Nested other) {
    return known == null || better.compare(other, known) < 0 ? other : known;
  }

  /**
   * Some of the blocks are moved to another place in the order, and all are filled again. A plan
   * that is as good is taken too: it may lead on where the last one does not.
   */
  private Nested improved(
      Nested found,
      List<Blocks.Block> single,
      List<Filling.Split> splits,
      double fromShare,
      double toShare) {
    Nested best = found;
    Dice dice = new Dice(search.seed());
    List<Blocks.Block> order = new ArrayList<>(single);
    order.sort(ORDERS.getFirst());
    int tries = (int) (search.tries() * (toShare - fromShare));
    for (int t = 0; t < tries && !isWithoutWaste(best) && !stopped; t++) {
      stopped = !goOn.test(fromShare + (toShare - fromShare) * t / tries);
      List<Blocks.Block> other = new ArrayList<>(order);
      int moves = 1 + (int) (dice.next() * 4);
      for (int m = 0; m < moves; m++) {
        Blocks.Block moved = other.remove((int) (dice.next() * other.size()));
        other.add((int) (dice.next() * (other.size() + 1)), moved);
      }
      Filling.Fit fit = Filling.Fit.values()[(int) (dice.next() * Filling.Fit.values().length)];
      Filling.Split split = splits.get((int) (dice.next() * splits.size()));
      Nested plan = fill(other, fit, split);
      if (better.compare(plan, best) <= 0) {
        best = plan;
        order = other;
      }
    }
    return best;
  }

  /** Where few parts leave it open whether fewer sheets would do, a solver is asked. */
  private Nested proven(Nested found) {
    Nested best = found;
    while (!stopped
        && !isDone(best)
        && task.parts().size() <= search.exactParts()
        && best.newSheets() > 0
        && best.unplaced().isEmpty()) {
      stopped = !goOn.test(0.95);
      NestTask asked = leftovers ? task : withoutLeftovers();
      ExactNest.Answer answer = ExactNest.asks(asked, search, best.newSheets() - 1);
      if (answer.impossible()) {
        least = best.newSheets();
      } else if (answer.plan().isPresent()) {
        best = laidOut(asked, answer.plan().orElseThrow());
      } else {
        break;
      }
    }
    return best.withLeast(Math.min(least, best.newSheets()));
  }

  /** The same with no leftover to count on, numbers unchanged. */
  private NestTask withoutLeftovers() {
    List<NestStock> stock = task.stock().stream().map(s -> s.isNew() ? s : s.times(0)).toList();
    return new NestTask(task.parts(), stock, task.knifeMm(), task.locked());
  }

  private Nested laidOut(NestTask asked, List<NestTask.Locked> plan) {
    TreeMap<List<Integer>, List<Nested.Placed>> sheets =
        new TreeMap<>(
            Comparator.comparing((List<Integer> k) -> task.stock().get(k.getFirst()).isNew())
                .thenComparing(List::getFirst)
                .thenComparing(List::getLast));
    for (NestTask.Locked l : plan) {
      sheets
          .computeIfAbsent(List.of(l.stock(), l.copy()), k -> new ArrayList<>())
          .add(new Nested.Placed(l.part(), l.at(), l.turned()));
    }
    List<Nested.Sheet> laid = new ArrayList<>();
    sheets.forEach(
        (k, placed) -> laid.add(Nested.Sheet.of(asked, k.getFirst(), k.getLast(), placed)));
    return new Nested(laid, List.of(), least);
  }
}
