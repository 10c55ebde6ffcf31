package craftmap.core.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StencilCheckTest {
  private static StencilCheck check(String inside) {
    Drawing drawing =
        SvgReader.read(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='80mm'"
                + " viewBox='0 0 100 80'>"
                + inside
                + "</svg>");
    return StencilCheck.of(drawing.openings(), drawing.widthMm(), drawing.heightMm());
  }

  @Test
  void theNarrowestBridgeLiesBetweenTheNearestTwoOpenings() {
    StencilCheck check =
        check(
            "<rect x='10' y='10' width='20' height='20'/>"
                + "<rect x='31.5' y='10' width='20' height='20'/>"
                + "<rect x='60' y='10' width='20' height='20'/>");
    assertThat(check.bridge().orElseThrow().widthMm()).isCloseTo(1.5, within(0.02));
    assertThat(check.islands()).isEmpty();
    assertThat(check.rimMm()).isCloseTo(10, within(1e-6));
  }

  /** Just on either side of what film bears, and of what a brush reaches over. */
  @ParameterizedTest
  @CsvSource({
    "1.19, 8.01, true, false",
    "1.21, 7.99, false, true",
    "0.37, 0, true, true",
    "6.3, 19.7, false, false"
  })
  void aNarrowBridgeMayTearAndANarrowRimNeedsMasking(
      double bridgeMm, double rimMm, boolean tears, boolean masked) {
    StencilCheck check =
        new StencilCheck(
            List.of(),
            Optional.of(new StencilCheck.Bridge(bridgeMm, Optional.empty(), Optional.empty())),
            rimMm);
    assertThat(check.mayTear()).isEqualTo(tears);
    assertThat(check.needsMasking()).isEqualTo(masked);
    assertThat(new StencilCheck(List.of(), Optional.empty(), rimMm).mayTear())
        .as("without a bridge nothing tears")
        .isFalse();
  }

  @Test
  void aRingLeavesAnIslandThatFallsOut() {
    StencilCheck check =
        check(
            "<path fill-rule='evenodd' d='M10 10h40v40h-40zM20 20h20v20h-20z'/>"
                + "<circle cx='80' cy='40' r='10'/>");
    assertThat(check.islands()).hasSize(1);
    assertThat(check.islands().getFirst().areaMm2()).isCloseTo(400, within(1e-6));
    assertThat(check.islands().getFirst().at().xMm()).isBetween(20.0, 40.0);
  }

  @Test
  void aLightShapeOnADarkOneIsAnIslandToo() {
    StencilCheck check =
        check("<circle cx='40' cy='40' r='30'/><circle cx='40' cy='40' r='10' fill='white'/>");
    assertThat(check.islands()).hasSize(1);
    assertThat(check.islands().getFirst().areaMm2()).isCloseTo(Math.PI * 100, within(0.5));
  }

  @Test
  void aBridgeWithinOneOpeningIsFoundWhereItsArmsNearlyMeet() {
    StencilCheck check = check("<path d='M10 10H50V50H32V40H40V20H20V40H28V50H10Z'/>");
    assertThat(check.bridge().orElseThrow().widthMm()).isCloseTo(4, within(0.05));
  }

  @Test
  void aPlainOpeningHasNothingToBridge() {
    assertThat(check("<rect x='10' y='10' width='20' height='20'/>").bridge()).isEmpty();
  }

  @Test
  void slatsOpenExactlyTheShareThatIsAskedFor() {
    Artwork slats = Artwork.slats(new craftmap.core.plane.Box(10, 10, 180, 60), 0.31);
    assertThat(slats.openShare()).isCloseTo(0.31, within(1e-9));
    assertThat(slats.print().widthMm()).isCloseTo(180, within(1e-9));
  }
}
