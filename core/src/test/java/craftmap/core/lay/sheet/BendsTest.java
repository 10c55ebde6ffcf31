package craftmap.core.lay.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Prints;
import org.junit.jupiter.api.Test;

class BendsTest {
  @Test
  void aStraightEdgeStandsOffTheCurve() {
    assertThat(Bends.sagMm(917.57, 200)).isCloseTo(5.47, within(0.005));
    assertThat(Bends.sagMm(100, 300)).isEqualTo(100);
  }

  @Test
  void theWidestStripIsTheOneWhoseSagIsTheTolerance() {
    double widest = Bends.widestStripMm(917.57, 2);
    assertThat(widest).isCloseTo(121.1, within(0.05));
    assertThat(Bends.sagMm(917.57, widest)).isCloseTo(2, within(1e-9));
  }

  @Test
  void aDomeTakesAFlatDiscAsFarAsTheMaterialGives() {
    assertThat(Bends.flatAcrossMm(140, 0.02)).isCloseTo(97.0, within(0.05));
    assertThat(Bends.stretchOf(Prints.napkin(4))).isEqualTo(0.02);
    assertThat(Bends.stretchOf(Prints.transfer(100, 100))).isEqualTo(0.01);
    assertThat(Bends.stretchOf(Prints.plainPaper(100, 100))).isEqualTo(0.005);
    assertThat(Bends.stretchOf(Prints.zone())).isZero();
  }
}
