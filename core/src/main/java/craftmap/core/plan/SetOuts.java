package craftmap.core.plan;

import craftmap.core.lay.Item;
import craftmap.core.lay.rule.DrawnLine;
import craftmap.core.lay.rule.EdgeLine;
import craftmap.core.lay.rule.GridPattern;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Ring;
import craftmap.core.lay.rule.RingRows;
import craftmap.core.lay.rule.RollerStrips;
import craftmap.core.lay.rule.Run;
import craftmap.core.lay.rule.RunRow;
import craftmap.core.lay.rule.Stand;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.Wording;
import craftmap.core.measure.SetOut;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.surface.Edge;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/** Which marks are ticked for an option, and along what. */
final class SetOuts {
  private final Outline outline;
  private final TapeDivision tape;
  private final List<Item> items;

  private SetOuts(Outline outline, TapeDivision tape, List<Item> items) {
    this.outline = outline;
    this.tape = tape;
    this.items = items;
  }

  /** For the items as the eye has them: what was moved by hand is ticked where it is. */
  static List<SetOutLine> of(
      Outline outline, TapeDivision tape, LayRule rule, LayOption chosen, List<Item> items) {
    SetOuts marks = new SetOuts(outline, tape, items);
    return switch (chosen.arrangement()) {
      case RunRow row when rule instanceof Run run -> marks.run(run, row);
      case RingRows rows when rule instanceof Ring ring -> List.of(marks.ring(ring, rows));
      case RingRows rows -> List.of(marks.ring(SetOutLine.Along.RING_FROM_TOP, rows, 0));
      case GridPattern grid -> marks.columnsAndRows();
      case Stand stand -> marks.columnsAndRows();
      case Wording words -> marks.columnsAndRows();
      case RollerStrips strips -> List.of(marks.strips(strips));
      default -> List.of();
    };
  }

  private List<SetOutLine> run(Run run, RunRow row) {
    return switch (run.line()) {
      case EdgeLine line -> {
        Edge edge = line.edge();
        yield List.of(
            new SetOutLine(
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
        yield List.of(
            new SetOutLine(SetOutLine.Along.LINE_FROM_START, SetOut.fromDatum(along, tape)));
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
    double off = rows.way() == Way.RING_OFF_DATUM ? rows.pitchMm() / 2 : 0;
    List<Double> places = new ArrayList<>();
    for (int i = 0; i < rows.count(); i++) {
      double place = (datum + rows.shiftMm() + off + i * rows.pitchMm()) % length;
      double positive = place < 0 ? place + length : place;
      // a place that arithmetic puts just before the end is the start
      places.add(Tolerance.EXACT.sameLength(positive, length) ? 0 : positive);
    }
    places.sort(Comparator.naturalOrder());
    return new SetOutLine(along, SetOut.fromDatum(places, tape));
  }

  private List<SetOutLine> columnsAndRows() {
    return List.of(
        new SetOutLine(
            SetOutLine.Along.TOP_FROM_LEFT,
            within(distinct(i -> i.centre().xMm()), outline.widthMm())),
        new SetOutLine(
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
  private SetOutLine strips(RollerStrips strips) {
    double wide = strips.level() ? outline.heightMm() : outline.widthMm();
    List<Double> starts = new ArrayList<>();
    for (double at = strips.firstMm(); at < wide; at += strips.pitchMm()) {
      starts.add(at);
    }
    return new SetOutLine(
        strips.level() ? SetOutLine.Along.LEFT_FROM_TOP : SetOutLine.Along.TOP_FROM_LEFT,
        within(starts, wide));
  }
}
