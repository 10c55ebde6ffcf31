package craftmap.core.finding;

import craftmap.core.colour.Colour;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.border.BorderSides;
import craftmap.core.lay.rule.border.CornerSet;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.lay.rule.cover.Bare;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.lay.rule.cover.SheetCover;
import craftmap.core.lay.rule.cover.SheetWork;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.lay.rule.field.GridPattern;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.lay.rule.field.Scattering;
import craftmap.core.lay.rule.pieces.CollageSet;
import craftmap.core.lay.rule.pieces.RollStrips;
import craftmap.core.lay.rule.ring.RingRows;
import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.lay.rule.single.Stand;
import craftmap.core.lay.rule.single.Wording;
import craftmap.core.lay.rule.single.ZoneArea;
import craftmap.core.lay.sheet.Bends;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.BulgeOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to look out for where sheets are cut, laid and glued. */
public final class SheetFindings {
  /** A shift that nobody sees is none. */
  private static final double SHIFT_SEEN = 3;

  /** Nobody cuts paper truer than this. */
  private static final double MISS_SEEN_MM = 0.05;

  private final About about;
  private final List<Finding> found = new ArrayList<>();

  private SheetFindings(About about) {
    this.about = about;
  }

  static List<Finding> of(Face face, LayReading.Laid laid) {
    SheetFindings findings = new SheetFindings(new About.OfLay(face.id(), laid.lay().id()));
    findings.look(face, laid);
    return findings.found;
  }

  private void add(FindingRule rule, Level level, Figure... figures) {
    found.add(Finding.of(rule, level, about, figures));
  }

