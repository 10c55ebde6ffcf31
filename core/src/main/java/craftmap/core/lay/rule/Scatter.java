package craftmap.core.lay.rule;

import craftmap.core.chance.Dice;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * Copies scattered without clumps: no two nearer than the gap, inside the outline, off the
 * keep-outs. Each next copy is the loneliest of a few throws; when many throws in a row find no
 * place, the face is full. The same seed gives the same scatter on any machine.
 *
 * @param gapMm clear distance that is always kept
 * @param amount how it is decided when to stop
 * @param perSquareDecimetre for a density
 */
public record Scatter(
    double gapMm, Amount amount, int count, double perSquareDecimetre, Turning turning, int seed)
    implements LayRule {
  /** When to stop. */
  public enum Amount {
    COUNT,
    DENSITY,
    UNTIL_FULL
  }

  /** Whether each copy is turned its own way. */
  public enum Turning {
    AS_DRAWN,
    ANY_WAY
  }

  private static final int MOST = 5_000;
  private static final int MOST_SEED = 999_999;
  private static final int THROWS = 6;
  private static final int TRIES_UNTIL_FULL = 500;
  private static final int OFFERED = 3;
  private static final double MM2_PER_DM2 = 10_000;
  private static final FigureRange DENSITY = new FigureRange("per dm²", 0.01, 1000, 2);

  static Scatter read(MeasureSheet sheet) {
    double gap = sheet.distance("gap", "Never nearer than", 12);
    Amount amount = sheet.choice("amount", "How many", Amount.UNTIL_FULL);
    return new Scatter(
        gap,
        amount,
        amount == Amount.COUNT ? sheet.count("count", "Count", 40, 1, MOST) : 40,
        amount == Amount.DENSITY ? sheet.figure("density", "Density", 4, DENSITY) : 4,
        sheet.choice("turning", "Turned", Turning.AS_DRAWN),
        sheet.count("seed", "Throw number", 1, 0, MOST_SEED));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.SCATTER;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("gap", gapMm)
            .put("amount", amount)
            .put("turning", turning)
            .put("seed", (double) seed);
    switch (amount) {
      case COUNT -> note.put("count", (double) count);
      case DENSITY -> note.put("density", perSquareDecimetre);
      case UNTIL_FULL -> {}
    }
    return note.done();
  }

  /** Another throw does as well on the other side. */
  @Override
  public Scatter mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    double area = laying.room().free().getArea();
    double each = (laying.widthMm() + gapMm) * (laying.heightMm() + gapMm);
    if (amount != Amount.COUNT && area / each > MOST) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    int wanted =
        switch (amount) {
          case COUNT -> count;
          case DENSITY -> Math.clamp(Math.round(area / MM2_PER_DM2 * perSquareDecimetre), 1, MOST);
          case UNTIL_FULL -> MOST;
        };
    List<LayOption> options = new ArrayList<>();
    for (int i = 0; i < OFFERED; i++) {
      List<Item> items = new Thrower(laying, seed + i).items(wanted);
      if (!items.isEmpty()) {
        options.add(option(laying, items, i + 1, wanted));
      }
    }
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  private LayOption option(Laying laying, List<Item> items, int throwing, int wanted) {
    boolean full = items.size() < wanted || amount == Amount.UNTIL_FULL;
    double apart = Math.max(0, nearest(items) - size(laying));
    return new LayOption(
        new Scattering(items.size(), throwing, apart, full),
        items,
        Standing.of(new Standing.Judged(0, 0, true, 0, 0, true, items.size(), throwing)),
        Optional.empty());
  }

  private static double nearest(List<Item> items) {
    double nearest = Double.POSITIVE_INFINITY;
    Neighbours near = new Neighbours(50);
    for (Item item : items) {
      nearest = Math.min(nearest, near.nearestMm(item.centre(), nearest));
      near.add(item.centre());
    }
    return nearest;
  }

  /** However it is turned, a copy lies within a circle this wide. */
  private double size(Laying laying) {
    boolean round = laying.design() instanceof craftmap.core.design.Dots;
    return round ? laying.widthMm() : Math.hypot(laying.widthMm(), laying.heightMm());
  }

  private final class Thrower {
    private final Laying laying;
    private final Dice dice;
    private final Envelope over;
    private final double apart;
    private final Neighbours there;
    private final boolean turns;

    Thrower(Laying laying, long seed) {
      this.laying = laying;
      this.dice = new Dice(seed);
      this.over = laying.room().free().getEnvelopeInternal();
      this.apart = size(laying) + gapMm;
      this.there = new Neighbours(apart);
      this.turns = turning == Turning.ANY_WAY && laying.design().handling().turns();
    }

    List<Item> items(int most) {
      List<Item> items = new ArrayList<>();
      while (items.size() < most) {
        Optional<Placement> next = next();
        if (next.isEmpty()) {
          break;
        }
        there.add(next.get().centre());
        items.add(Item.whole(laying.design(), next.get(), false));
      }
      return items;
    }

    /** The loneliest of a few throws that find a place. */
    private Optional<Placement> next() {
      Placement best = null;
      double loneliest = -1;
      int found = 0;
      for (int tries = 0; tries < TRIES_UNTIL_FULL && found < THROWS; tries++) {
        Placement thrown = thrown();
        double near = there.nearestMm(thrown.centre(), 4 * apart);
        if (near >= apart && laying.room().isFree(laying.design(), thrown)) {
          found++;
          if (near > loneliest) {
            loneliest = near;
            best = thrown;
          }
        }
      }
      return Optional.ofNullable(best);
    }

    private Placement thrown() {
      double x = over.getMinX() + dice.next() * over.getWidth();
      double y = over.getMinY() + dice.next() * over.getHeight();
      return Placement.at(new Point(x, y), turns ? dice.next() * 360 : 0);
    }
  }
}
