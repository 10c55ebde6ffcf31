package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.Joint;
import craftmap.core.design.Prints;
import craftmap.core.design.Transfer;
import craftmap.core.plane.Box;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SectionsTest {
  private static Transfer transfer(double w, double h, double rim, int parts, boolean upright) {
    Transfer plain = (Transfer) Prints.transfer(w, h);
    return new Transfer(
        plain.card(),
        plain.sheet(),
        new Box(rim, rim, w - 2 * rim, h - 2 * rim),
        parts == 1 ? Optional.empty() : Optional.of(new Joint(parts, upright, 12.7)),
        plain.direction(),
        Optional.empty());
  }

  @Test
  void theRimGoesWithTheFirstAndTheLast() {
    // printed from 20 to 920 down: thirds of 300
    assertThat(transfer(640, 940, 20, 3, false).sections())
        .containsExactly(
            Box.between(0, 0, 640, 320),
            Box.between(0, 320, 640, 620),
            Box.between(0, 620, 640, 940));
    assertThat(transfer(640, 940, 20, 2, true).sections())
        .containsExactly(Box.between(0, 0, 320, 940), Box.between(320, 0, 640, 940));
    assertThat(transfer(640, 940, 20, 1, false).sections())
        .containsExactly(Box.between(0, 0, 640, 940));
  }

  @Test
  void aLeftoverIsOfTheSectionsItReachesInto() {
    Design picture = transfer(640, 940, 20, 3, false);
    Sections of = Sections.of(picture, Box.between(100, 250, 500, 610));
    assertThat(of.each())
        .containsExactly(Box.between(100, 250, 500, 320), Box.between(100, 320, 500, 610));
    assertThat(of.holding(Box.between(120, 260, 200, 320))).hasValue(0);
    assertThat(of.holding(Box.between(120, 320, 200, 610))).hasValue(1);
    // what lies over the joint is measured on the leftover as a whole
    assertThat(of.holding(Box.between(120, 300, 200, 400))).isEmpty();
    assertThat(of.measuring(Box.between(120, 300, 200, 400))).isEqualTo(of.sheet());
  }

  @Test
  void whatComesWholeIsMeasuredFromItsOwnEdges() {
    Sections of = Sections.of(Prints.transfer(600, 450), Box.between(310.4, 0, 600, 450));
    assertThat(of.areSeveral()).isFalse();
    assertThat(of.holding(Box.between(320, 10, 400, 90))).isEmpty();
    assertThat(of.measuring(Box.between(320, 10, 400, 90)))
        .isEqualTo(Box.between(310.4, 0, 600, 450));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theyCoverTheSheetAndEveryPartInOneIsWithinIt(long seed) {
    Random chance = new Random(seed);
    for (int i = 0; i < 40; i++) {
      double w = 90 + 1200 * chance.nextDouble();
      double h = 90 + 1900 * chance.nextDouble();
      double rim = 17.3 * chance.nextDouble();
      int parts = 1 + chance.nextInt(3);
      Transfer picture = transfer(w, h, rim, parts, chance.nextBoolean());
      Box sheet = somewhereIn(new Box(0, 0, w, h), chance);
      Sections of = Sections.of(picture, sheet);
      assertThat(of.each().stream().mapToDouble(Box::areaMm2).sum())
          .isCloseTo(sheet.areaMm2(), within(0.01));
      for (int p = 0; p < 20; p++) {
        Box part = somewhereIn(sheet, chance);
        Box from = of.measuring(part);
        // whatever is measured lies on what it is measured from
        assertThat(part.leftMm()).isGreaterThanOrEqualTo(from.leftMm() - 0.02);
        assertThat(part.topMm()).isGreaterThanOrEqualTo(from.topMm() - 0.02);
        assertThat(part.rightMm()).isLessThanOrEqualTo(from.rightMm() + 0.02);
        assertThat(part.bottomMm()).isLessThanOrEqualTo(from.bottomMm() + 0.02);
        boolean overAJoint = of.each().stream().filter(s -> s.overlaps(part, 0.01)).count() > 1;
        assertThat(of.holding(part).isPresent())
            .as("%s on %s", part, of.each())
            .isEqualTo(of.areSeveral() && !overAJoint);
      }
    }
  }

  private static Box somewhereIn(Box box, Random chance) {
    double left = box.leftMm() + box.widthMm() * 0.6 * chance.nextDouble();
    double top = box.topMm() + box.heightMm() * 0.6 * chance.nextDouble();
    return Box.between(
        left,
        top,
        left + (box.rightMm() - left) * (0.05 + 0.9 * chance.nextDouble()),
        top + (box.bottomMm() - top) * (0.05 + 0.9 * chance.nextDouble()));
  }
}
