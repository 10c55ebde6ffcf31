package craftmap.core.order.schedule;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;

/**
 * What one schedule is better than another by: the less of it the better, and what stands first
 * counts first.
 *
 * @param moved how many steps that the artist fixed are not begun then
 * @param finish the minute at which the last step ends
 * @param visits on how many days somebody has to come for what is left
 * @param changes how often whoever works takes another tool, or another colour, on the same day;
 *     what is done already does not count
 * @param offWhatWasTold by how many minutes, all together, steps begin otherwise than they were
 *     told to, where it is planned anew
 * @param sumOfStarts how late all of it is begun, all together
 */
record Merit(
    int moved, int finish, int visits, int changes, long offWhatWasTold, long sumOfStarts) {
  private static final Comparator<Merit> IN_TURN =
      Comparator.comparingInt(Merit::moved)
          .thenComparingInt(Merit::finish)
          .thenComparingInt(Merit::visits)
          .thenComparingInt(Merit::changes)
          .thenComparingLong(Merit::offWhatWasTold)
          .thenComparingLong(Merit::sumOfStarts);

  private static final int BITS_OF_A_PLACE = 32;

  static Merit of(Problem problem, Schedule schedule) {
    return of(problem, Times.of(problem, schedule));
  }

  static Merit of(Problem problem, Times times) {
    int finish = 0;
    long off = 0;
    long starts = 0;
    // which begins first, and of what begins at once, which id comes first
    long[] inTurn = new long[problem.size()];
    for (int i = 0; i < inTurn.length; i++) {
      int from = times.from(i);
      inTurn[i] = ((long) from << BITS_OF_A_PLACE) + problem.placeById(i);
      finish = Math.max(finish, from + problem.duration(i));
      off += Math.abs(from - problem.told(i).orElse(from));
      starts += from;
    }
    Arrays.sort(inTurn);
    BitSet days = new BitSet();
    int changes = 0;
    int[] lastDay = new int[problem.people() + 1];
    int[] lastKit = new int[problem.people() + 1];
    Arrays.fill(lastDay, -1);
    for (long turn : inTurn) {
      int step = problem.byId((int) turn);
      int who = times.person(step);
      if (times.from(step) < problem.notBefore()) {
        continue;
      }
      int day = problem.openings(who).day(times.from(step));
      int kit = problem.kits().of(step);
      changes += lastDay[who] == day && lastKit[who] != kit ? 1 : 0;
      lastDay[who] = day;
      lastKit[who] = kit;
      days.set(day);
    }
    return new Merit(
        howManyMoved(problem, times), finish, days.cardinality(), changes, off, starts);
  }

  private static int howManyMoved(Problem problem, Times times) {
    int moved = 0;
    for (int step : problem.fixed()) {
      moved += times.from(step) == problem.fixed(step).orElseThrow() ? 0 : 1;
    }
    return moved;
  }

  boolean isBetterThan(Merit other) {
    return IN_TURN.compare(this, other) < 0;
  }
}
