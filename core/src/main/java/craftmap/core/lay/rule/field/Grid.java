package craftmap.core.lay.rule.field;

import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Room;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunArithmetic;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.run.RunWish;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Copies all over a face in columns and rows, clipped to what is free.
 *
 * @param across wishes from column to column
 * @param downMm gap from row to row
 * @param turn by quarters
 * @param shift of the whole pattern, to the right and down
 */
public record Grid(
    Pattern pattern, RunWish across, double downMm, Quarter turn, Cut cut, Point shift)
    implements LayRule {
  private static final Point NOT_SHIFTED = new Point(0, 0);

  public Grid(Pattern pattern, RunWish across, double downMm, Quarter turn, Cut cut) {
    this(pattern, across, downMm, turn, cut, NOT_SHIFTED);
  }

  /** How columns and rows stand to each other. */
  public enum Pattern {
    STRAIGHT,
    /** Every other column half a step down. */
    HALF_DROP,
    /** Every other row half a step over. */
    BRICK
  }

  /** A turn by quarters. */
  public enum Quarter {
    NOT_TURNED(0),
    QUARTER_RIGHT(90),
    HALF_ROUND(180),
    QUARTER_LEFT(270);

    private final int deg;

    Quarter(int deg) {
      this.deg = deg;
    }

    public int deg() {
      return deg;
    }

    boolean liesSideways() {
      return deg % 180 != 0;
    }

    Quarter mirrored() {
      return this == QUARTER_RIGHT ? QUARTER_LEFT : this == QUARTER_LEFT ? QUARTER_RIGHT : this;
    }
  }

  /** What becomes of copies that do not fit whole. */
  public enum Cut {
    CUT_AT_THE_EDGE,
    LEFT_OUT
  }

  static final int MOST_COPIES = 12_000;

  public static Grid read(MeasureSheet sheet) {
    Pattern pattern = sheet.choice("pattern", "rows-stand", Pattern.STRAIGHT);
    double across = sheet.distance("gap", "gap-across", 30);
    double down = sheet.distance("down", "gap-down", 30);
    double change = sheet.figure("change", "gaps-may-change-by", 20, Run.CHANGE) / 100;
    return new Grid(
        pattern,
        new RunWish(across, 0, change),
        down,
        sheet.choice("turn", "turned", Quarter.NOT_TURNED),
        sheet.choice("cut", "what-does-not-fit-is", Cut.CUT_AT_THE_EDGE),
        new Point(
            sheet.length("right", "shifted-right-by", 0, LengthRange.PLACE),
            sheet.length("lower", "shifted-down-by", 0, LengthRange.PLACE)));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.GRID;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("pattern", pattern)
        .put("gap", across.gapMm())
        .put("down", downMm)
        .put("change", across.allowedChange() * 100)
        .put("turn", turn)
        .put("cut", cut)
        .put("right", shift.xMm())
        .put("lower", shift.yMm())
        .done();
  }

  @Override
  public Grid mirrored(double faceWidthMm) {
    return new Grid(
        pattern, across, downMm, turn.mirrored(), cut, new Point(0 - shift.xMm(), shift.yMm()));
  }

  @Override
  public LayAnswer lay(Laying laying) {
    double w = turn.liesSideways() ? laying.heightMm() : laying.widthMm();
    double h = turn.liesSideways() ? laying.widthMm() : laying.heightMm();
    double width = laying.room().outline().widthMm();
    double height = laying.room().outline().heightMm();
    if (width / (w + across.gapMm()) * (height / (h + downMm)) > MOST_COPIES) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    List<LayOption> options = new ArrayList<>();
    for (Way.InGrid way :
        List.of(
            Way.InGrid.GRID_MOTIF_MOTIF,
            Way.InGrid.GRID_GAP_MOTIF,
            Way.InGrid.GRID_MOTIF_GAP,
            Way.InGrid.GRID_GAP_GAP)) {
      double x = shift.xMm() + width / 2 + (onGapAcross(way) ? (w + across.gapMm()) / 2 : 0);
      double y = shift.yMm() + height / 2 + (onGapDown(way) ? (h + downMm) / 2 : 0);
      option(laying, way, new Mesh(new Point(x, y), w, h, across.gapMm(), downMm))
          .ifPresent(options::add);
    }
    spread(laying, w, h).ifPresent(options::add);
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  private static boolean onGapAcross(Way.InGrid way) {
    return way == Way.InGrid.GRID_GAP_MOTIF || way == Way.InGrid.GRID_GAP_GAP;
  }

  private static boolean onGapDown(Way.InGrid way) {
    return way == Way.InGrid.GRID_MOTIF_GAP || way == Way.InGrid.GRID_GAP_GAP;
  }

  /** One position, the sizes and the gaps: everything else follows. */
  private record Mesh(Point one, double w, double h, double gapAcross, double gapDown) {
    double pitchX() {
      return w + gapAcross;
    }

    double pitchY() {
      return h + gapDown;
    }
  }

  /** Whole columns and rows with ends as wide as the gaps, where the allowed change reaches it. */
  private Optional<LayOption> spread(Laying laying, double w, double h) {
    double width = laying.room().outline().widthMm();
    double height = laying.room().outline().heightMm();
    Optional<RunRow> columns = spread(width, w, across);
    Optional<RunRow> rows = spread(height, h, new RunWish(downMm, 0, across.allowedChange()));
    if (columns.isEmpty() || rows.isEmpty()) {
      return Optional.empty();
    }
    Point one =
        new Point(columns.get().centreMm(0), rows.get().centreMm(0))
            .movedBy(shift.xMm(), shift.yMm());
    return option(
        laying,
        Way.InGrid.GRID_SPREAD,
        new Mesh(one, w, h, columns.get().gapMm(), rows.get().gapMm()));
  }

  private static Optional<RunRow> spread(double length, double motif, RunWish wish) {
    return RunArithmetic.rows(length, motif, wish).stream()
        .filter(r -> r.way() == Way.OnLine.SPREAD)
        .min(java.util.Comparator.comparingDouble(r -> Math.abs(r.gapMm() - wish.gapMm())));
  }

  private Optional<LayOption> option(Laying laying, Way.InGrid way, Mesh mesh) {
    Room room = laying.room();
    List<Item> items = new ArrayList<>();
    TreeSet<Long> columns = new TreeSet<>();
    TreeSet<Long> rows = new TreeSet<>();
    double width = room.outline().widthMm();
    double height = room.outline().heightMm();
    long left = first(mesh.one().xMm(), mesh.pitchX(), mesh.w());
    long right = last(mesh.one().xMm(), mesh.pitchX(), mesh.w(), width);
    long top = first(mesh.one().yMm(), mesh.pitchY(), mesh.h());
    long bottom = last(mesh.one().yMm(), mesh.pitchY(), mesh.h(), height);
    for (long r = top; r <= bottom; r++) {
      for (long c = left; c <= right; c++) {
        double over = pattern == Pattern.BRICK && Math.floorMod(r, 2) == 1 ? 0.5 : 0;
        double drop = pattern == Pattern.HALF_DROP && Math.floorMod(c, 2) == 1 ? 0.5 : 0;
        Point at =
            new Point(
                mesh.one().xMm() + (c + over) * mesh.pitchX(),
                mesh.one().yMm() + (r + drop) * mesh.pitchY());
        Optional<Item> item = room.placeFree(laying.design(), Placement.at(at, turn.deg()));
        if (item.isPresent() && (cut == Cut.CUT_AT_THE_EDGE || item.get().isWhole())) {
          items.add(item.get());
          columns.add(c);
          rows.add(r);
        }
      }
    }
    if (items.isEmpty()) {
      return Optional.empty();
    }
    int parts = Laying.parts(items);
    GridPattern grid =
        new GridPattern(
            way,
            columns.size(),
            rows.size(),
            mesh.gapAcross(),
            mesh.gapDown(),
            items.size() - parts,
            parts);
    double change =
        Math.max(Math.abs(mesh.gapAcross() - across.gapMm()), Math.abs(mesh.gapDown() - downMm));
    return Optional.of(
        new LayOption(
            grid,
            items,
            Standing.of(
                new Standing.Judged(
                    Laying.onKeepOuts(items),
                    Laying.slivers(items),
                    shift.equals(NOT_SHIFTED),
                    parts,
                    change,
                    true,
                    items.size() - parts,
                    way.ordinal())),
            Optional.empty()));
  }

  /** One more on each side than fits straight, because of the half steps. */
  private static long first(double one, double pitch, double size) {
    return (long) Math.floor((-size / 2 - one) / pitch) - 1;
  }

  private static long last(double one, double pitch, double size, double length) {
    return (long) Math.ceil((length + size / 2 - one) / pitch) + 1;
  }
}
