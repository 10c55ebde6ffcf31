package craftmap.core.lay.rule.field;

import craftmap.core.chance.Dice;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Neighbours;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.cover.Spread;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * Copies scattered without clumps: no two nearer than the gap, inside the outline, off the
 * keep-outs; distances are those between the outlines themselves. Each next copy is the loneliest
 * of a few throws. A face is full when many throws in a row find no place and a look at every spot
 * finds none either. The same seed gives the same scatter on any machine.
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

  /** Gaps are looked for this much finer than copies stand apart. */
  private static final double FINE = 10;

  private static final int MOST_SPOTS = 60_000;
  private static final double MM2_PER_DM2 = 10_000;
  private static final FigureRange DENSITY = new FigureRange("per dm²", 0.01, 1000, 2);

  public static Scatter read(MeasureSheet sheet) {
    double gap = sheet.distance("gap", "never-nearer-than", 12);
    Amount amount = sheet.choice("amount", "how-many", Amount.UNTIL_FULL);
    return new Scatter(
        gap,
        amount,
        amount == Amount.COUNT ? sheet.count("count", "count", 40, 1, MOST) : 40,
        amount == Amount.DENSITY ? sheet.figure("density", "density", 4, DENSITY) : 4,
        sheet.choice("turning", "turned", Turning.AS_DRAWN),
        sheet.count("seed", "throw-number", 1, 0, MOST_SEED));
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
      // no throw of one number is another's: numbers next to each other share nothing
      List<Item> items = new Thrower(laying, seed + (long) i * (MOST_SEED + 1)).items(wanted);
      if (!items.isEmpty()) {
        options.add(option(laying, items, i + 1, wanted));
      }
    }
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  private LayOption option(Laying laying, List<Item> items, int throwing, int wanted) {
    boolean full = items.size() < wanted || amount == Amount.UNTIL_FULL;
    double apart = new Spread(laying.design()).leastGapMm(items);
    Standing.Judged judged =
        new Standing.Judged(
            0,
            0,
            true,
            amount == Amount.UNTIL_FULL ? 0 : wanted - items.size(),
            0,
            true,
            items.size(),
            throwing);
    Standing standing = Standing.of(judged);
    return new LayOption(
        new Scattering(items.size(), throwing, apart, full),
        items,
        // of as many, those that keep further apart lie more evenly; a full face is as full as it
        // gets
        amount == Amount.UNTIL_FULL ? standing : standing.apartBy(apart),
        Optional.empty());
  }

  private final class Thrower {
    private final Laying laying;
    private final Dice dice;
    private final Envelope over;
    private final Spread spread;
    private final double reach;
    private final Neighbours there;
    private final boolean turns;

    Thrower(Laying laying, long seed) {
      this.laying = laying;
      this.dice = new Dice(seed);
      this.over = laying.room().free().getEnvelopeInternal();
      this.spread = new Spread(laying.design());
      this.reach = spread.acrossMm() + gapMm;
      this.there = new Neighbours(reach);
      this.turns = turning == Turning.ANY_WAY && laying.design().handling().turns();
    }

    List<Item> items(int most) {
      List<Item> items = new ArrayList<>();
      boolean fills = amount == Amount.UNTIL_FULL;
      while (items.size() < most) {
        Optional<Placement> next = next(fills ? 1 : THROWS);
        if (next.isEmpty()) {
          break;
        }
        add(items, next.get());
      }
      if (fills) {
        fillGaps(items, most);
      }
      return items;
    }

    private void add(List<Item> items, Placement at) {
      there.add(at);
      items.add(Item.whole(laying.design(), at, false));
    }

    /** The loneliest of a few throws that find a place. */
    private Optional<Placement> next(int throwing) {
      Placement best = null;
      double loneliest = -1;
      int found = 0;
      for (int tries = 0; tries < TRIES_UNTIL_FULL && found < throwing; tries++) {
        Placement thrown = thrown();
        if (isClear(thrown)) {
          found++;
          double near = there.nearestMm(thrown.centre(), 4 * reach);
          if (near > loneliest) {
            loneliest = near;
            best = thrown;
          }
        }
      }
      return Optional.ofNullable(best);
    }

    private boolean isClear(Placement at) {
      double hair = Tolerance.EXACT.lengthMm();
      if (there.anyNearer(at.centre(), spread.leastAcrossMm() + gapMm - hair)) {
        return false;
      }
      boolean crowded = there.anyNear(at.centre(), other -> spread.gapMm(other, at) < gapMm - hair);
      return !crowded && laying.room().isFree(laying.design(), at);
    }

    /** Where throws find nothing any more, every spot is looked at once, in no order one sees. */
    private void fillGaps(List<Item> items, int most) {
      double step = Math.max(reach / FINE, Math.sqrt(over.getArea() / MOST_SPOTS));
      int columns = Math.max(1, (int) (over.getWidth() / step));
      int rows = Math.max(1, (int) (over.getHeight() / step));
      int[] order = new int[columns * rows];
      for (int i = 0; i < order.length; i++) {
        int other = (int) (dice.next() * (i + 1));
        order[i] = order[other];
        order[other] = i;
      }
      for (int spot : order) {
        if (items.size() >= most) {
          return;
        }
        double x = over.getMinX() + (spot % columns + 0.5) * over.getWidth() / columns;
        double y = over.getMinY() + (spot / columns + 0.5) * over.getHeight() / rows;
        Placement at = Placement.at(new Point(x, y), turns ? dice.next() * 360 : 0);
        if (isClear(at)) {
          add(items, at);
        }
      }
    }

    private Placement thrown() {
      double x = over.getMinX() + dice.next() * over.getWidth();
      double y = over.getMinY() + dice.next() * over.getHeight();
      return Placement.at(new Point(x, y), turns ? dice.next() * 360 : 0);
    }
  }
}
