package craftmap.core.cut.nest;

import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Blocks one after the other into the leftover they fit best. By straight cuts the leftover is then
 * cut on from edge to edge; cut around, all that is still free stays free. Leftovers of the shelf
 * are used before new sheets; locked parts lie where they are from the start.
 */
final class Filling {
  /** Which leftover a block goes into. */
  enum Fit {
    LEAST_AREA_LEFT,
    TIGHTEST_SIDE,
    LOWEST
  }

  /** Which way a leftover is cut on. */
  enum Split {
    LARGER_IN_ONE_PIECE,
    SHORTER_LEFTOVER_ACROSS,
    LONGER_LEFTOVER_ACROSS,
    ALWAYS_ACROSS,
    ALWAYS_DOWN,
    /** Not cut on at all: parts are cut around. */
    CUT_AROUND;

    static final List<Split> STRAIGHT =
        List.of(
            LARGER_IN_ONE_PIECE,
            SHORTER_LEFTOVER_ACROSS,
            LONGER_LEFTOVER_ACROSS,
            ALWAYS_ACROSS,
            ALWAYS_DOWN);
  }

  private final NestTask task;
  private final List<NestPart> parts;
  private final List<NestStock> stock;
  private final double knife;
  private final Fit fit;
  private final Split split;
  private final List<Open> open = new ArrayList<>();
  private final int[] used;

  /** How far into the repeat parts that meet begin further on than told, once one of them lies. */
  private final Map<Integer, Point> begun = new HashMap<>();

  Filling(NestTask task, boolean leftovers, Fit fit, Split split) {
    this.task = task;
    this.parts = task.parts();
    this.stock = task.stock();
    this.knife = task.knifeMm();
    this.fit = fit;
    this.split = split;
    this.used = new int[stock.size()];
    openLocked();
    // every leftover stands open from the start; a sheet is opened when nothing else does
    for (int s = 0; s < stock.size(); s++) {
      while (leftovers && !stock.get(s).isNew() && used[s] < stock.get(s).count()) {
        open(s);
      }
    }
  }

  /** Parts that stay share the sheets they share; what is free around them may be filled. */
  private void openLocked() {
    Map<List<Integer>, Open> sheets = new LinkedHashMap<>();
    for (NestTask.Locked l : task.locked()) {
      Open sheet = sheets.computeIfAbsent(List.of(l.stock(), l.copy()), key -> open(l.stock()));
      sheet.placed.add(new Nested.Placed(l.part(), l.at(), l.turned()));
      begins(sheet, l.part(), l.at().leftMm(), l.at().topMm());
    }
    for (Open sheet : sheets.values()) {
      Box whole = sheet.free.removeFirst();
      List<Box> taken = sheet.placed.stream().map(p -> grown(p.at())).toList();
      sheet.free.addAll(
          split == Split.CUT_AROUND
              ? Rests.free(whole, taken)
              : Rests.of(whole, taken, knife + Tolerance.EXACT.lengthMm()));
    }
  }

  private Box grown(Box b) {
    return new Box(b.leftMm(), b.topMm(), b.widthMm() + knife, b.heightMm() + knife);
  }

  /** A sheet being cut; its boxes are larger by the knife, as parts are. */
  private static final class Open {
    private final int stock;
    private final int copy;
    private List<Box> free = new ArrayList<>();
    private final List<Nested.Placed> placed = new ArrayList<>();

    private Open(int stock, int copy) {
      this.stock = stock;
      this.copy = copy;
    }

    private boolean hasLocked(NestTask task) {
      return placed.stream().anyMatch(p -> task.isLocked(p.part()));
    }
  }

  private Open open(int s) {
    Open sheet = new Open(s, ++used[s]);
    Box b = stock.get(s).usable();
    sheet.free.add(new Box(b.leftMm(), b.topMm(), b.widthMm() + knife, b.heightMm() + knife));
    open.add(sheet);
    return sheet;
  }

