package craftmap.server.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
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
  void figuresAreToldToThreeDigits() {
    assertThat(Plot.figure(0.8764)).isEqualTo("0.88");
    assertThat(Plot.figure(100)).isEqualTo("100");
    assertThat(Plot.figure(239.9)).isEqualTo("240");
    assertThat(Plot.figure(16.94)).isEqualTo("16.9");
    assertThat(Plot.figure(10)).isEqualTo("10");
    assertThat(Plot.figure(19_772.7)).isEqualTo("19,800");
  }

  @Test
  void aPlotShowsEveryPointItsFiguresAndWhatWouldBeTooMuch() {
    String svg = Plot.of("As shelves grow", "designs", List.of(growing(n -> n / 100.0)));
    assertThat(svg).startsWith("<svg").endsWith("</svg>\n").contains("As shelves grow", "designs");
    assertThat(svg.split("<circle", -1)).hasSize(5);
    assertThat(svg).contains("n log n", "9.97 ms", ">997<");
  }
}
