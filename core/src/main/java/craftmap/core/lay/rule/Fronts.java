package craftmap.core.lay.rule;

import craftmap.core.lay.Room;
import craftmap.core.lay.sheet.SpoilSearch;
import craftmap.core.plane.Box;
import craftmap.core.plane.Extent;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The faces that one lay goes over, as they stand beside each other, and the one that is looked at.
 *
 * @param own which of them is looked at
 * @param memo what was searched already, for all that look at the same faces
 */
public record Fronts(List<Front> all, int own, SpoilSearch.Memo memo) {

  /** A face and where it begins in the plane they share. */
  public record Front(Room room, Point at) {
    public Box box() {
      return new Box(at.xMm(), at.yMm(), room.outline().widthMm(), room.outline().heightMm());
    }

    Front movedTo(Point other) {
      return new Front(room, other);
    }
  }

  public Fronts {
    all = List.copyOf(all);
  }

  public static Fronts of(List<Front> all, int own) {
    return new Fronts(all, own, new SpoilSearch.Memo());
  }

  public static Fronts alone(Room room) {
    return of(List.of(new Front(room, new Point(0, 0))), 0);
  }

  public Front ownFront() {
    return all.get(own);
  }

  public boolean isOne() {
    return all.size() == 1;
  }

  /** The same, seen from another of them. */
  public Fronts lookingAt(int front) {
    return new Fronts(all, front, memo);
  }

  /** The box around all. */
  public Box around() {
    return all.stream().map(Front::box).reduce(Box::and).orElseThrow();
  }

  /**
   * Pushed together: every gap that runs all the way through between them is gone. A gap beside
   * which a face goes on stays.
   */
  public Fronts closedUp() {
    List<Extent> across = new ArrayList<>();
    List<Extent> down = new ArrayList<>();
    for (Front f : all) {
      Box b = f.box();
      across.add(new Extent(b.leftMm(), 0, b.rightMm(), 1));
      down.add(new Extent(b.topMm(), 0, b.bottomMm(), 1));
    }
    return new Fronts(
        all.stream()
            .map(
                f ->
                    f.movedTo(
                        new Point(
                            f.at().xMm() - gapsBefore(across, f.at().xMm()),
                            f.at().yMm() - gapsBefore(down, f.at().yMm()))))
            .toList(),
        own,
        memo);
  }

  /** What of the stretch before a place is covered by nothing. */
  private static double gapsBefore(List<Extent> stretches, double place) {
    List<Extent> sorted = new ArrayList<>(stretches);
    sorted.sort(Comparator.comparingDouble(Extent::leftMm));
    double gaps = 0;
    double reached = sorted.getFirst().leftMm();
    for (Extent e : sorted) {
      if (e.leftMm() > place) {
        break;
      }
      gaps += Math.max(0, e.leftMm() - reached);
      reached = Math.max(reached, e.rightMm());
    }
    return gaps;
  }

  /** True where pushing together changes anything. */
  public boolean haveGaps() {
    return !closedUp().all().equals(all);
  }
}
