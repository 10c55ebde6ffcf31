package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.cut.cutter.CutterMat;
import craftmap.core.cut.cutter.CutterPath;
import craftmap.core.cut.cutter.CutterPlan;
import craftmap.core.cut.cutter.CutterSheet;
import craftmap.core.design.Prints;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CutterLinesTest {
  private static LayReading.Laid words(String text, String film) {
    return SignLays.laid(
            Optional.empty(),
            RuleKind.LETTERING.read(
                new MeasureSheet(Map.of("size", 300.0), Map.of("film", film, "style", "BLOCK")),
                List.of(),
                text),
            1)
        .getFirst();
  }

  @Test
  void aStencilIsCutOnceWithItsSheetsEdgeLast() {
    List<CutterSheet> sheets = CutterLines.of(words("OX", "STENCIL_FILM"));
    assertThat(sheets).hasSize(1);
    Box edge = sheets.getFirst().edge().orElseThrow();
    assertThat(edge.widthMm()).isGreaterThan(300);
    List<CutterPath> paths =
        CutterPlan.of(sheets, new CutterMat(600, 600), false).mats().getFirst().paths();
    assertThat(paths.getLast().lengthMm())
        .isCloseTo(2 * (edge.widthMm() + edge.heightMm()), within(0.1));
    assertThat(paths.subList(0, paths.size() - 1)).allMatch(p -> p.depth() > 0);
  }

  @Test
  void ofVinylTheLettersAreCutWithTheirCountersAndNoEdge() {
    List<CutterSheet> sheets = CutterLines.of(words("OX", "VINYL"));
    assertThat(sheets).hasSize(1);
    assertThat(sheets.getFirst().edge()).isEmpty();
    List<CutterPath> paths =
        CutterPlan.of(sheets, new CutterMat(600, 600), false).mats().getFirst().paths();
    // the ring of the O, what is inside of it before it, and the X
    assertThat(paths).hasSize(3);
    CutterPath counter = paths.stream().filter(p -> p.depth() == 1).findFirst().orElseThrow();
    CutterPath ring = paths.stream().filter(p -> holds(p, counter)).findFirst().orElseThrow();
    assertThat(paths.indexOf(counter)).isLessThan(paths.indexOf(ring));
  }

  private static boolean holds(CutterPath outer, CutterPath inner) {
    double left = outer.points().stream().mapToDouble(p -> p.xMm()).min().orElseThrow();
    double right = outer.points().stream().mapToDouble(p -> p.xMm()).max().orElseThrow();
    return inner.points().stream().allMatch(p -> p.xMm() > left && p.xMm() < right);
  }

  @Test
  void partsOfSheetsAreCutAsTheyShowWithoutWhatIsTrimmed() {
    LayReading.Laid papered =
        SignLays.laid(
                Optional.of(Prints.plainPaper(330, 450)),
                RuleKind.COVER.read(
                    new MeasureSheet(Map.of("bleed", 10.0), Map.of("join", "BUTTED")),
                    List.of(),
                    ""),
                1)
            .getFirst();
    List<CutterSheet> parts = CutterLines.of(papered);
    double area = parts.stream().mapToDouble(p -> p.cutOut().getArea()).sum();
    assertThat(area).isCloseTo(600 * 400, within(1.0));
    assertThat(parts).allMatch(p -> p.edge().isEmpty());
  }
}
