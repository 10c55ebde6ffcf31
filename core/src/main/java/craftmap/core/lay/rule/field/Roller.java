package craftmap.core.lay.rule.field;

import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * A pattern drawn through paste in strips side by side: each strip is as wide as the tool, and the
 * pattern repeats with every turn from the line where the tool is set down.
 *
 * @param overlapMm by how much a strip goes over its neighbour
 */
public record Roller(Direction direction, double overlapMm) implements LayRule {
  /** Which way the tool is drawn. */
  public enum Direction {
    DOWN,
    ACROSS
  }

  private static final int MOST_COPIES = 6_000;

  public static Roller read(MeasureSheet sheet) {
    return new Roller(
        sheet.choice("direction", "drawn", Direction.DOWN),
        sheet.distance("overlap", "strips-overlap-by", 0));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.ROLLER;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind()).put("direction", direction).put("overlap", overlapMm).done();
  }

  @Override
  public Roller mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    boolean down = direction == Direction.DOWN;
    double wide = down ? laying.room().outline().widthMm() : laying.room().outline().heightMm();
    double pitch = laying.widthMm() - overlapMm;
    if (!Tolerance.EXACT.greater(pitch, 0)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.OVERLAP);
    }
    double turn = laying.heightMm();
    double area = laying.room().outline().widthMm() * laying.room().outline().heightMm();
    if (area / (pitch * turn) > MOST_COPIES) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.TOO_MANY);
    }
    double middle = (wide - laying.widthMm()) / 2;
    List<LayOption> options = new ArrayList<>();
    option(laying, Way.InStrips.STRIPS_ON_CENTRE, back(middle, pitch), pitch)
        .ifPresent(options::add);
    option(laying, Way.InStrips.STRIPS_JOINT_ON_CENTRE, back(middle + pitch / 2, pitch), pitch)
        .ifPresent(options::add);
    option(laying, Way.InStrips.STRIPS_FROM_EDGE, 0, pitch).ifPresent(options::add);
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  /** The first strip that still touches the face, on the same pitch. */
  private static double back(double start, double pitch) {
    return start - pitch * Math.max(0, Math.ceil(start / pitch - 1e-9));
  }

  private Optional<LayOption> option(Laying laying, Way.InStrips way, double first, double pitch) {
    boolean down = direction == Direction.DOWN;
    double width = laying.room().outline().widthMm();
    double height = laying.room().outline().heightMm();
    double wide = down ? width : height;
    double long_ = down ? height : width;
    double turn = laying.heightMm();
    List<Item> items = new ArrayList<>();
    int strips = 0;
    double length = 0;
    double narrowest = Double.POSITIVE_INFINITY;
    for (double from = first; from < wide - Tolerance.EXACT.lengthMm(); from += pitch) {
      double drawn = drawn(laying, from, long_);
      if (drawn <= 0) {
        continue;
      }
      strips++;
      length += drawn;
      narrowest = Math.min(narrowest, Math.min(wide, from + laying.widthMm()) - Math.max(0, from));
      for (double at = 0; at < long_; at += turn) {
        double across = from + laying.widthMm() / 2;
        Point p = down ? new Point(across, at + turn / 2) : new Point(at + turn / 2, across);
        laying
            .room()
            .placeFree(laying.design(), Placement.at(p, down ? 0 : 270))
            .ifPresent(items::add);
      }
    }
    if (items.isEmpty()) {
      return Optional.empty();
    }
    boolean sliver = narrowest < Laying.SLIVER_SHARE * laying.widthMm();
    return Optional.of(
        new LayOption(
            new RollerStrips(
                way,
                strips,
                length,
                laying.room().free().getArea(),
                length / turn,
                first,
                pitch,
                !down),
            items,
            Standing.of(
                new Standing.Judged(
                    0, sliver ? 1 : 0, way.symmetrical(), strips, 0, true, 0, way.ordinal())),
            Optional.empty()));
  }

  /** How far the tool is drawn in a strip: from where anything is free to where it ends. */
  private double drawn(Laying laying, double from, double long_) {
    boolean down = direction == Direction.DOWN;
    Box strip =
        down
            ? new Box(from, 0, laying.widthMm(), long_)
            : new Box(0, from, long_, laying.widthMm());
    Geometry there = Planar.intersection(laying.room().free(), Planar.polygon(strip));
    if (there.getArea() < 1) {
      return 0;
    }
    var e = there.getEnvelopeInternal();
    return down ? e.getHeight() : e.getWidth();
  }
}
