package craftmap.core.lay.rule.cover;

import craftmap.core.design.Printing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Paper round a rolled-up wall: a level foot, one seam behind, the others where they show least. A
 * tapered wall takes parts cut to the curve, or straight strips so narrow that their edges follow
 * it.
 *
 * @param footMm the lower edge stays this far above the foot
 * @param bleedMm over the rim and the foot, to trim
 * @param frontMm the middle is turned this far from the front, to face where the lid closes
 * @param toleranceMm how far a straight edge may stand off the curve
 * @param slice which slice of its print shows; none for where motifs stay whole
 */
public record Wrap(
    Cover.Unit unit,
    double overlapMm,
    double footMm,
    double bleedMm,
    double frontMm,
    double toleranceMm,
    Optional<Slice> slice)
    implements LayRule {

  public static Wrap read(MeasureSheet sheet) {
    return new Wrap(
        sheet.choice("unit", "one-part-is", Cover.Unit.WHOLE_SHEET),
        sheet.length("overlap", "overlap", 6, LengthRange.DISTANCE.upTo(100)),
        sheet.distance("foot", "above-the-foot", 0),
        sheet.length("bleed", "over-the-rim-to-trim", 3, LengthRange.DISTANCE.upTo(100)),
        sheet.length("front", "turned-from-the-front-by", 0, LengthRange.PLACE),
        sheet.length("tolerance", "straight-edges-may-be-off-by", 2, LengthRange.SIZE.upTo(20)),
        Slice.read(sheet));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.WRAP;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("unit", unit)
            .put("overlap", overlapMm)
            .put("foot", footMm)
            .put("bleed", bleedMm)
            .put("front", frontMm)
            .put("tolerance", toleranceMm);
    Slice.write(slice, note);
    return note.done();
  }

  @Override
  public Wrap mirrored(double faceWidthMm) {
    return new Wrap(unit, overlapMm, footMm, bleedMm, 0 - frontMm, toleranceMm, slice);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    Optional<WrapWall> wall = WrapWall.of(laying.room().outline());
    if (wall.isEmpty()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOT_ROLLED_UP);
    }
    if (footMm >= wall.get().downMm()) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    List<LayOption> options = new ArrayList<>();
    WrapWork work = new WrapWork(this, laying, wall.get());
    if (wall.get() instanceof WrapWall.Tapered cone) {
      work.add(options, WrapWork.Cut.TO_THE_CURVE);
      work.strips(cone.wall()).ifPresent(most -> work.add(options, new WrapWork.Cut(false, most)));
    } else {
      work.add(options, WrapWork.Cut.TO_THE_CURVE);
    }
    if (options.isEmpty() && Printing.isOnePicture(laying.design())) {
      slice.ifPresent(s -> s.refusePast(work.mostSpare()));
    }
    return LayAnswer.of(options, LayAnswer.Reason.TOO_MANY);
  }
}
