package craftmap.core.plan;

import craftmap.core.lay.Item;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.Ring;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.DrawnLine;
import craftmap.core.lay.rule.run.EdgeLine;
import craftmap.core.lay.rule.run.Run;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/** Which marks are ticked for an option, and along what. */
final class SetOuts {
  private static final double LINE_MM = 3;

  private final Outline outline;
  private final Point begins;
  private final TapeDivision tape;
  private final List<Item> items;

  private SetOuts(Outline outline, Point begins, TapeDivision tape, List<Item> items) {
    this.outline = outline;
    this.begins = begins;
    this.tape = tape;
    this.items = items;
  }

  /**
   * For the items as the eye has them: what was moved by hand is ticked where it is.
   *
   * @param begins from where on the face the rule measures
   */
  static List<SetOutLine> of(
      Outline outline,
      Point begins,
      TapeDivision tape,
      LayRule rule,
      LayOption chosen,
      List<Item> items) {
    SetOuts marks = new SetOuts(outline, begins, tape, items);
    return switch (chosen.arrangement()) {
      case RunRow row when rule instanceof Run run -> marks.run(run, row);
      case RingRows rows when rule instanceof Ring ring -> List.of(marks.ring(ring, rows));
      case RingRows rows -> List.of(marks.ring(SetOutLine.Along.RING_FROM_TOP, rows, 0));
      case GridPattern grid -> marks.columnsAndRows();
      case Stand stand -> marks.columnsAndRows();
      case Wording words -> marks.columnsAndRows();
      case RollerStrips strips ->
          List.of(marks.strips(strips.level(), strips.firstMm(), strips.pitchMm()));
      case RollStrips strips ->
          List.of(marks.strips(strips.level(), strips.firstMm(), strips.pitchMm()));
      case SheetCover cover -> withMarks(marks.seams());
      case AcrossFronts across -> withMarks(marks.seams());
      case Wrapping wrap ->
          List.of(SetOutLine.of(SetOutLine.Along.WALL_FROM_SEAM, marks.tick(wrap.seamsMm())));
      case CollageSet collage -> marks.columnsAndRows();
      case PageSet pages -> marks.columnsAndRows();
      case BorderSides sides -> List.of();
      case CornerSet corners -> List.of();
      case FrameSides frame -> List.of();
      case Scattering scattering -> List.of();
      case ZoneArea zone -> List.of();
      case RunRow row -> List.of();
    };
  }

  private static List<SetOutLine> withMarks(List<SetOutLine> lines) {
    return lines.stream().filter(l -> !l.marks().marks().isEmpty()).toList();
  }

  private List<SetOutLine> run(Run run, RunRow row) {
    return switch (run.line()) {
      case EdgeLine line -> {
        Edge edge = line.edge();
        yield List.of(
            SetOutLine.of(
                switch (edge) {
                  case TOP -> SetOutLine.Along.TOP_FROM_LEFT;
                  case BOTTOM -> SetOutLine.Along.BOTTOM_FROM_LEFT;
                  case LEFT -> SetOutLine.Along.LEFT_FROM_TOP;
                  case RIGHT -> SetOutLine.Along.RIGHT_FROM_TOP;
                },
                within(
                    items.stream()
                        .map(i -> edge.isLevel() ? i.centre().xMm() : i.centre().yMm())
                        .toList(),
                    outline.edgeLengthMm(edge))));
      }
      case DrawnLine line -> {
        List<Double> along = new ArrayList<>();
        for (int i = 0; i < row.count(); i++) {
          along.add(line.startInsetMm() + row.centreMm(i));
        }
        boolean all = items.size() == along.size();
        yield List.of(
            new SetOutLine(
                SetOutLine.Along.LINE_FROM_START,
                tick(along),
                all ? items.stream().map(Item::centre).toList() : List.of()));
      }
    };
  }

  private SetOut within(List<Double> places, double most) {
    return SetOut.fromDatum(places.stream().filter(p -> p >= 0 && p <= most).toList(), tape);
  }

