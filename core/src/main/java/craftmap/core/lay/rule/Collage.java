package craftmap.core.lay.rule;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Direction;
import craftmap.core.design.MotifBox;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Photos and cut-outs put together: with a gap, each by itself; with an overlap, one over the
 * other, but never over what matters. What has a top keeps it up.
 *
 * @param amountMm the gap, or by how much neighbours may lie over each other
 * @param marginMm from the edge of the face
 * @param tiltDeg pieces may hang askew by this much
 */
public record Collage(Spacing spacing, double amountMm, double marginMm, double tiltDeg, int seed)
    implements LayRule {
  /** How neighbours lie. */
  public enum Spacing {
    GAP,
    OVERLAP
  }

  private static final FigureRange TILT = new FigureRange("°", 0, 45, 0);
  private static final int MOST_SEED = 999_999;
  private static final int MOST_PIECES = 120;
  private static final int THROWN = 3;

  /** From here on a motif is a face or a heron, and must neither be cut nor covered. */
  private static final int MATTERS_FROM = 4;

  static Collage read(MeasureSheet sheet) {
    Spacing spacing = sheet.choice("spacing", "Neighbours", Spacing.GAP);
    return new Collage(
        spacing,
        spacing == Spacing.GAP
            ? sheet.length("gap", "Gap", 8, LengthRange.DISTANCE.upTo(500))
            : sheet.length("overlap", "Overlap by up to", 20, LengthRange.DISTANCE.upTo(500)),
        sheet.distance("margin", "From the edge", 10),
        sheet.figure("tilt", "Askew by up to", 0, TILT),
        sheet.count("seed", "Throw number", 1, 0, MOST_SEED));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.COLLAGE;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("spacing", spacing)
        .put(spacing == Spacing.GAP ? "gap" : "overlap", amountMm)
        .put("margin", marginMm)
        .put("tilt", tiltDeg)
        .put("seed", (double) seed)
        .done();
  }

  @Override
  public Collage mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    List<Design> pieces =
        Stream.concat(Stream.of(laying.design()), laying.more().stream()).toList();
    if (pieces.size() > MOST_PIECES) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    Geometry inside = laying.room().free().buffer(-marginMm);
    if (inside.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    List<LayOption> options = new ArrayList<>();
    if (spacing == Spacing.GAP) {
      inRows(pieces, inside)
          .flatMap(p -> option(laying, Way.COLLAGE_IN_ROWS, 1, p, pieces))
          .ifPresent(options::add);
    }
    for (int t = 0; t < THROWN; t++) {
      int number = t + 1;
      new Thrower(pieces, inside, seed + t)
          .thrown()
          .flatMap(p -> option(laying, Way.COLLAGE_LOOSE, number, p, pieces))
          .ifPresent(options::add);
    }
    return LayAnswer.of(options, LayAnswer.Reason.DOES_NOT_HOLD_ALL);
  }

  private Optional<LayOption> option(
      Laying laying, Way way, int throwing, List<Placement> places, List<Design> pieces) {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      laying.room().place(pieces.get(i), places.get(i)).ifPresent(items::add);
    }
    if (items.size() < pieces.size()) {
      return Optional.empty();
    }
    double union = Planar.union(items.stream().map(Item::visibleArea).toList()).getArea();
    double free = laying.room().free().getArea();
    double least = leastGap(items);
    CollageSet set =
        new CollageSet(way, items.size(), throwing, union, Math.max(0, 1 - union / free), least);
    double wish = spacing == Spacing.GAP ? amountMm : -amountMm;
    return Optional.of(
        new LayOption(
            set,
            items,
            Standing.of(
                new Standing.Judged(
                    Laying.onKeepOuts(items),
                    0,
                    true,
                    Laying.parts(items),
                    least - wish,
                    true,
                    items.size(),
                    way.ordinal() + throwing)),
            Optional.empty()));
  }

  private static double leastGap(List<Item> items) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < items.size(); i++) {
      for (int k = 0; k < i; k++) {
        least = Math.min(least, gap(items.get(i).box().around(), items.get(k).box().around()));
      }
    }
    return Double.isInfinite(least) ? 0 : least;
  }

  /** The clear distance between two boxes; below 0 by as much as they lie over each other. */
  private static double gap(Box a, Box b) {
    double dx = Math.max(b.leftMm() - a.rightMm(), a.leftMm() - b.rightMm());
    double dy = Math.max(b.topMm() - a.bottomMm(), a.topMm() - b.bottomMm());
    return dx > 0 && dy > 0 ? Math.hypot(dx, dy) : Math.max(dx, dy);
  }

  // ---- in rows

  /**
   * Rows as photos hang in a hall: in the order they were chosen, each row as full as it gets, its
   * pieces on one middle line; all of them in the middle of the face.
   */
  private Optional<List<Placement>> inRows(List<Design> pieces, Geometry inside) {
    Envelope e = inside.getEnvelopeInternal();
    double top = e.getMinY();
    for (int attempt = 0; attempt < 2; attempt++) {
      List<Row> rows = new ArrayList<>();
      double y = top;
      int next = 0;
      while (next < pieces.size()) {
        Row row = Row.from(pieces, next, y, inside, amountMm);
        if (row == null || y + row.height > e.getMaxY() + 1e-6) {
          return Optional.empty();
        }
        rows.add(row);
        next += row.count;
        y += row.height + amountMm;
      }
      double spare = e.getMaxY() - (y - amountMm);
      if (attempt == 1 || spare < 1e-6) {
        return Optional.of(rows.stream().flatMap(r -> r.places(amountMm).stream()).toList());
      }
      top += spare / 2;
      // a row further down may find less room, where the face narrows: then it stays at the top
      if (!fitsFrom(pieces, top, inside)) {
        return Optional.of(rows.stream().flatMap(r -> r.places(amountMm).stream()).toList());
      }
    }
    return Optional.empty();
  }

  private boolean fitsFrom(List<Design> pieces, double top, Geometry inside) {
    double y = top;
    int next = 0;
    while (next < pieces.size()) {
      Row row = Row.from(pieces, next, y, inside, amountMm);
      if (row == null || y + row.height > inside.getEnvelopeInternal().getMaxY() + 1e-6) {
        return false;
      }
      next += row.count;
      y += row.height + amountMm;
    }
    return true;
  }

  /** One row: from which piece, how many, and where it lies. */
  private record Row(
      List<Design> pieces,
      int first,
      int count,
      double top,
      double height,
      double left,
      double right,
      double taken) {

    /** As many of the next pieces as find room beside each other at this height. */
    static Row from(List<Design> pieces, int first, double top, Geometry inside, double gap) {
      Row best = null;
      double height = 0;
      double taken = -gap;
      for (int n = first; n < pieces.size(); n++) {
        height = Math.max(height, pieces.get(n).printHeightMm());
        taken += gap + pieces.get(n).printWidthMm();
        double[] clear = clear(inside, top, top + height);
        if (clear == null || taken > clear[1] - clear[0] + 1e-6) {
          break;
        }
        best = new Row(pieces, first, n - first + 1, top, height, clear[0], clear[1], taken);
      }
      return best;
    }

    /** From where to where a strip of the face is clear over its whole height. */
    private static double[] clear(Geometry inside, double top, double bottom) {
      Envelope e = inside.getEnvelopeInternal();
      if (bottom > e.getMaxY() + 1e-6) {
        return null;
      }
      double left = e.getMinX();
      double right = e.getMaxX();
      double middle = e.centre().x;
      for (int i = 0; i <= LINES; i++) {
        double y = top + (bottom - top) * i / LINES;
        double[] at = chord(inside, Math.clamp(y, e.getMinY() + 1e-6, e.getMaxY() - 1e-6), middle);
        if (at == null) {
          return null;
        }
        left = Math.max(left, at[0]);
        right = Math.min(right, at[1]);
      }
      return left < right ? new double[] {left, right} : null;
    }

    private static final int LINES = 6;

    /** The stretch of a level line inside the face that lies nearest to its middle. */
    private static double[] chord(Geometry inside, double y, double middle) {
      Envelope e = inside.getEnvelopeInternal();
      Geometry line =
          Planar.intersection(
              inside, Planar.polygon(new Box(e.getMinX() - 1, y - 1e-4, e.getWidth() + 2, 2e-4)));
      double[] best = null;
      for (int i = 0; i < line.getNumGeometries(); i++) {
        Envelope part = line.getGeometryN(i).getEnvelopeInternal();
        if (best == null || part.getMinX() <= middle && middle <= part.getMaxX()) {
          best = new double[] {part.getMinX(), part.getMaxX()};
        }
      }
      return best;
    }

    List<Placement> places(double gap) {
      List<Placement> places = new ArrayList<>();
      double x = (left + right - taken) / 2;
      for (int i = first; i < first + count; i++) {
        Design d = pieces.get(i);
        places.add(Placement.at(new Point(x + d.printWidthMm() / 2, top + height / 2)));
        x += d.printWidthMm() + gap;
      }
      return places;
    }
  }

  // ---- thrown

  /**
   * Pieces thrown and shaken: the largest first, each where it lies best among many throws; then
   * all are moved a little at a time as long as it gets better. Nothing here depends on the
   * machine.
   */
  private final class Thrower {
    private static final int THROWS = 160;
    private static final int ROUNDS = 60;
    private static final double OUTSIDE = 1e6;
    private static final double ON_WHAT_MATTERS = 1e4;
    private static final double GOOD_ENOUGH = 0.5;

    private final List<Design> pieces;
    private final Geometry inside;
    private final org.locationtech.jts.geom.prep.PreparedGeometry prepared;
    private final Envelope over;
    private final Dice dice;
    private final Placement[] places;
    private final Box[] boxes;

    Thrower(List<Design> pieces, Geometry inside, long seed) {
      this.pieces = pieces;
      this.inside = inside;
      this.prepared = org.locationtech.jts.geom.prep.PreparedGeometryFactory.prepare(inside);
      this.over = inside.getEnvelopeInternal();
      this.dice = new Dice(seed);
      this.places = new Placement[pieces.size()];
      this.boxes = new Box[pieces.size()];
    }

    /** Where all lie; none where they do not all find a place. */
    Optional<List<Placement>> thrown() {
      List<Integer> order =
          java.util.stream.IntStream.range(0, pieces.size())
              .boxed()
              .sorted(
                  Comparator.comparingDouble((Integer i) -> -pieces.get(i).printed().areaMm2())
                      .thenComparingInt(i -> i))
              .toList();
      for (int i : order) {
        best(i, THROWS, 0);
        if (places[i] == null) {
          return Optional.empty();
        }
      }
      double reach = Math.max(over.getWidth(), over.getHeight()) / 8;
      for (int round = 0; round < ROUNDS; round++) {
        for (int i : order) {
          best(i, 6, reach * (ROUNDS - round) / ROUNDS);
        }
      }
      for (int i : order) {
        if (cost(i, places[i], boxes[i]) > tolerated()) {
          return Optional.empty();
        }
      }
      return Optional.of(List.of(places));
    }

    private double tolerated() {
      return GOOD_ENOUGH * pieces.size();
    }

    /** The best of some throws, about where it lies now or anywhere. */
    private void best(int i, int throwing, double reach) {
      double least = places[i] == null ? OUTSIDE : cost(i, places[i], boxes[i]);
      for (int t = 0; t < throwing; t++) {
        Placement at = reach == 0 ? anywhere(i) : near(i, reach);
        Box box = Item.box(pieces.get(i), at).around();
        double cost = cost(i, at, box);
        if (cost < least) {
          least = cost;
          places[i] = at;
          boxes[i] = box;
        }
      }
    }

    private Placement anywhere(int i) {
      double w = Math.min(over.getWidth(), pieces.get(i).printWidthMm()) / 2;
      double h = Math.min(over.getHeight(), pieces.get(i).printHeightMm()) / 2;
      double x = over.getMinX() + w + dice.next() * (over.getWidth() - 2 * w);
      double y = over.getMinY() + h + dice.next() * (over.getHeight() - 2 * h);
      return Placement.at(new Point(x, y), turn(i));
    }

    private Placement near(int i, double reach) {
      Point p = places[i].centre();
      return Placement.at(
          p.movedBy(dice.aside() * reach, dice.aside() * reach), places[i].turnDeg());
    }

    /** What has a top keeps it up, but for hanging a little askew. */
    private double turn(int i) {
      double askew = dice.aside() * tiltDeg;
      return pieces.get(i).direction() == Direction.ANY_WAY && tiltDeg > 0
          ? dice.next() * 360
          : askew;
    }

    /** Nothing where it lies well; more the worse it lies. */
    private double cost(int i, Placement at, Box box) {
      double cost = prepared.covers(Item.box(pieces.get(i), at).polygon()) ? 0 : OUTSIDE;
      if (cost > 0) {
        return cost;
      }
      double wish = spacing == Spacing.GAP ? amountMm : -amountMm;
      double nearest = Double.POSITIVE_INFINITY;
      for (int k = 0; k < boxes.length; k++) {
        if (k == i || boxes[k] == null) {
          continue;
        }
        double gap = gap(box, boxes[k]);
        nearest = Math.min(nearest, gap);
        if (gap < wish) {
          cost += 10 * (wish - gap);
        }
        if (gap < 0) {
          cost += covered(i, at, box, k);
        }
      }
      if (nearest > wish && !Double.isInfinite(nearest)) {
        cost += 0.001 * (nearest - wish);
      }
      return cost;
    }

    /** Later pieces lie over earlier ones: what matters of the lower one stays bare. */
    private double covered(int i, Placement at, Box box, int k) {
      int lower = Math.min(i, k);
      Placement lies = lower == i ? at : places[k];
      Box upper = lower == i ? boxes[k] : box;
      for (MotifBox motif : Cover.motifsFromPrint(pieces.get(lower))) {
        if (motif.importance() >= MATTERS_FROM
            && upper.overlaps(onFace(pieces.get(lower), lies, motif.box()), 0.01)) {
          return ON_WHAT_MATTERS;
        }
      }
      return 0;
    }

    private Box onFace(Design d, Placement at, Box motif) {
      double dx = motif.centre().xMm() - d.printWidthMm() / 2;
      double dy = motif.centre().yMm() - d.printHeightMm() / 2;
      double c = craftmap.core.plane.Turns.cos(at.turnDeg());
      double s = craftmap.core.plane.Turns.sin(at.turnDeg());
      return new craftmap.core.plane.TurnedBox(
              at.centre().movedBy(dx * c - dy * s, dx * s + dy * c),
              motif.widthMm(),
              motif.heightMm(),
              at.turnDeg())
          .around();
    }
  }
}