  /** Where a block would go. */
  private record Place(Open sheet, int free, double x, double y, boolean turned, double badness) {}

  /** Blocks in this order, by their numbers for what finds no room. */
  Nested fill(List<Blocks.Block> blocks, int least) {
    List<Integer> unplaced = new ArrayList<>();
    for (Blocks.Block block : blocks) {
      if (block.part() >= 0 && task.isLocked(block.part())) {
        continue;
      }
      Place place = best(block);
      if (place == null) {
        place = onNew(block);
      }
      if (place == null) {
        numbers(block, unplaced);
      } else {
        put(block, place);
      }
    }
    return new Nested(sheets(), unplaced, least);
  }

  private static void numbers(Blocks.Block block, List<Integer> into) {
    if (block.part() >= 0) {
      into.add(block.part());
    } else {
      numbers(block.first(), into);
      numbers(block.second(), into);
    }
  }

  private Place onNew(Blocks.Block block) {
    for (int s = 0; s < stock.size(); s++) {
      if (stock.get(s).isNew() && used[s] < stock.get(s).count()) {
        Open sheet = open(s);
        Place place = bestOn(sheet, block, null);
        if (place != null) {
          return place;
        }
        open.remove(sheet);
        used[s]--;
      }
    }
    return null;
  }

  private Place best(Blocks.Block block) {
    Place best = null;
    for (Open sheet : open) {
      best = bestOn(sheet, block, best);
    }
    return best;
  }

  private Place bestOn(Open sheet, Blocks.Block block, Place best) {
    Place found = best;
    boolean turns = block.part() >= 0 && parts.get(block.part()).turns();
    for (int f = 0; f < sheet.free.size(); f++) {
      for (int turn = 0; turn <= (turns ? 1 : 0); turn++) {
        Place place = at(sheet, f, block, turn == 1);
        if (place != null && (found == null || place.badness < found.badness - 1e-9)) {
          found = place;
        }
      }
    }
    return found;
  }

  private Place at(Open sheet, int f, Blocks.Block block, boolean turned) {
    Box free = sheet.free.get(f);
    NestStock of = stock.get(sheet.stock);
    double w = turned ? block.heightMm() : block.widthMm();
    double h = turned ? block.widthMm() : block.heightMm();
    NestPart part = block.part() >= 0 ? parts.get(block.part()) : null;
    // blocks are joined only of parts that begin anywhere
    Point further = part == null ? null : further(part);
    double x =
        further == null
            ? free.leftMm()
            : next(
                free.leftMm(),
                of.originAcrossMm(),
                of.stepAcrossMm(),
                part.acrossMm() + further.xMm());
    double y =
        further == null
            ? free.topMm()
            : next(free.topMm(), of.originDownMm(), of.stepDownMm(), part.downMm() + further.yMm());
    double spareAcross = free.rightMm() - x - w;
    double spareDown = free.bottomMm() - y - h;
    double t = Tolerance.EXACT.lengthMm();
    if (spareAcross < -t || spareDown < -t) {
      return null;
    }
    double badness =
        switch (fit) {
          case LEAST_AREA_LEFT -> free.areaMm2() - w * h;
          case TIGHTEST_SIDE -> Math.min(spareAcross, spareDown);
          case LOWEST -> free.topMm() * 1e3 + free.leftMm();
        };
    return new Place(sheet, f, x, y, turned, badness);
  }

  /** By how much more than told a part has to begin; null where it may begin anywhere. */
  private Point further(NestPart part) {
    return part.meets() == NestPart.AS_TOLD ? TOLD : begun.get(part.meets());
  }

  private static final Point TOLD = new Point(0, 0);

  /** The first of the parts that meet says where the others begin. */
  private void begins(Open sheet, int number, double x, double y) {
    NestPart part = parts.get(number);
    NestStock of = stock.get(sheet.stock);
    if (part.meets() != NestPart.AS_TOLD) {
      begun.putIfAbsent(
          part.meets(),
          new Point(
              x - of.originAcrossMm() - part.acrossMm(), y - of.originDownMm() - part.downMm()));
    }
  }

