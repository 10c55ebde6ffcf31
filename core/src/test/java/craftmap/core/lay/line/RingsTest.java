package craftmap.core.lay.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RingsTest {
  @Test
  void fartherInThanTheFaceReachesThereIsNoRing() {
    assertThat(Rings.circle(new Point(0, 0), 0)).isEmpty();
    assertThat(Rings.rim(new OvalOutline(200, 200), 120)).isEmpty();
  }

  @Test
  void aRoundRimIsACircleWhoseTopIsTheDatum() {
    Rings.Ring ring = Rings.rim(new OvalOutline(320, 320), 20).orElseThrow();
    assertThat(ring.path().lengthMm()).isCloseTo(Math.PI * 280, within(1e-6));
    Point top = ring.path().at(ring.datumMm());
    assertThat(top.xMm()).isCloseTo(160, within(1e-6));
    assertThat(top.yMm()).isCloseTo(20, within(1e-6));
  }

  @Test
  void roundAWallTheRingIsAsLongAsTheWallIsThere() {
    CylinderOutline tin = new CylinderOutline(180, 140);
    Rings.Ring straight = Rings.wall(tin, 60).orElseThrow();
    assertThat(straight.path().lengthMm()).isCloseTo(tin.circumferenceMm(), within(1e-6));
    assertThat(straight.datumMm()).isCloseTo(tin.circumferenceMm() / 2, within(1e-6));
    assertThat(Rings.wall(tin, 141)).isEmpty();
    assertThat(Rings.wall(new RectangleOutline(100, 100), 10)).isEmpty();
  }

  @Test
  void downATaperedWallTheRingsGetShorterInStep() {
    ConeOutline planter = new ConeOutline(754, 565, 230);
    double top = Rings.wall(planter, 0).orElseThrow().path().lengthMm();
    double middle = Rings.wall(planter, 115).orElseThrow().path().lengthMm();
    double foot = Rings.wall(planter, 230).orElseThrow().path().lengthMm();
    assertThat(top).isCloseTo(754, within(1e-6));
    assertThat(foot).isCloseTo(565, within(1e-6));
    assertThat(middle).isCloseTo((754 + 565) / 2.0, within(1e-6));
  }

  /** Whichever end is the wider, a ring runs from the left end by the front to the right one. */
  @ParameterizedTest
  @CsvSource({"754, 565, 230", "402.3, 911.7, 140.9"})
  void aRingOnATaperedWallRunsFromSeamToSeamByTheFront(double top, double foot, double slant) {
    ConeOutline pot = new ConeOutline(top, foot, slant);
    for (double down : new double[] {0, 61.7, slant}) {
      Rings.Ring ring = Rings.wall(pot, down).orElseThrow();
      double length = ring.path().lengthMm();
      assertThat(length).isCloseTo(top + (foot - top) * down / slant, within(1e-6));
      assertThat(ring.datumMm()).isCloseTo(length / 2, within(1e-9));
      for (double share : new double[] {0.001, 0.25, 0.5, 0.81}) {
        Point p = ring.path().at(share * length);
        assertThat(pot.turnShare(p)).isCloseTo(share, within(1e-9));
        assertThat(pot.downMm(p)).isCloseTo(down, within(1e-6));
      }
    }
    assertThat(Rings.wall(pot, -0.1)).isEmpty();
    assertThat(Rings.wall(pot, slant + 0.1)).isEmpty();
  }

  @Test
  void aRingLiesOnTheWallFromItsTopToItsFoot() {
    CylinderOutline tin = new CylinderOutline(180.3, 140);
    assertThat(Rings.wall(tin, 0)).isPresent();
    assertThat(Rings.wall(tin, 140)).isPresent();
    assertThat(Rings.wall(tin, -0.1)).isEmpty();
    Rings.Ring ring = Rings.wall(tin, 33.3).orElseThrow();
    assertThat(ring.path().at(40)).isEqualTo(new Point(40, 33.3));
  }

  /** Read from a place further on, it is the same line. */
  @Test
  void aDatumIsMovedByAShareOfTheWayRound() {
    Rings.Ring ring = Rings.circle(new Point(200, 200), 240).orElseThrow();
    Rings.Ring right = ring.further(0.25);
    assertThat(right.path()).isSameAs(ring.path());
    Point at = right.path().at(right.datumMm());
    assertThat(at.xMm()).isCloseTo(320, within(1e-6));
    assertThat(at.yMm()).isCloseTo(200, within(1e-6));
  }

  /** What is no circle is read from above its middle too. */
  @Test
  void theRimOfAnOvalIsReadFromItsTop() {
    Rings.Ring ring = Rings.rim(new OvalOutline(400, 300), 25).orElseThrow();
    assertThat(ring.datumMm()).isZero();
    assertThat(ring.path().at(0).xMm()).isCloseTo(200, within(0.01));
    assertThat(ring.path().at(0).yMm()).isCloseTo(25, within(0.05));
    assertThat(Rings.rim(new OvalOutline(400, 300), 151)).isEmpty();
  }
}
