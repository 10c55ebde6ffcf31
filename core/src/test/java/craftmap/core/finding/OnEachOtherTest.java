package craftmap.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.form.FormKind;
import craftmap.core.lay.rule.Apart;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Planned;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Corner pieces and borders that are too large for their face are laid, and told. */
class OnEachOtherTest {
  private static LayRule rule(RuleKind kind, double inset) {
    return kind.read(new MeasureSheet(Map.of("inset", inset), Map.of()), List.of(), "");
  }

  /** Over seeded faces and pieces: what has room is laid apart, what has none on each other. */
  @ParameterizedTest
  @EnumSource(
      value = RuleKind.class,
      names = {"CORNERS", "BORDER"})
  void nothingIsRefusedAndOnlyWhatHasToLiesOnEachOther(RuleKind kind) {
    Dice dice = new Dice(11);
    int lying = 0;
    for (int i = 0; i < 60; i++) {
      double w = 60.3 + dice.next() * 400;
      double h = 60.7 + dice.next() * 300;
      Design piece = Prints.cutOut(20 + dice.next() * 130, 20 + dice.next() * 130);
      double inset = dice.next() * 10;
      List<LayOption> options = Bench.lay(rule(kind, inset), new RectangleOutline(w, h), piece);
      boolean apart = options.stream().noneMatch(o -> Apart.anyOverlap(o.items()));
      lying += apart ? 0 : 1;
      // a border needs a line that it goes along
      boolean line = Math.min(w, h) > 2 * (inset + piece.printHeightMm());
      assertThat(options.isEmpty() && (line || kind == RuleKind.CORNERS))
          .as("%s x %s of %s", w, h, piece.printed())
          .isFalse();
      if (kind == RuleKind.CORNERS) {
        boolean room =
            2 * (Math.hypot(piece.printWidthMm(), piece.printHeightMm()) + 10) < Math.min(w, h);
        assertThat(!room || apart).as("%s x %s has room", w, h).isTrue();
      }
    }
    assertThat(lying).as("some are too large").isPositive();
  }

  private static List<FindingRule> told(double widthMm, double heightMm) {
    String face = FormKind.SIGN.read(MeasureSheet.blank()).faces().faces().getFirst().id();
    var reading =
        Planned.read(
            FormKind.SIGN,
            Map.of("width", widthMm, "height", heightMm),
            Map.of(),
            Planned.lay("c", face, "block", RuleKind.CORNERS));
    return reading.face(face).lays().stream()
        .map(LayReading.Laid.class::cast)
        .flatMap(l -> LayFindings.of(reading.face(face).face(), l, TapeDivision.MM_1).stream())
        .map(Finding::rule)
        .toList();
  }

  @Test
  void itIsToldWhereTheyDoAndNotWhereTheyDoNot() {
    assertThat(told(101.3, 73.7)).contains(FindingRule.COPIES_ON_EACH_OTHER);
    assertThat(told(671.3, 433.7)).doesNotContain(FindingRule.COPIES_ON_EACH_OTHER);
  }

  @Test
  void pairsAreCounted() {
    List<LayOption> four =
        Bench.lay(rule(RuleKind.CORNERS, 0), new RectangleOutline(100, 100), Prints.cutOut(60, 60));
    assertThat(four.getFirst().items()).hasSize(4);
    assertThat(Apart.overlaps(four.getFirst().items())).isEqualTo(6);
  }
}
