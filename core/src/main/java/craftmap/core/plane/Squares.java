package craftmap.core.plane;

import java.util.List;
import java.util.function.IntConsumer;

/**
 * Boxes, by the squares of a grid that they lie on, so that those near a place are found without
 * looking at the others. Made for many boxes of about one size, such as prints all over a face; of
 * any others it is right as well, and only slower.
 */
public final class Squares {
  /** However far apart boxes lie, no more squares than this are made for each. */
  private static final int MOST_FOR_EACH = 4;

  /** The sides of the boxes, by their numbers. */
  private final double[] lefts;

  private final double[] tops;
  private final double[] rights;
  private final double[] bottoms;

  private final double leftMm;
  private final double topMm;
  private final double wideMm;
  private final double highMm;
  private final int across;
  private final int down;

  /** Where the boxes of each square begin among all, and at the end where the last ones end. */
  private final int[] begin;

  private final int[] lying;

  private Squares(List<Box> boxes) {
    lefts = boxes.stream().mapToDouble(Box::leftMm).toArray();
    tops = boxes.stream().mapToDouble(Box::topMm).toArray();
    rights = boxes.stream().mapToDouble(Box::rightMm).toArray();
    bottoms = boxes.stream().mapToDouble(Box::bottomMm).toArray();
    Box whole = boxes.stream().reduce(Box::and).orElse(new Box(0, 0, 1, 1));
    double wide = boxes.stream().mapToDouble(Box::widthMm).average().orElse(1);
    double high = boxes.stream().mapToDouble(Box::heightMm).average().orElse(1);
    double most = Math.max(1.0, MOST_FOR_EACH * boxes.size());
    double wanted = Math.ceil(whole.widthMm() / wide) * Math.ceil(whole.heightMm() / high);
    double larger = Math.sqrt(Math.max(1, wanted / most));
    leftMm = whole.leftMm();
    topMm = whole.topMm();
    across = (int) Math.clamp(Math.ceil(whole.widthMm() / (wide * larger)), 1, most);
    down = (int) Math.clamp(Math.ceil(whole.heightMm() / (high * larger)), 1, most);
    wideMm = whole.widthMm() / across;
    highMm = whole.heightMm() / down;
    begin = new int[across * down + 1];
    boxes.forEach(box -> eachSquare(box, square -> begin[square + 1]++));
    for (int i = 0; i < across * down; i++) {
      begin[i + 1] += begin[i];
    }
    lying = new int[begin[across * down]];
    int[] next = begin.clone();
    for (int i = 0; i < boxes.size(); i++) {
      int box = i;
      eachSquare(boxes.get(i), square -> lying[next[square]++] = box);
    }
  }

  public static Squares over(List<Box> boxes) {
    return new Squares(List.copyOf(boxes));
  }

  /**
   * Finds, once each and in no certain order, the boxes that a place meets.
   *
   * @param found is told their numbers; those that only touch it may be among them
   */
  public void touchedBy(Box place, IntConsumer found) {
    double left = place.leftMm();
    double top = place.topMm();
    double right = place.rightMm();
    double bottom = place.bottomMm();
    int fromX = column(left);
    int toX = column(right);
    int fromY = row(top);
    int toY = row(bottom);
    for (int y = fromY; y <= toY; y++) {
      for (int x = fromX; x <= toX; x++) {
        int square = y * across + x;
        for (int k = begin[square]; k < begin[square + 1]; k++) {
          int box = lying[k];
          // of all squares that both lie on it is told in the first one
          if (lefts[box] <= right
              && left <= rights[box]
              && tops[box] <= bottom
              && top <= bottoms[box]
              && x == column(Math.max(lefts[box], left))
              && y == row(Math.max(tops[box], top))) {
            found.accept(box);
          }
        }
      }
    }
  }

  private void eachSquare(Box box, IntConsumer square) {
    int toX = column(box.rightMm());
    int toY = row(box.bottomMm());
    for (int y = row(box.topMm()); y <= toY; y++) {
      for (int x = column(box.leftMm()); x <= toX; x++) {
        square.accept(y * across + x);
      }
    }
  }

  /** What lies beyond the grid lies on its border. */
  private int column(double xMm) {
    return (int) Math.clamp((xMm - leftMm) / wideMm, 0, across - 1);
  }

  private int row(double yMm) {
    return (int) Math.clamp((yMm - topMm) / highMm, 0, down - 1);
  }
}