  private static double next(double from, double origin, double step, double into) {
    if (step == 0) {
      return from;
    }
    double first = origin + into;
    return first + step * Math.ceil((from - first) / step - Tolerance.EXACT.lengthMm());
  }

  private void put(Blocks.Block block, Place at) {
    double w = at.turned ? block.heightMm() : block.widthMm();
    double h = at.turned ? block.widthMm() : block.heightMm();
    place(at.sheet, block, at.x, at.y, at.turned);
    if (split == Split.CUT_AROUND) {
      at.sheet.free = new ArrayList<>(Rests.without(at.sheet.free, new Box(at.x, at.y, w, h)));
    } else {
      cutOn(at.sheet, at.sheet.free.remove(at.free), at.x, at.y, w, h);
    }
  }

  private void place(Open sheet, Blocks.Block block, double x, double y, boolean turned) {
    if (block.part() >= 0) {
      double w = (turned ? block.heightMm() : block.widthMm()) - knife;
      double h = (turned ? block.widthMm() : block.heightMm()) - knife;
      sheet.placed.add(new Nested.Placed(block.part(), new Box(x, y, w, h), turned));
      begins(sheet, block.part(), x, y);
      return;
    }
    place(sheet, block.first(), x, y, false);
    place(
        sheet,
        block.second(),
        block.beside() ? x + block.first().widthMm() : x,
        block.beside() ? y : y + block.first().heightMm(),
        false);
  }

  /** What is before the part, where a repeat moved it on, is cut off first. */
  private void cutOn(Open sheet, Box free, double x, double y, double w, double h) {
    keep(sheet, free.leftMm(), free.topMm(), x - free.leftMm(), free.heightMm());
    keep(sheet, x, free.topMm(), free.rightMm() - x, y - free.topMm());
    double wide = free.rightMm() - x - w;
    double tall = free.bottomMm() - y - h;
    double across = free.rightMm() - x;
    double down = free.bottomMm() - y;
    boolean level =
        switch (split) {
          case LARGER_IN_ONE_PIECE -> tall * across >= wide * down;
          case SHORTER_LEFTOVER_ACROSS -> wide < tall;
          case LONGER_LEFTOVER_ACROSS -> wide >= tall;
          case ALWAYS_ACROSS -> true;
          case ALWAYS_DOWN -> false;
          case CUT_AROUND -> throw new IllegalStateException("impossible state: nothing is cut on");
        };
    keep(sheet, x + w, y, wide, level ? h : down);
    keep(sheet, x, y + h, level ? across : w, tall);
  }

  private void keep(Open sheet, double left, double top, double width, double height) {
    double t = Tolerance.EXACT.lengthMm();
    if (width > knife + t && height > knife + t) {
      sheet.free.add(new Box(left, top, width, height));
    }
  }

  private List<Nested.Sheet> sheets() {
    List<Nested.Sheet> sheets = new ArrayList<>();
    for (boolean isNew : new boolean[] {false, true}) {
      for (Open o : open) {
        if (stock.get(o.stock).isNew() == isNew && !o.placed.isEmpty()) {
          sheets.add(sheet(o, isNew));
        }
      }
    }
    return sheets;
  }

  private Nested.Sheet sheet(Open o, boolean isNew) {
    if (split == Split.CUT_AROUND || o.hasLocked(task)) {
      return Nested.Sheet.of(task, o.stock, o.copy, o.placed);
    }
    return new Nested.Sheet(
        o.stock,
        o.copy,
        isNew,
        true,
        o.placed,
        o.free.stream()
            .map(b -> new Box(b.leftMm(), b.topMm(), b.widthMm() - knife, b.heightMm() - knife))
            .toList());
  }
}
