package craftmap.server.piece.view;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.design.Moulding;
import craftmap.core.finding.About;
import craftmap.core.finding.Finding;
import craftmap.core.finding.FindingRule;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.surface.outline.Edge;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class FindingWordsTest {
  private static final ResourceBundle ALL =
      ResourceBundle.getBundle("craftmap.server.words.words", Locale.ENGLISH);
  private static final About HERE = new About.OfLay("front", "l");

  private static String said(TapeDivision tape, FindingRule rule, Figure... figures) {
    return new FindingWords(tape).text(new Finding(rule, Level.RISK, HERE, List.of(figures)));
  }

  private static Set<String> keys() {
    return ALL.keySet().stream()
        .filter(k -> k.startsWith("finding."))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @Test
  void everyRuleHasWordsAndAllWordsAreOfARule() {
    Set<String> ids =
        Arrays.stream(FindingRule.values()).map(FindingRule::id).collect(Collectors.toSet());
    assertThat(keys()).allSatisfy(k -> assertThat(ids).contains(k.split("\\.")[1]));
    assertThat(ids)
        .allSatisfy(
            id ->
                assertThat(keys())
                    .anyMatch(
                        k -> k.equals("finding." + id) || k.startsWith("finding." + id + ".")));
  }

  @Test
  void everyGlueAndEveryJoinHasWordsOfItsOwn() {
    for (Moulding.Glue glue : Moulding.Glue.values()) {
      assertThat(said(TapeDivision.MM_1, FindingRule.MOULDING_GLUE, new Figure.One(glue)))
          .isNotBlank();
    }
    for (Cover.Join join : Cover.Join.values()) {
      assertThat(
              said(
                  TapeDivision.MM_1,
                  FindingRule.SEAM_JOIN,
                  new Figure.One(join),
                  new Figure.Length(5)))
          .contains(join == Cover.Join.BUTTED ? "dry-fit" : "5 mm");
    }
  }

  @Test
  void lengthsAreSaidAsTheTapeShowsThem() {
    Figure[] figures = {new Figure.Named("Lock plate"), new Figure.Length(6.35)};
    assertThat(said(TapeDivision.MM_1, FindingRule.KEEP_OUT_CLEAR, figures))
        .isEqualTo("Clears the lock plate by 6 mm.");
    assertThat(said(TapeDivision.INCH_16, FindingRule.KEEP_OUT_CLEAR, figures))
        .isEqualTo("Clears the lock plate by 1/4\".");
  }

  @Test
  void oneIsSaidAsOne() {
    assertThat(
            said(
                TapeDivision.MM_1,
                FindingRule.KEEP_OUT_HIT,
                new Figure.Named("Knob"),
                new Figure.Count(1)))
        .startsWith("One motif lands on the knob.");
    assertThat(
            said(
                TapeDivision.MM_1,
                FindingRule.SHEET_SHARED,
                new Figure.Count(2),
                new Figure.Names(List.of("Fern band")),
                new Figure.Count(1),
                new Figure.Count(3)))
        .isEqualTo(
            "2 lays share the sheet of Fern band: planned together they take 1 pass, 3 washes.");
  }

  @Test
  void whichWayAnEdgeRunsIsSaidInWordsAndHowFarWithoutASign() {
    for (double departs : new double[] {4.2, -4.2}) {
      assertThat(
              said(
                  TapeDivision.MM_1,
                  FindingRule.DATUM_DEPARTS,
                  new Figure.One(Edge.TOP),
                  new Figure.Departs(departs),
                  new Figure.Slope(departs / 0.8)))
          .contains(departs > 0 ? "runs away 4 mm" : "runs towards it 4 mm")
          .doesNotContain("-");
    }
    assertThat(said(TapeDivision.MM_1, FindingRule.DIAGONALS, new Figure.Difference(6)))
        .contains("+6 mm");
  }

  @Test
  void aBendThatCannotBeHasNoRadiusToName() {
    Figure rim = new Figure.Length(150);
    assertThat(said(TapeDivision.MM_1, FindingRule.BEND_TOO_TIGHT, rim)).contains("no bend at all");
    assertThat(said(TapeDivision.MM_1, FindingRule.BEND_TOO_TIGHT, rim, new Figure.Length(200)))
        .contains("no tighter than 200 mm");
  }

  @Test
  void aNoteBeginsWithACapitalAndNamesItsRule() {
    ReadingView.NoteView note =
        new FindingWords(TapeDivision.MM_1)
            .note(
                new Finding(
                    FindingRule.BLEMISH_BARE,
                    Level.TIP,
                    HERE,
                    List.of(new Figure.Named("burn"), new Figure.Count(3), new Figure.Share(0))));
    assertThat(note.text()).startsWith("Burn 3 stays visible.");
    assertThat(note.rule()).isEqualTo("blemish-bare");
    assertThat(note.level()).isEqualTo(ReadingView.NoteLevel.LOOK);
  }
}