  private SetOutLine ring(Ring ring, RingRows rows) {
    boolean wall = ring.around() == Ring.Around.WALL;
    return ring(
        wall ? SetOutLine.Along.WALL_FROM_SEAM : SetOutLine.Along.RING_FROM_TOP,
        rows,
        wall ? rows.rows().getFirst().lengthMm() / 2 : 0);
  }

  /** The first row's marks; the others follow from them. */
  private SetOutLine ring(SetOutLine.Along along, RingRows rows, double datum) {
    double length = rows.rows().getFirst().lengthMm();
    double off = rows.way() == Way.OnRing.RING_OFF_DATUM ? rows.pitchMm() / 2 : 0;
    TreeMap<Double, Point> places = new TreeMap<>();
    for (int i = 0; i < rows.count(); i++) {
      double place = (datum + rows.shiftMm() + off + i * rows.pitchMm()) % length;
      double positive = place < 0 ? place + length : place;
      // a place that arithmetic puts just before the end is the start
      double shown = Tolerance.EXACT.sameLength(positive, length) ? 0 : positive;
      places.put(shown, items.size() > i ? items.get(i).centre() : new Point(0, 0));
    }
    // only where every copy of the rows is there do the first ones tell the first row's places
    boolean all = items.size() == rows.count() * rows.across();
    return new SetOutLine(
        along, tick(List.copyOf(places.keySet())), all ? List.copyOf(places.values()) : List.of());
  }

  private List<SetOutLine> columnsAndRows() {
    return List.of(
        SetOutLine.of(
            SetOutLine.Along.TOP_FROM_LEFT,
            within(distinct(i -> i.centre().xMm()), outline.widthMm())),
        SetOutLine.of(
            SetOutLine.Along.LEFT_FROM_TOP,
            within(distinct(i -> i.centre().yMm()), outline.heightMm())));
  }

  private List<Double> distinct(ToDoubleFunction<Item> of) {
    TreeMap<Long, Double> places = new TreeMap<>();
    for (Item item : items) {
      places.putIfAbsent(Tolerance.EXACT.steps(of.applyAsDouble(item)), of.applyAsDouble(item));
    }
    return List.copyOf(places.values());
  }

  /** Where each strip begins. */
  private SetOutLine strips(boolean level, double firstMm, double pitchMm) {
    double wide = level ? outline.heightMm() : outline.widthMm();
    List<Double> starts = new ArrayList<>();
    double from = firstMm + (level ? begins.yMm() : begins.xMm());
    for (double at = from; at < wide; at += pitchMm) {
      starts.add(at);
    }
    return SetOutLine.of(
        level ? SetOutLine.Along.LEFT_FROM_TOP : SetOutLine.Along.TOP_FROM_LEFT,
        within(starts, wide));
  }

  /** Where sheets begin and end within the face: lines to lay them to. */
  private List<SetOutLine> seams() {
    return List.of(
        SetOutLine.of(
            SetOutLine.Along.TOP_FROM_LEFT,
            inside(outline.widthMm(), b -> b.leftMm(), b -> b.rightMm())),
        SetOutLine.of(
            SetOutLine.Along.LEFT_FROM_TOP,
            inside(outline.heightMm(), b -> b.topMm(), b -> b.bottomMm())));
  }

  private SetOut inside(double most, ToDoubleFunction<Box> start, ToDoubleFunction<Box> end) {
    TreeMap<Long, Double> places = new TreeMap<>();
    for (Item item : items) {
      for (ToDoubleFunction<Box> edge : List.of(start, end)) {
        double at = edge.applyAsDouble(item.visible());
        // what lies within a line's breadth of the edge, or of another, is no line of its own
        if (at > LINE_MM && at < most - LINE_MM) {
          places.putIfAbsent(Math.round(at / LINE_MM), at);
        }
      }
    }
    return tick(List.copyOf(places.values()));
  }

  private SetOut tick(List<Double> places) {
    return SetOut.fromDatum(places, tape);
  }
}
