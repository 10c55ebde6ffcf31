package craftmap.core.lay;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.chance.Dice;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What the eye changes of a rule's answer: every copy a little off its place, within a tolerance,
 * and copies that were put somewhere by hand and stay there.
 *
 * @param wobbleMm at most this far off, each way
 * @param wobbleDeg turned by at most this
 * @param seed the same seed gives the same wobble
 * @param held copies put by hand, by their number in the rule's answer, from 0
 */
public record Eye(double wobbleMm, double wobbleDeg, int seed, List<Held> held) {
  private static final LengthRange WOBBLE = LengthRange.DISTANCE.upTo(200);
  private static final FigureRange TURN = new FigureRange("°", 0, 180, 1);
  private static final int MOST_HELD = 500;

  /** The rule has the last word. */
  public static final Eye NONE = new Eye(0, 0, 1, List.of());

  /** A copy put by hand. */
  public record Held(int item, Point at, double turnDeg) {}

  public Eye {
    wobbleMm = WOBBLE.check("off-its-place-by-at-most", wobbleMm);
    wobbleDeg = TURN.check("turned-by-at-most", wobbleDeg);
    held = List.copyOf(held);
    if (held.size() > MOST_HELD) {
      throw new RefusedInput(
          "copies-put-by-hand",
          given(held.size()),
          said("are-too-many"),
          said("at-most", given(MOST_HELD)));
    }
  }

  public boolean changesNothing() {
    return wobbleMm == 0 && wobbleDeg == 0 && held.isEmpty();
  }

  /**
   * The items as the eye has them.
   *
   * @param items a part cut on purpose, as at a mitre, stays where it is
   */
  public Seen apply(Room room, List<Item> items) {
    if (changesNothing()) {
      return new Seen(items, 0, 0);
    }
    Map<Integer, Held> byItem = new HashMap<>();
    held.forEach(h -> byItem.put(h.item(), h));
    Dice dice = new Dice(seed);
    List<Item> seen = new ArrayList<>(items.size());
    double farthest = 0;
    int put = 0;
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      double dx = dice.aside() * wobbleMm;
      double dy = dice.aside() * wobbleMm;
      double turn = dice.aside() * wobbleDeg;
      Placement at = item.at();
      Held by = byItem.get(i);
      if (by != null) {
        at = new Placement(by.at(), by.turnDeg(), at.mirrored(), at.scale());
        put++;
      } else if (item.isWhole()) {
        at = at.movedBy(dx, dy).turnedBy(turn);
      }
      farthest = Math.max(farthest, at.centre().distanceMm(item.centre()));
      if (at.equals(item.at())) {
        seen.add(item);
      } else {
        room.place(item.design(), at).ifPresent(seen::add);
      }
    }
    return new Seen(seen, farthest, put);
  }

  /**
   * What came of it.
   *
   * @param farthestMm how far a copy lies from where the rule had it, at most
   * @param put copies that were put by hand
   */
  public record Seen(List<Item> items, double farthestMm, int put) {
    public Seen {
      items = List.copyOf(items);
    }

    public Seen movedBy(double dxMm, double dyMm) {
      return new Seen(items.stream().map(i -> i.movedBy(dxMm, dyMm)).toList(), farthestMm, put);
    }
  }
}
