package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.cover.AcrossFronts;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.Break;
import craftmap.core.surface.Face;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Deep corners are cut lines. */
class StepsTest {
  private static final LayRule ACROSS =
      RuleKind.ACROSS.read(new MeasureSheet(Map.of("allowance", 0.0), Map.of()), List.of(), "");

  private static Face face(double w, double h, Break... breaks) {
    return Bench.face(
        new RectangleOutline(w, h),
        new Marks(List.of(), List.of(), List.of(breaks), List.of(), List.of()));
  }

  private static Break level(double y, double from, double to, double step) {
    return new Break("b", "Moulding", new Point(from, y), new Point(to, y), 0, step);
  }

  private static List<SheetPart> parts(Face face, Design design) {
    return ((AcrossFronts) Bench.lay(ACROSS, face, design).getFirst().arrangement()).parts();
  }

  /** Nothing of the picture is lost, and no part lies on both sides. */
  @Test
  void aDeepStepPartsThePictureAlongItsLine() {
    Dice dice = new Dice(8);
    for (int i = 0; i < 20; i++) {
      double w = 203.3 + dice.next() * 300;
      double h = 180.7 + dice.next() * 200;
      double y = h * (0.2 + 0.6 * dice.next());
      Design picture = Prints.transfer(w + 5, h + 5);
      List<SheetPart> parts =
          parts(face(w, h, level(y, -10, w + 10, 2.1 + dice.next() * 9)), picture);
      assertThat(parts).hasSize(2);
      double area = parts.stream().mapToDouble(p -> p.shape().getArea()).sum();
      assertThat(area).isCloseTo(w * h, within(0.5));
      assertThat(SheetPart.boxOf(parts.get(0).shape()).heightMm()).isCloseTo(y, within(0.001));
      assertThat(parts.get(0).cut().overlaps(parts.get(1).cut(), 0.01)).isFalse();
    }
  }

  @Test
  void intoAShallowStepItIsEased() {
    Design transfer = Prints.transfer(400, 300);
    assertThat(parts(face(390, 290, level(100, 0, 390, 2)), transfer)).hasSize(1);
    assertThat(parts(face(390, 290, level(100, 0, 390, 2.01)), transfer)).hasSize(2);
    assertThat(Steps.easedIntoMm(Prints.napkin(4))).isGreaterThan(Steps.easedIntoMm(transfer));
    assertThat(Steps.easedIntoMm(transfer))
        .isGreaterThan(Steps.easedIntoMm(Prints.plainPaper(100, 100)));
    assertThat(Steps.cuts(level(1, 0, 9, 400), Prints.cutOut(10, 10))).isFalse();
  }

  @Test
  void aStepThatEndsWithinThePictureSlitsItAndPartsNothing() {
    Design transfer = Prints.transfer(400, 300);
    assertThat(parts(face(390, 290, level(100, 50, 200, 8)), transfer)).hasSize(1);
  }

  @Test
  void twoStepsMakeThreePartsInOrder() {
    Design transfer = Prints.transfer(400, 300);
    List<SheetPart> parts =
        parts(
            face(
                390,
                290,
                level(200, -1, 391, 5),
                new Break("c", "Bead", new Point(-1, 80), new Point(391, 80), 0, 5)),
            transfer);
    assertThat(parts.stream().map(p -> Math.rint(SheetPart.boxOf(p.shape()).heightMm())))
        .containsExactly(80.0, 120.0, 90.0);
    List<Item> items =
        Bench.lay(ACROSS, face(390, 290, level(200, -1, 391, 5)), transfer).getFirst().items();
    assertThat(items).hasSize(2);
  }
}
