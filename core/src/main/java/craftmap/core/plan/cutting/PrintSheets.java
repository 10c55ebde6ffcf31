package craftmap.core.plan.cutting;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.NestTask;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.design.Design;
import craftmap.core.design.Direction;
import craftmap.core.design.PrintedSheet;
import craftmap.core.design.Printing;
import craftmap.core.design.Repeat;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;

/**
 * Parts of plain and repeating prints: wherever there is room, in their direction and where they
 * begin in the repeat. A picture of which a part may be cut anywhere is a print that does not
 * repeat within its sheet.
 */
final class PrintSheets {
  private final Design design;
  private final CutWish wish;
  private final Box print;
  private final double across;
  private final double down;
  private final List<DesignCut.Leftover> straight;
  private final List<NestStock> stock = new ArrayList<>();

  PrintSheets(Design design, List<DesignCut.Leftover> leftovers, int count, CutWish wish) {
    this.design = design;
    this.wish = wish;
    // a part that is laid alone may be cut wherever the print shows it
    this.print = design instanceof PrintedSheet sheets ? sheets.print() : design.printed();
    this.straight = leftovers.stream().filter(PrintSheets::isStraight).toList();
    Optional<Repeat> repeat = Printing.repeat(design);
    boolean picture = Printing.isOnePicture(design);
    this.across = repeat.map(Repeat::sameAcrossMm).orElse(picture ? 2 * print.widthMm() : 0);
    this.down = repeat.map(Repeat::pitchYMm).orElse(picture ? 2 * print.heightMm() : 0);
    NestStock whole = NestStock.repeating(print, count, across, down);
    straight.forEach(l -> stock.add(whole.leftover(l.offcut().box())));
    stock.add(whole);
  }

  private static boolean isStraight(DesignCut.Leftover leftover) {
    return leftover.offcut().areaMm2() > 0.999 * leftover.offcut().box().areaMm2();
  }

  DesignCut cut(List<CutParts.Part> wanted, DoublePredicate goOn) {
    List<DesignCut.Piece> pieces = wanted.stream().map(CutParts.Part::piece).toList();
    boolean turns = design.direction() == Direction.ANY_WAY && across == 0;
    List<NestPart> parts = wanted.stream().map(p -> part(p, turns)).toList();
    Nested nested =
        Nesting.plan(
            new NestTask(parts, stock, wish.knifeMm(), locked(parts, pieces)), wish.search(), goOn);
    List<DesignCut.Sheet> sheets = new ArrayList<>();
    for (Nested.Sheet s : nested.sheets()) {
      sheets.add(
          new DesignCut.Sheet(
              s.isNew() ? Optional.empty() : Optional.of(straight.get(s.stock()).id()),
              s.parts().stream()
                  .map(p -> pieces.get(p.part()).at(p.at(), p.turned()))
                  .sorted(Comparator.comparingInt(DesignCut.Piece::number))
                  .toList(),
              s.leftovers().stream().filter(PrintSheets::isKept).toList()));
    }
    // leftovers come first; among new sheets the one with the first piece does
    sheets.sort(
        Comparator.comparing((DesignCut.Sheet s) -> s.leftoverId().isEmpty())
            .thenComparingInt(
                s -> s.pieces().stream().mapToInt(DesignCut.Piece::number).min().orElse(0)));
    return new DesignCut(
        design,
        true,
        sheets,
        nested.unplaced().stream().map(pieces::get).toList(),
        nested.newSheets(),
        nested.least());
  }

  private NestPart part(CutParts.Part part, boolean turns) {
    Box window = part.window();
    return new NestPart(
        window.widthMm(),
        window.heightMm(),
        turns,
        window.leftMm() - print.leftMm(),
        window.topMm() - print.topMm(),
        part.meets());
  }

  /**
   * Those whose part is still of the same size, whose leftover is still there, and whose print
   * still is what it has to be.
   */
  private List<NestTask.Locked> locked(List<NestPart> parts, List<DesignCut.Piece> pieces) {
    Map<Integer, Point> begun = new HashMap<>();
    List<NestTask.Locked> locked = new ArrayList<>();
    for (CutWish.Locked l : wish.locked()) {
      int part = l.number() - 1;
      int from = l.leftoverId().map(this::leftover).orElse(stock.size() - 1);
      if (part >= 0
          && part < pieces.size()
          && from >= 0
          && isSame(pieces.get(part).window(), l)
          && begins(parts.get(part), l.window(), begun)) {
        locked.add(
            new NestTask.Locked(
                part, from, l.leftoverId().isPresent() ? 1 : l.sheet(), l.window(), l.turned()));
      }
    }
    return locked;
  }

  /** Whether a part that lies there shows what it has to, or begins what others have to meet. */
  private boolean begins(NestPart part, Box at, Map<Integer, Point> begun) {
    Point further =
        new Point(
            at.leftMm() - print.leftMm() - part.acrossMm(),
            at.topMm() - print.topMm() - part.downMm());
    Point wanted =
        part.meets() == NestPart.AS_TOLD
            ? new Point(0, 0)
            : begun.computeIfAbsent(part.meets(), first -> further);
    return isInStep(further.xMm() - wanted.xMm(), across)
        && isInStep(further.yMm() - wanted.yMm(), down);
  }

  private static boolean isInStep(double apart, double repeat) {
    return repeat == 0 || Math.abs(apart - repeat * Math.rint(apart / repeat)) < 0.01;
  }

  private int leftover(String id) {
    return straight.stream().map(DesignCut.Leftover::id).toList().indexOf(id);
  }

  private static boolean isSame(Box wanted, CutWish.Locked locked) {
    double w = locked.turned() ? locked.window().heightMm() : locked.window().widthMm();
    double h = locked.turned() ? locked.window().widthMm() : locked.window().heightMm();
    return Math.abs(wanted.widthMm() - w) < 0.01 && Math.abs(wanted.heightMm() - h) < 0.01;
  }

  private static boolean isKept(Box rest) {
    return rest.widthMm() >= DesignCut.KEPT_FROM_MM && rest.heightMm() >= DesignCut.KEPT_FROM_MM;
  }
}
