package craftmap.core.lay.rule.pieces;

import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StripRoll;
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
import craftmap.core.lay.rule.cover.Bare;
import craftmap.core.lay.rule.cover.Seams;
import craftmap.core.measure.FigureRange;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * Foil or plaster fabric over what is free, in strips off the roll that run one way and lie over
 * each other. Of ways that leave no sliver, the one that takes least of the roll comes first.
 *
 * @param insetMm a rim left bare
 * @param spareMm each strip is cut longer by this, at both ends together
 * @param share of the area that is covered, 1 for all of it; broken foil needs less of the roll
 */
public record Strips(Running running, double insetMm, double spareMm, double share)
    implements LayRule {
  /** Which way the strips run. */
  public enum Running {
    DOWN,
    ACROSS,
    WHICHEVER_IS_BETTER
  }

  private static final int MOST_STRIPS = 400;

  /** Nobody chooses between ways that take less than this more or less of a roll. */
  private static final double LENGTHS_TOLD_APART_MM = 10;

  private static final FigureRange SHARE = new FigureRange("%", 5, 100, 0);

  public static Strips read(MeasureSheet sheet) {
    return new Strips(
        sheet.choice("direction", "strips-run", Running.WHICHEVER_IS_BETTER),
        sheet.distance("inset", "rim-left-bare", 0),
        sheet.length("spare", "each-cut-longer-by", 10, LengthRange.DISTANCE.upTo(200)),
        sheet.figure("share", "covered", 100, SHARE) / 100);
  }

  @Override
  public RuleKind kind() {
    return RuleKind.STRIPS;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind())
        .put("direction", running)
        .put("inset", insetMm)
        .put("spare", spareMm)
        .put("share", share * 100)
        .done();
  }

  @Override
  public Strips mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    Geometry free = laying.room().free();
    Geometry area =
        insetMm == 0
            ? free
            : Planar.intersection(free, laying.room().outline().region().buffer(-insetMm));
    if (area.getArea() < 1 || !(laying.design() instanceof StripRoll roll)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    List<LayOption> options = new ArrayList<>();
    boolean tooMany = false;
    for (boolean down : ways()) {
      Envelope e = area.getEnvelopeInternal();
      double from = down ? e.getMinX() : e.getMinY();
      double to = down ? e.getMaxX() : e.getMaxY();
      if ((to - from) / (roll.widthMm() - roll.overlapMm()) > MOST_STRIPS) {
        tooMany = true;
        continue;
      }
      Seams.Length over = Seams.Length.alone(from, to);
      for (Seams.Line line :
          List.of(Seams.Line.SHEET_CENTRED, Seams.Line.SEAM_CENTRED, Seams.Line.FROM_START)) {
        Way.InStrips way =
            switch (line) {
              case SHEET_CENTRED -> Way.InStrips.STRIPS_ON_CENTRE;
              case SEAM_CENTRED -> Way.InStrips.STRIPS_JOINT_ON_CENTRE;
              case FROM_START, EVEN -> Way.InStrips.STRIPS_FROM_EDGE;
            };
        Seams.of(line, over, roll.widthMm(), roll.overlapMm(), 0)
            .flatMap(s -> option(laying.design(), roll, way, s, area, down))
            .ifPresent(options::add);
      }
    }
    return LayAnswer.of(
        options, tooMany ? LayAnswer.Reason.TOO_MANY : LayAnswer.Reason.NOTHING_FREE);
  }

  private List<Boolean> ways() {
    return switch (running) {
      case DOWN -> List.of(true);
      case ACROSS -> List.of(false);
      case WHICHEVER_IS_BETTER -> List.of(true, false);
    };
  }

  private Optional<LayOption> option(
      Design design, StripRoll roll, Way.InStrips way, Seams seams, Geometry area, boolean down) {
    Envelope e = area.getEnvelopeInternal();
    List<Item> items = new ArrayList<>();
    double length = 0;
    int slivers = 0;
    for (int i = 0; i < seams.count(); i++) {
      double at = seams.startMm(i);
      Box strip =
          down
              ? new Box(at, e.getMinY(), roll.widthMm(), e.getHeight())
              : new Box(e.getMinX(), at, e.getWidth(), roll.widthMm());
      Geometry shows = Planar.intersection(area, Planar.polygon(strip));
      if (shows.getArea() < 1) {
        continue;
      }
      Envelope s = shows.getEnvelopeInternal();
      double long_ = down ? s.getHeight() : s.getWidth();
      double wide = down ? s.getWidth() : s.getHeight();
      slivers += wide < Laying.SLIVER_SHARE * roll.widthMm() ? 1 : 0;
      length += long_ + spareMm;
      Point middle =
          down
              ? new Point(at + roll.widthMm() / 2, s.centre().y)
              : new Point(s.centre().x, at + roll.widthMm() / 2);
      items.add(
          new Item(
              roll.strip(long_),
              Placement.at(middle, down ? 0 : 90),
              Math.min(1, shows.getArea() / (long_ * roll.widthMm())),
              Optional.of(shows),
              false));
    }
    if (items.isEmpty()) {
      return Optional.empty();
    }
    int layers = design instanceof PlasterFabric p ? p.layers() : 1;
    double covered = design instanceof FoilRoll ? share : 1;
    return Optional.of(
        new LayOption(
            new RollStrips(
                way,
                items.size(),
                length,
                length * layers * covered,
                area.getArea(),
                seams.firstMm(),
                roll.widthMm() - roll.overlapMm(),
                !down,
                running == Running.WHICHEVER_IS_BETTER),
            items,
            Standing.of(
                    new Standing.Judged(
                        0, slivers, way.symmetrical(), 0, 0, true, 0, way.ordinal()))
                .cutting(0, (int) Math.ceil(length / LENGTHS_TOLD_APART_MM))
                .leavingBare(Bare.of(area, items).areaMm2()),
            Optional.empty()));
  }
}
