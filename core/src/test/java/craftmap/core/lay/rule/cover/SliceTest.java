package craftmap.core.lay.rule.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Printing;
import craftmap.core.design.Prints;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Which slice of a picture shows: where motifs stay whole, or where the hand slid it. */
class SliceTest {
  private static LayRule rule(RuleKind kind, Map<String, Double> measures, Map<String, String> c) {
    return kind.read(new MeasureSheet(measures, c), List.of(), "");
  }

  private static LayRule slid(RuleKind kind, double across, double down) {
    Map<String, Double> measures = new HashMap<>();
    measures.put("sliceAcross", across);
    measures.put("sliceDown", down);
    measures.put("bleed", 0.0);
    return rule(kind, measures, Map.of("slice", "SLID_BY_HAND"));
  }

  private static final Design PICTURE =
      Prints.paper(500, 480, Prints.motif("moon", 3, 200, 200, 60, 60));

  private static SheetPart first(LayOption option) {
    return ((SheetWork) option.arrangement()).parts().getFirst();
  }

  @Test
  void aPictureBeginsWhereItWasSlidTo() {
    Dice dice = new Dice(5);
    for (int i = 0; i < 12; i++) {
      double w = 100.3 + dice.next() * 300;
      double h = 90.7 + dice.next() * 300;
      double across = dice.next() * (500 - w);
      double down = dice.next() * (480 - h);
      for (LayOption option :
          Bench.lay(slid(RuleKind.COVER, across, down), new RectangleOutline(w, h), PICTURE)) {
        Box cut = first(option).cut();
        assertThat(cut.leftMm()).isCloseTo(across, within(1e-6));
        assertThat(cut.topMm()).isCloseTo(down, within(1e-6));
      }
    }
  }

  @Test
  void roundAWallEveryPartShowsTheSameSlice() {
    double h = 143.3;
    List<LayOption> options =
        Bench.lay(slid(RuleKind.WRAP, 17.7, 211.9), new CylinderOutline(911.3, h), PICTURE);
    assertThat(options).isNotEmpty();
    for (LayOption option : options) {
      for (SheetPart part : ((SheetWork) option.arrangement()).parts()) {
        assertThat(part.cut().leftMm()).isCloseTo(17.7, within(1e-6));
        assertThat(part.cut().topMm()).isCloseTo(211.9, within(1e-6));
      }
    }
  }

  @Test
  void pastTheEndOfTheSheetIsRefusedWithHowFarItReaches() {
    LayRule rule = slid(RuleKind.COVER, 0, 400);
    assertThatThrownBy(() -> Bench.lay(rule, new RectangleOutline(300, 143), PICTURE))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("print-begins-down")
        .hasMessageContaining("400")
        .hasMessageContaining("337");
  }

  /** The print moves by as much as it was slid, wherever it repeats. */
  @Test
  void aRepeatingPrintIsSlidWithinItsRepeat() {
    Design paper = Prints.repeatingPaper(500, 480, 90.3, 70.1);
    for (RuleKind kind : List.of(RuleKind.COVER, RuleKind.WRAP)) {
      var face =
          kind == RuleKind.COVER
              ? new RectangleOutline(280.7, 143)
              : new CylinderOutline(280.7, 143);
      Box plain =
          first(Bench.lay(rule(kind, Map.of("bleed", 0.0), Map.of()), face, paper).getFirst())
              .cut();
      Box slid = first(Bench.lay(slid(kind, 200.2, 81.1), face, paper).getFirst()).cut();
      assertThat(offStep(slid.leftMm() - plain.leftMm() - 200.2, 90.3)).isLessThan(1e-6);
      assertThat(offStep(slid.topMm() - plain.topMm() - 81.1, 70.1)).isLessThan(1e-6);
    }
  }

  private static double offStep(double mm, double repeat) {
    return Math.abs(Math.IEEEremainder(mm, repeat));
  }

  @Test
  void whatIsAllAlikeHasNoSlices() {
    assertThat(Printing.hasSlices(Prints.plainPaper(500, 480))).isFalse();
    assertThat(Printing.hasSlices(PICTURE)).isTrue();
    for (RuleKind kind : List.of(RuleKind.COVER, RuleKind.WRAP)) {
      LayRule rule = slid(kind, 3.25, 7.5);
      assertThat(rule.note().read()).isEqualTo(rule);
    }
  }
}