  private void look(Face face, LayReading.Laid laid) {
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      spoilt(laid, work.spoilt());
    }
    if (laid.chosen().arrangement() instanceof Stand stand) {
      spoilt(laid, stand.spoilt());
    }
    switch (laid.chosen().arrangement()) {
      case AcrossFronts across -> across(across, laid);
      case SheetCover cover -> cover(cover, laid);
      case Wrapping wrap -> wrap(wrap);
      case CollageSet collage ->
          add(
              FindingRule.COLLAGE_COVERS,
              Level.FINE,
              new Figure.Area(collage.unionMm2()),
              new Figure.Share(collage.groundShare()));
      case RunRow _,
          RingRows _,
          BorderSides _,
          GridPattern _,
          Stand _,
          CornerSet _,
          Scattering _,
          RollerStrips _,
          FrameSides _,
          Wording _,
          RollStrips _,
          PageSet _,
          ZoneArea _ -> {
        // of these the items tell
      }
    }
    thin(face, laid.design(), about).ifPresent(found::add);
    dome(face, laid);
    if (laid.design() instanceof CutOut c && c.inkRuns()) {
      add(FindingRule.INK_SEAL, Level.RISK);
    }
    if (laid.design() instanceof Napkin n && n.plies() > 1) {
      add(FindingRule.PLIES, Level.RISK, new Figure.Count(n.plies()));
    }
    if (laid.design() instanceof FoilRoll) {
      add(FindingRule.FOIL_ON_SIZE, Level.FINE);
    }
  }

  private void spoilt(LayReading.Laid laid, List<MotifBox> spoilt) {
    boolean named = laid.design().picture().map(p -> !p.motifs().isEmpty()).orElse(false);
    if (!spoilt.isEmpty()) {
      add(
          FindingRule.PARTS_SPOILT,
          Level.RISK,
          new Figure.Names(spoilt.stream().map(MotifBox::name).toList()));
    } else if (named) {
      add(FindingRule.PARTS_WHOLE, Level.FINE);
    }
  }

  /** Ground that a cover does not reach, with its place. */
  private void bare(Bare bare) {
    bare.around()
        .ifPresent(
            b ->
                add(
                    FindingRule.GROUND_BARE,
                    Level.STOP,
                    new Figure.Area(bare.areaMm2()),
                    new Figure.Length(b.widthMm()),
                    new Figure.Length(b.heightMm()),
                    new Figure.Length(b.leftMm()),
                    new Figure.Length(b.topMm())));
  }

  private void across(AcrossFronts across, LayReading.Laid laid) {
    if (across.way() == Way.OverFaces.ACROSS_THROUGH) {
      add(FindingRule.PICTURE_THROUGH, Level.FINE);
    } else if (across.way() == Way.OverFaces.ACROSS_CLOSED_UP) {
      add(FindingRule.PICTURE_CLOSED_UP, Level.FINE);
    }
    if (!across.seamsMm().isEmpty()) {
      add(FindingRule.PICTURE_JOINTS, Level.FINE, new Figure.Lengths(across.seamsMm()));
    }
    double used = across.parts().stream().mapToDouble(p -> p.shape().getArea()).sum();
    add(
        FindingRule.PICTURE_SHOWN,
        Level.FINE,
        new Figure.Share(used / laid.design().printed().areaMm2()));
  }

  private void cover(SheetCover cover, LayReading.Laid laid) {
    bare(cover.bare());
    if (!(laid.lay().rule() instanceof Cover rule)) {
      return;
    }
    add(
        FindingRule.SEAM_JOIN,
        Level.FINE,
        new Figure.One(rule.join()),
        new Figure.Length(rule.overlapMm()));
    boolean repeats =
        laid.design() instanceof Paper p && p.repeat().isPresent()
            || laid.design() instanceof Napkin n && n.repeat().isPresent();
    if (!repeats) {
      return;
    }
    if (Tolerance.EXACT.greater(cover.missMm(), MISS_SEEN_MM)) {
      add(FindingRule.SEAM_OUT_OF_STEP, Level.RISK, new Figure.Length(cover.missMm()));
    } else if (laid.lay().alsoOn().isEmpty()) {
      add(FindingRule.SEAM_MEETS, Level.FINE);
    } else {
      add(FindingRule.SEAM_MEETS_ACROSS, Level.FINE, new Figure.Count(laid.lay().faceIds().size()));
    }
  }

  private void wrap(Wrapping wrap) {
    bare(wrap.bare());
    if (wrap.seamsInFront() > 0) {
      add(FindingRule.SEAM_IN_SIGHT, Level.TIP);
    }
    if (wrap.sagMm() > 0) {
      add(
          FindingRule.STRIPS_SAG,
          Level.FINE,
          new Figure.FineLength(wrap.sagMm()),
          new Figure.Length(wrap.overlapAtNarrowEndMm()));
    }
    if (Tolerance.EXACT.greater(wrap.missMm(), 0)) {
      add(FindingRule.SEAM_MISS_BEHIND, Level.TIP, new Figure.Length(wrap.missMm()));
    }
  }

  /** What the ground does to a print that it shines through. */
  public static Optional<Finding> thin(Face face, Design design, About about) {
    boolean thin =
        design instanceof Napkin || design instanceof Paper p && p.weight() == Paper.Weight.TISSUE;
    if (!thin) {
      return Optional.empty();
    }
    Colour own = design.picture().flatMap(p -> p.background()).orElse(new Colour("#FFFFFF"));
    Colour seen = own.over(face.ground());
    double shift = own.lab().ciede2000From(seen.lab());
    if (shift < SHIFT_SEEN) {
      return Optional.of(Finding.of(FindingRule.THIN_FINE, Level.FINE, about));
    }
    boolean darker = face.ground().luminance() < own.luminance();
    return Optional.of(
        Finding.of(
            FindingRule.THIN_OVER_GROUND,
            darker ? Level.RISK : Level.FINE,
            about,
            new Figure.Shade(own.hex()),
            new Figure.Shade(seen.hex()),
            new Figure.Shift(shift)));
  }

  /** How large a flat piece lies on a dome without a fold. */
  private void dome(Face face, LayReading.Laid laid) {
    if (!(face.outline() instanceof BulgeOutline bulge)) {
      return;
    }
    double largest = Bends.flatAcrossMm(bulge.radiusMm(), Bends.stretchOf(laid.design()));
    double across =
        laid.items().stream()
            .mapToDouble(i -> Math.max(i.visible().widthMm(), i.visible().heightMm()))
            .max()
            .orElse(0);
    if (largest == 0) {
      return;
    }
    if (across <= largest) {
      add(FindingRule.DOME_FITS, Level.FINE, new Figure.Length(largest));
    } else {
      add(
          FindingRule.DOME_TOO_LARGE,
          Level.RISK,
          new Figure.Length(largest),
          new Figure.Length(across));
    }
  }
}
