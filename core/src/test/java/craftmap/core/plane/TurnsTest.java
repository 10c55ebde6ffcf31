package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TurnsTest {
  /** What arithmetic leaves beside a round figure. */
  private static final double[] HAIRS = {0, 1e-14, -1e-14, 3e-14, -3e-14, 1e-12, -1e-12, 1e-9};

  @ParameterizedTest
  @ValueSource(doubles = {-1e-14, -1e-300, -4e-14, 360, -360, 720 - 1e-13})
  void aTurnIsFromNoneUpToButNotAFullOne(double deg) {
    assertThat(Turns.normal(deg)).isGreaterThanOrEqualTo(0).isLessThan(360);
  }

  @Test
  void sinesAndCosinesAreRightAHairBesideEveryFifteenDegrees() {
    for (int deg = -720; deg <= 720; deg += 15) {
      for (double hair : HAIRS) {
        double turn = deg + hair;
        assertThat(Turns.cos(turn)).isCloseTo(Math.cos(Math.toRadians(turn)), within(1e-12));
        assertThat(Turns.sin(turn)).isCloseTo(Math.sin(Math.toRadians(turn)), within(1e-12));
      }
    }
  }

  @Test
  void quarterTurnsHaveNoNoise() {
    assertThat(Turns.cos(90)).isZero();
    assertThat(Turns.sin(180)).isZero();
    assertThat(Turns.cos(-90)).isZero();
    assertThat(Turns.sin(-90)).isEqualTo(-1);
    assertThat(Turns.cos(540)).isEqualTo(-1);
  }

  @Test
  void boxesOverlapWhereTheirAreasDoHoweverTheyAreTurned() {
    Random random = new Random(77);
    for (int i = 0; i < 4_000; i++) {
      TurnedBox a = any(random);
      TurnedBox b = any(random);
      double shared = Planar.intersection(a.polygon(), b.polygon()).getArea();
      if (shared > 0.01) {
        assertThat(a.overlaps(b, 1e-6)).as("%s on %s, %s mm2", a, b, shared).isTrue();
        assertThat(b.overlaps(a, 1e-6)).isTrue();
      } else if (shared == 0 && a.polygon().distance(b.polygon()) > 0.01) {
        assertThat(a.overlaps(b, 1e-6)).as("%s beside %s", a, b).isFalse();
      }
      assertThat(a.around().widthMm())
          .isCloseTo(a.polygon().getEnvelopeInternal().getWidth(), within(1e-9));
    }
  }

  private static TurnedBox any(Random random) {
    double turn =
        random.nextBoolean()
            ? 15 * (random.nextInt(60) - 30) + HAIRS[random.nextInt(HAIRS.length)]
            : random.nextDouble() * 1000 - 500;
    return new TurnedBox(
        new Point(random.nextDouble() * 120, random.nextDouble() * 120),
        7.3 + random.nextDouble() * 90,
        3.9 + random.nextDouble() * 60,
        turn);
  }
}
