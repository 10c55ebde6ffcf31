package craftmap.server.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class GrowingTest {
  private static Growing growing(DoubleUnaryOperator took) {
    Growing growing = new Growing("Some");
    for (int n : new int[] {7, 31, 113, 997}) {
      growing.add(n, took.applyAsDouble(n));
    }
    return growing;
  }

  @Test
  void powersAreToldOfWhatGrowsByThem() {
    assertThat(growing(n -> 4.7).power()).isCloseTo(0, within(1e-12));
    assertThat(growing(n -> 0.03 * n).power()).isCloseTo(1, within(1e-12));
    assertThat(growing(n -> 0.03 * n * n).power()).isCloseTo(2, within(1e-12));
  }

  @Test
  void whatGrowsAsNLogNHasItsPower() {
    Growing growing = growing(n -> 0.11 * n * Math.log(n));
    assertThat(growing.power()).isCloseTo(growing.powerOfNLogN(), within(1e-12));
    assertThat(growing.powerOfNLogN()).isBetween(1.05, 1.3);
    assertThat(growing(n -> 0.11 * n * Math.sqrt(n)).power()).isGreaterThan(growing.powerOfNLogN());
  }

  @Test
  void aPlotShowsEveryPointItsFiguresAndWhatWouldBeTooMuch() {
    String svg = Plot.of("As shelves grow", "designs", java.util.List.of(growing(n -> n / 100.0)));
    assertThat(svg).startsWith("<svg").endsWith("</svg>\n").contains("As shelves grow", "designs");
    assertThat(svg.split("<circle", -1)).hasSize(5);
    assertThat(svg).contains("n log n", "9.97 ms", ">997<");
  }
}
