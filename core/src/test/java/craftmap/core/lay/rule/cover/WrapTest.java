package craftmap.core.lay.rule.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plane.Planar;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WrapTest {
  private static final Outline PLANTER = new ConeOutline(754, 565, 230);

  private static Wrap rule() {
    return new Wrap(Cover.Unit.WHOLE_SHEET, 6, 0, 3, 0, 2, Optional.empty());
  }

  private static Wrapping of(LayOption option) {
    return (Wrapping) option.arrangement();
  }

  private static LayOption way(List<LayOption> options, Way way) {
    return options.stream().filter(o -> o.arrangement().way() == way).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "480, 160, 330, 330",
    "754, 210, 330, 330",
    "900, 500, 500, 350",
    "300, 100, 330, 330"
  })
  void aWrapClosesWithOneSeamBehind(double c, double h, double w, double tall) {
    Design paper = Prints.plainPaper(w, tall);
    for (LayOption option : Bench.lay(rule(), new CylinderOutline(c, h), paper)) {
      Wrapping wrap = of(option);
      double between = 0;
      for (int i = 0; i < wrap.seamsMm().size(); i++) {
        double next =
            i + 1 < wrap.seamsMm().size()
                ? wrap.seamsMm().get(i + 1)
                : wrap.seamsMm().getFirst() + c;
        between += next - wrap.seamsMm().get(i);
        assertThat(next - wrap.seamsMm().get(i)).isLessThanOrEqualTo(w - 6 + 1e-6);
      }
      assertThat(between).isCloseTo(c, within(1e-6));
      if (wrap.way() == Way.AllRound.WRAP_EVEN) {
        assertThat(wrap.seamsMm().getFirst()).isZero();
      }
      for (SheetPart part : wrap.parts()) {
        assertThat(part.cut().widthMm()).isLessThanOrEqualTo(w + 1e-6);
        assertThat(part.cut().heightMm()).isLessThanOrEqualTo(tall + 1e-6);
      }
    }
  }

  @Test
  void theBestWrapHasNoSeamInFront() {
    List<LayOption> options =
        Bench.lay(rule(), new CylinderOutline(600, 160), Prints.plainPaper(330, 330));
    assertThat(of(options.getFirst()).seamsInFront()).isZero();
    assertThat(options).anyMatch(o -> of(o).seamsInFront() > 0);
  }

  @Test
  void turnedToWhereTheLidClosesTheSeamGoesAlong() {
    Wrap turned = new Wrap(Cover.Unit.WHOLE_SHEET, 6, 0, 3, 40, 2, Optional.empty());
    Wrapping wrap =
        of(
            way(
                Bench.lay(turned, new CylinderOutline(300, 100), Prints.plainPaper(330, 330)),
                Way.AllRound.WRAP_EVEN));
    assertThat(wrap.seamsMm()).containsExactly(40.0);
  }

  @Test
  void aTaperedWallIsCoveredByPartsCutToTheCurve() {
    LayOption sector =
        way(Bench.lay(rule(), PLANTER, Prints.plainPaper(330, 330)), Way.AllRound.WRAP_EVEN);
    double parts = sector.items().stream().mapToDouble(i -> i.visibleArea().getArea()).sum();
    ConeOutline cone = (ConeOutline) PLANTER;
    double overlaps = of(sector).round() * 6 * 230.0;
    assertThat(parts).isCloseTo(cone.areaMm2() + overlaps, within(0.02 * cone.areaMm2()));
    assertThat(of(sector).sagMm()).isZero();
    for (SheetPart part : of(sector).parts()) {
      var e = part.shape().getEnvelopeInternal();
      assertThat(e.getWidth()).isLessThanOrEqualTo(part.cut().widthMm() + 0.01);
      assertThat(e.getHeight()).isLessThanOrEqualTo(part.cut().heightMm() + 0.01);
      assertThat(e.getMinX()).isGreaterThanOrEqualTo(part.cut().leftMm() - 0.01);
      assertThat(e.getMinY()).isGreaterThanOrEqualTo(part.cut().topMm() - 0.01);
    }
  }

  @Test
  void straightStripsAreNoWiderThanTheirSagAllows() {
    Wrapping strips =
        of(way(Bench.lay(rule(), PLANTER, Prints.plainPaper(330, 330)), Way.AllRound.WRAP_STRIPS));
    double radius = ((ConeOutline) PLANTER).outerRadiusMm();
    assertThat(radius).isCloseTo(917.57, within(0.01));
    assertThat(strips.partMm()).isLessThanOrEqualTo(121.1);
    assertThat(strips.sagMm()).isBetween(0.5, 2.0);
    assertThat(strips.round()).isEqualTo(7);
    // narrower at the foot, so they overlap more there
    assertThat(strips.overlapAtNarrowEndMm()).isGreaterThan(6);
  }

  @Test
  void aRepeatingPrintRunsOnRoundTheWallAndTellsWhatItMisses() {
    Design paper = Prints.repeatingPaper(500, 350, 120, 90);
    Wrapping wrap = of(Bench.lay(rule(), new CylinderOutline(754, 200), paper).getFirst());
    assertThat(wrap.missMm()).isCloseTo(754 - 6 * 120, within(1e-6));
  }

  @Test
  void aboveTheFootNothingIsLaid() {
    Wrap lifted = new Wrap(Cover.Unit.WHOLE_SHEET, 6, 40, 3, 0, 2, Optional.empty());
    for (LayOption option :
        Bench.lay(lifted, new CylinderOutline(480, 160), Prints.plainPaper(330, 330))) {
      for (Item item : option.items()) {
        assertThat(item.visible().bottomMm()).isCloseTo(120, within(1e-6));
      }
    }
  }

  @Test
  void aFlatFaceIsNoWall() {
    Design paper = Prints.plainPaper(330, 330);
    assertThat(Bench.lay(rule(), new RectangleOutline(300, 200), paper)).isEmpty();
  }

  @Test
  void everySpotOfAStraightWallIsCovered() {
    for (LayOption option :
        Bench.lay(rule(), new CylinderOutline(754, 300), Prints.plainPaper(330, 200))) {
      var seam = craftmap.core.lay.Seam.of(new CylinderOutline(754, 300));
      var all = new java.util.ArrayList<>(option.items().stream().map(Item::visibleArea).toList());
      option.items().forEach(i -> seam.forEach(s -> all.add(s.beyond(i.visibleArea()))));
      var wall = Planar.polygon(new craftmap.core.plane.Box(0, 0, 754, 300));
      assertThat(Planar.intersection(Planar.union(all), wall).getArea())
          .isCloseTo(754 * 300, within(1.0));
    }
  }
}
