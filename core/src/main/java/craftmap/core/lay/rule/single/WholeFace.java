package craftmap.core.lay.rule.single;

import craftmap.core.design.PaintedZone;
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
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * A blend, a wash or a splatter over all of a face that is free.
 *
 * @param insetMm a rim left as it is
 */
public record WholeFace(double insetMm) implements LayRule {
  public static WholeFace read(MeasureSheet sheet) {
    return new WholeFace(sheet.distance("inset", "rim-left-as-it-is", 0));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.WHOLE_FACE;
  }

  @Override
  public RuleNote note() {
    return RuleNote.of(kind()).put("inset", insetMm).done();
  }

  @Override
  public WholeFace mirrored(double faceWidthMm) {
    return this;
  }

  @Override
  public LayAnswer lay(Laying laying) {
    Geometry within = laying.room().outline().region().buffer(-insetMm);
    Geometry area = Planar.intersection(laying.room().free(), within);
    if (area.getArea() < 1 || !(laying.design() instanceof PaintedZone zone)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    Envelope e = within.getEnvelopeInternal();
    PaintedZone over = zone.over(e.getWidth(), e.getHeight());
    Placement at = Placement.at(new Point(e.centre().x, e.centre().y));
    Item item =
        Item.cutTo(over, at, area, false)
            .orElseThrow(() -> new IllegalStateException("impossible state: an area of nothing"));
    return LayAnswer.of(
        List.of(
            new LayOption(
                new ZoneArea(area.getArea()),
                List.of(item),
                Standing.of(
                    new Standing.Judged(0, 0, true, 0, 0, true, 1, Way.Whole.ZONE.ordinal())),
                Optional.empty())),
        LayAnswer.Reason.NOTHING_FREE);
  }
}
