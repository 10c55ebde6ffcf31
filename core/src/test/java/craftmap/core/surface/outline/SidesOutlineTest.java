package craftmap.core.surface.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Contour;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A face by the tape alone: sides, and diagonals from the first corner. */
class SidesOutlineTest {
  private static Outline of(Map<String, Double> measures) {
    return new OutlineNote(OutlineKind.SIDES_AND_DIAGONALS, measures, Map.of(), List.of()).read();
  }

  private static String refusal(List<Double> sides, List<Double> diagonals) {
    try {
      new SidesOutline(sides, diagonals);
      return "accepted";
    } catch (RefusedInput refused) {
      return refused.faults().getFirst().toString();
    }
  }

  /** With no more than the number of sides known, it is the even one. */
  @ParameterizedTest
  @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void untilItIsTapedItIsEven(int sides) {
    Outline even = of(Map.of("sides", (double) sides));
    assertThat(even.sides())
        .hasSize(sides)
        .allSatisfy(s -> assertThat(s.lengthMm()).isCloseTo(300, within(1e-6)));
    assertThat(even.areaMm2())
        .isCloseTo(sides * 300 * 300 / 4.0 / Math.tan(Math.PI / sides), within(1e-3));
  }

  @Test
  void oppositeSidesAreTakenForAlikeUntilTheyAreTaped() {
    Outline four = of(Map.of("sides", 4.0, "side1", 417.3, "side2", 233.1));
    assertThat(four.widthMm()).isCloseTo(417.3, within(1e-9));
    assertThat(four.heightMm()).isCloseTo(233.1, within(1e-9));
    assertThat(four.areaMm2()).isCloseTo(417.3 * 233.1, within(1e-6));
    assertThat(of(Map.of("sides", 4.0, "side1", 417.3, "side2", 233.1, "side3", 402.7)).sides())
        .extracting(s -> Math.round(s.lengthMm() * 1000) / 1000.0)
        .containsExactly(417.3, 233.1, 402.7, 233.1);
  }

  /** Each side is as long as it was taped, in its turn, and so is each diagonal. */
  @Test
  void whatWasTapedIsFoundOnIt() {
    Random dice = new Random(4021);
    for (int i = 0; i < 300; i++) {
      int n = 3 + dice.nextInt(10);
      List<Point> corners = new ArrayList<>();
      for (int k = 0; k < n; k++) {
        double a = 2 * Math.PI * (k + dice.nextDouble() * 0.8) / n;
        corners.add(new Point(930 * Math.cos(a), 611.3 * Math.sin(a)));
      }
      List<Double> sides = new ArrayList<>();
      List<Double> diagonals = new ArrayList<>();
      for (int k = 0; k < n; k++) {
        sides.add(corners.get(k).distanceMm(corners.get((k + 1) % n)));
      }
      for (int k = 2; k < n - 1; k++) {
        diagonals.add(corners.getFirst().distanceMm(corners.get(k)));
      }
      SidesOutline outline = new SidesOutline(sides, diagonals);
      List<Side> found = outline.sides();
      for (int k = 0; k < n; k++) {
        assertThat(found.get(k).number()).isEqualTo(k + 1);
        assertThat(found.get(k).lengthMm()).isCloseTo(sides.get(k), within(1e-6));
      }
      List<Point> at = outline.contour().corners();
      for (int k = 2; k < n - 1; k++) {
        assertThat(at.getFirst().distanceMm(at.get(k)))
            .isCloseTo(diagonals.get(k - 2), within(1e-6));
      }
      double area = Contour.through(corners).areaMm2();
      assertThat(outline.areaMm2()).isCloseTo(area, within(1e-6 * area));
      // the first side lies level
      assertThat(at.get(0).yMm()).isCloseTo(at.get(1).yMm(), within(1e-9));
      assertThat(at.get(1).xMm()).isGreaterThan(at.get(0).xMm());
      assertThat(outline.note().read()).isEqualTo(outline);
    }
  }

  /** What cannot meet says which length it is, and between what it would have to be. */
  @Test
  void aLengthThatClosesNoTriangleIsNamedWithWhatWould() {
    assertThat(refusal(List.of(400.0, 300.0, 701.5), List.of()))
        .contains("side", "3", "701.5", "does-not-meet-the-other-sides", "100", "700");
    assertThat(refusal(List.of(400.0, 300.0, 99.5), List.of())).contains("side", "3", "99.5");
    assertThat(refusal(List.of(400.0, 300.0, 699.5), List.of())).isEqualTo("accepted");
    assertThat(refusal(List.of(400.0, 300.0, 100.5), List.of())).isEqualTo("accepted");
    assertThat(refusal(List.of(400.0, 300.0, 410.0, 310.0, 210.0), List.of(500.0, 85.0)))
        .contains("diagonal-to-corner", "4");
    assertThat(refusal(List.of(400.0, 300.0, 410.0, 310.0, 210.0), List.of(800.0, 500.0)))
        .contains("diagonal-to-corner", "3");
  }

  @Test
  void everySideAndDiagonalIsALength() {
    assertThat(refusal(List.of(400.0, -3.0, 350.0), List.of())).contains("side", "2");
    assertThat(refusal(List.of(400.0, 300.0, 20_001.0), List.of())).contains("side", "3");
    assertThat(refusal(List.of(400.0, 300.0, 400.0, 300.0), List.of(0.0)))
        .contains("diagonal-to-corner", "3");
    assertThat(refusal(List.of(400.0, 300.0, 410.0, 310.0, 210.0), List.of(500.0, Double.NaN)))
        .contains("diagonal-to-corner", "4");
  }

  @Test
  void threeToTwelveSidesMakeOne() {
    assertThat(refusal(Collections.nCopies(2, 300.0), List.of())).contains("sides", "2");
    assertThat(refusal(Collections.nCopies(3, 300.0), List.of())).isEqualTo("accepted");
    SidesOutline most = (SidesOutline) of(Map.of("sides", 12.0));
    assertThat(most.sidesMm()).hasSize(12);
    assertThat(refusal(Collections.nCopies(13, 300.0), Collections.nCopies(10, 500.0)))
        .contains("sides", "13", "12");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new SidesOutline(Collections.nCopies(5, 300.0), List.of(485.4)))
        .satisfies(r -> assertThat(r.field()).isEqualTo("diagonals"));
  }

  /** Round the first corner there is one turn, and no more. */
  @Test
  void sidesThatCrossAreRefused() {
    assertThat(refusal(List.of(100.0, 190.0, 190.0, 190.0, 100.0), List.of(100.0, 100.0)))
        .contains("diagonals", "make-the-sides-cross");
  }
}
