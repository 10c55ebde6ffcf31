package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is round and is drawn flat: cones, cylinders and domes. */
class RoundOutlinesTest {
  private static ConeOutline anyCone(Random dice) {
    double one = 210.3 + dice.nextDouble() * 1900;
    double other = one * (0.35 + dice.nextDouble() * 0.6);
    double slant = (one - other) / (2 * Math.PI) * (1.03 + dice.nextDouble() * 6);
    return dice.nextBoolean()
        ? new ConeOutline(one, other, slant)
        : new ConeOutline(other, one, slant);
  }

  /** Where a point of the wall lies unrolled, from the pot itself: so far round, so far down. */
  private static Point unrolled(ConeOutline cone, double share, double down) {
    boolean wide = cone.topMm() > cone.bottomMm();
    double larger = Math.max(cone.topMm(), cone.bottomMm());
    double outer = cone.slantMm() * larger / Math.abs(cone.topMm() - cone.bottomMm());
    double r = wide ? outer - down : outer - cone.slantMm() + down;
    double turn = (share - 0.5) * larger / outer;
    double y = wide ? -r * Math.cos(turn) : r * Math.cos(turn);
    return cone.apex().movedBy(r * Math.sin(turn), y);
  }

  @Test
  void thePlaceOnAWallIsWhereItLiesUnrolled() {
    Random dice = new Random(318);
    int atTheTop = 0;
    for (int i = 0; i < 400; i++) {
      ConeOutline cone = anyCone(dice);
      double share = dice.nextDouble();
      double down = cone.slantMm() * dice.nextDouble();
      Point p = unrolled(cone, share, down);
      assertThat(cone.turnShare(p)).isCloseTo(share, within(1e-9));
      assertThat(cone.downMm(p)).isCloseTo(down, within(1e-6));
      assertThat(cone.widerAtTheTop()).isEqualTo(cone.topMm() > cone.bottomMm());
      atTheTop += cone.widerAtTheTop() ? 1 : 0;
    }
    assertThat(atTheTop).isBetween(100, 300);
  }

  /** Its ends are as long as the tape went round, and both seams as the slant. */
  @Test
  void itsSidesAreWhatWasTaped() {
    Random dice = new Random(319);
    for (int i = 0; i < 200; i++) {
      ConeOutline cone = anyCone(dice);
      assertThat(cone.sides())
          .extracting(Side::name)
          .containsExactly(Side.Name.TOP, Side.Name.RIGHT, Side.Name.BOTTOM, Side.Name.LEFT);
      double[] expected = {cone.topMm(), cone.slantMm(), cone.bottomMm(), cone.slantMm()};
      for (int k = 0; k < 4; k++) {
        assertThat(cone.sides().get(k).lengthMm()).isCloseTo(expected[k], within(1e-6));
      }
      Point left = unrolled(cone, 0, 0);
      assertThat(cone.sides().get(0).strokes().getFirst().from().distanceMm(left)).isLessThan(1e-6);
      assertThat(
              cone.sides()
                  .get(2)
                  .strokes()
                  .getFirst()
                  .from()
                  .distanceMm(unrolled(cone, 1, cone.slantMm())))
          .isLessThan(1e-6);
    }
  }

  @Test
  void aConeThatIsHardlyOneIsACylinder() {
    assertThatCode(() -> new ConeOutline(500.5, 500, 120)).doesNotThrowAnyException();
    assertThatCode(() -> new ConeOutline(500, 500.5, 120)).doesNotThrowAnyException();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new ConeOutline(500.4, 500, 120))
        .satisfies(r -> assertThat(r.field()).isEqualTo("circumferences"));
  }

  /** Flatter than flat there is none; what is refused says from where on there is. */
  @Test
  void aSlantReachesAtLeastFromTheOneRoundToTheOther() {
    double least = (900 - 300) / (2 * Math.PI);
    assertThatCode(() -> new ConeOutline(900, 300, least + 0.01)).doesNotThrowAnyException();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new ConeOutline(900, 300, least - 0.01))
        .satisfies(r -> assertThat(r.field()).isEqualTo("slant"))
        .withMessageContaining("95.49");
  }

  @Test
  void aCylindersRadiusGoesRoundIt() {
    assertThat(new CylinderOutline(471.3, 120).radiusMm() * 2 * Math.PI)
        .isCloseTo(471.3, within(1e-9));
  }

  /** A dome against slices of its ball, each a ring. */
  @Test
  void aDomeIsAsLargeAsItsSlices() {
    Random dice = new Random(320);
    for (int i = 0; i < 60; i++) {
      double radius = 31.7 + dice.nextDouble() * 400;
      double across = 2 * radius * (0.15 + 0.85 * dice.nextDouble());
      BulgeOutline dome = new BulgeOutline(across, radius);
      int slices = 20_000;
      double rim = Math.asin(across / 2 / radius);
      double area = 0;
      double high = 0;
      for (int k = 0; k < slices; k++) {
        double angle = rim * (k + 0.5) / slices;
        double wide = radius * rim / slices;
        area += 2 * Math.PI * radius * Math.sin(angle) * wide;
        high += Math.sin(angle) * wide;
      }
      assertThat(dome.areaMm2()).isCloseTo(area, within(1e-6 * area));
      assertThat(dome.standsOutMm()).isCloseTo(high, within(1e-6 * high));
      assertThat(dome.overMm()).isCloseTo(radius * rim, within(1e-9 * radius));
      assertThat(dome.edgeMm()).isCloseTo(Math.PI * across, within(1e-9 * across));
      // drawn, it is the disc on which distances from the middle are true
      assertThat(dome.widthMm()).isCloseTo(2 * dome.overMm(), within(1e-6));
      assertThat(dome.edgeMm()).isLessThan(dome.contour().lengthMm());
    }
  }

  @Test
  void halfABallIsTheMostOfADome() {
    BulgeOutline half = new BulgeOutline(120, 60);
    assertThat(half.standsOutMm()).isCloseTo(60, within(1e-9));
    assertThat(half.overMm()).isCloseTo(30 * Math.PI, within(1e-9));
    assertThat(half.areaMm2()).isCloseTo(2 * Math.PI * 60 * 60, within(1e-6));
  }
}
