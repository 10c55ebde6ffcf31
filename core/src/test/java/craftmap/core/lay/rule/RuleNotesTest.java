package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.lay.rule.run.RunRow;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RuleNotesTest {
  private static final List<Point> POINTS =
      List.of(new Point(20, 30), new Point(150, 90), new Point(300, 40));

  @ParameterizedTest
  @EnumSource(RuleKind.class)
  void everyRuleIsWrittenDownAndReadBackTheSame(RuleKind kind) {
    LayRule rule = kind.read(MeasureSheet.blank(), POINTS, "Saltmarsh");
    assertThat(rule.kind()).isEqualTo(kind);
    assertThat(rule.note().read()).isEqualTo(rule);
  }

  @ParameterizedTest
  @EnumSource(RuleKind.class)
  void turnedOverTwiceEveryRuleIsItselfAgain(RuleKind kind) {
    LayRule rule = kind.read(MeasureSheet.blank(), POINTS, "Saltmarsh");
    assertThat(rule.mirrored(600).mirrored(600)).isEqualTo(rule);
  }

  @Test
  void aLineThatIsNoneIsRefusedByName() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> RuleKind.LINE.read(MeasureSheet.blank(), List.of(new Point(1, 1)), ""))
        .withMessageContaining(
            "points-of-the-line (1): make-no-such-line; accepted: 2-to-points [60]");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                RuleKind.LINE.read(
                    new MeasureSheet(Map.of(), Map.of("shape", "ARC")),
                    List.of(new Point(0, 0), new Point(10, 0), new Point(20, 0)),
                    ""))
        .withMessageContaining("points-of-the-arc");
  }

  @Test
  void alongAnArcMotifsKeepTheirPitchAndTurnWithIt() {
    List<Point> bow = new ArrayList<>(List.of(new Point(50, 250), new Point(250, 150)));
    bow.add(new Point(450, 250));
    LayRule rule =
        RuleKind.LINE.read(
            new MeasureSheet(Map.of("gap", 10.0, "margin", 5.0), Map.of("shape", "ARC")), bow, "");
    var options =
        Bench.lay(
            rule,
            new craftmap.core.surface.outline.RectangleOutline(500, 400),
            craftmap.core.design.Shapes.block(30, 20, 50, 40));
    LayOption best = options.getFirst();
    RunRow row = (RunRow) best.arrangement();
    // three points of a circle: r = (200^2 + 100^2) / (2 * 100) = 250
    Point centre = new Point(250, 400);
    assertThat(best.items()).hasSize(row.count());
    for (int i = 0; i < row.count(); i++) {
      Point p = best.items().get(i).centre();
      assertThat(p.distanceMm(centre)).isCloseTo(250, org.assertj.core.api.Assertions.within(1e-6));
      if (i > 0) {
        double chord = p.distanceMm(best.items().get(i - 1).centre());
        double arc = 2 * 250 * Math.asin(chord / 500);
        assertThat(arc).isCloseTo(row.pitchMm(), org.assertj.core.api.Assertions.within(1e-6));
      }
    }
    Point first = best.items().getFirst().centre();
    Point last = best.items().getLast().centre();
    assertThat(first.yMm()).isCloseTo(last.yMm(), org.assertj.core.api.Assertions.within(1e-6));
  }
}
