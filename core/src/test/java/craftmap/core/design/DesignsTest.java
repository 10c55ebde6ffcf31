package craftmap.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DesignsTest {
  private static final Card CARD = new Card("d", "Design", "motif", "", Rights.MAY_BE_SOLD);

  private static MeasureSheet sheet(Map<String, Double> numbers, Map<String, String> choices) {
    return new MeasureSheet(numbers, choices);
  }

  private static Picture openings(String inside) {
    var drawing =
        SvgReader.read(
            "<svg width='100mm' height='60mm' viewBox='0 0 100 60'>" + inside + "</svg>");
    return new Picture(100, 60, Optional.of(drawing.openings()), Optional.empty(), List.of());
  }

  @ParameterizedTest
  @EnumSource(DesignKind.class)
  void everyKindReadsFromABlankSheetAndAsksForItsProperties(DesignKind kind) {
    MeasureSheet blank = MeasureSheet.blank();
    Design design = kind.read(CARD, blank, Optional.empty());
    assertThat(design.kind()).isEqualTo(kind);
    assertThat(design.printWidthMm()).isPositive();
    assertThat(design.printHeightMm()).isPositive();
    assertThat(design.picture().isPresent()).isEqualTo(kind.drawn() != DesignKind.Drawn.NOTHING);
    assertThat(blank.entries()).isNotEmpty().noneMatch(MeasureSheet.Entry::taken);
    assertThat(blank.entries().stream().map(MeasureSheet.Entry::key)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource(DesignKind.class)
  void aPictureWithItsSizeLeavesNoSizeToAsk(DesignKind kind) {
    if (kind.drawn() == DesignKind.Drawn.NOTHING) {
      return;
    }
    MeasureSheet blank = MeasureSheet.blank();
    Design design =
        kind.read(
            CARD, blank, Optional.of(openings("<rect x='10' y='10' width='60' height='30'/>")));
    assertThat(blank.entries().stream().map(MeasureSheet.Entry::key))
        .doesNotContain("width", "height", "open");
    assertThat(design.picture().orElseThrow().widthMm()).isEqualTo(100);
  }

  @Test
  void whatSticksOrIsPrintedIsNeverMirrored() {
    for (DesignKind kind :
        List.of(
            DesignKind.ADHESIVE_STENCIL,
            DesignKind.RAISED_STENCIL,
            DesignKind.TRANSFER,
            DesignKind.NAPKIN,
            DesignKind.MOULDING)) {
      assertThat(kind.read(CARD, MeasureSheet.blank(), Optional.empty()).handling().mirrors())
          .as(kind.name())
          .isFalse();
    }
    assertThat(
            DesignKind.STENCIL
                .read(CARD, MeasureSheet.blank(), Optional.empty())
                .handling()
                .mirrors())
        .isTrue();
    assertThat(
            DesignKind.TRANSFER
                .read(CARD, MeasureSheet.blank(), Optional.empty())
                .handling()
                .scales())
        .isFalse();
  }

  @Test
  void aShapeThatDiffersFromItsMirrorImageIsHanded() {
    Picture leaning = openings("<polygon points='10,10 40,10 10,50'/>");
    Picture even = openings("<polygon points='10,50 25,10 40,50'/>");
    assertThat(Moulding.read(CARD, MeasureSheet.blank(), Optional.of(leaning)).isHanded()).isTrue();
    assertThat(Moulding.read(CARD, MeasureSheet.blank(), Optional.of(even)).isHanded()).isFalse();
    assertThat(Stencil.read(CARD, MeasureSheet.blank(), Optional.of(leaning)).isHanded()).isFalse();
  }

  @Test
  void aMouldingBendsAsFarAsItStretches() {
    Moulding strip =
        Moulding.read(
            CARD,
            sheet(
                Map.of("thickness", 4.0, "strain", 5.0), Map.of("flexibility", "BENDS_WITH_HEAT")),
            Optional.empty());
    assertThat(strip.leastBendRadiusMm().orElseThrow()).isCloseTo(40, within(1e-9));
    assertThat(strip.flexibility().glue()).isEqualTo(Moulding.Glue.WOOD_GLUE);
    Moulding rigid =
        Moulding.read(CARD, sheet(Map.of(), Map.of("flexibility", "RIGID")), Optional.empty());
    assertThat(rigid.leastBendRadiusMm()).isEmpty();
    assertThat(Moulding.Flexibility.RUBBERY.glue()).isEqualTo(Moulding.Glue.CONTACT_ADHESIVE);
  }

  @Test
  void aNapkinCountsByItsPictures() {
    Napkin four = Napkin.read(CARD, MeasureSheet.blank(), Optional.empty());
    assertThat(four.printed()).isEqualTo(new Box(0, 0, 165, 165));
    Napkin whole = Napkin.read(CARD, sheet(Map.of("quarters", 1.0), Map.of()), Optional.empty());
    assertThat(whole.printed().heightMm()).isEqualTo(330);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () -> Napkin.read(CARD, sheet(Map.of("quarters", 3.0), Map.of()), Optional.empty()))
        .withMessageContaining("1-2-or-4");
  }

  @Test
  void aRepeatThatIsTypedOneWayStandsForBothUntilTheOtherIsMeasured() {
    for (String key : List.of("repeatX", "repeatY")) {
      Paper paper = Paper.read(CARD, sheet(Map.of(key, 83.7), Map.of()), Optional.empty());
      assertThat(paper.repeat()).as(key).contains(new Repeat(83.7, 83.7, Repeat.Offset.STRAIGHT));
    }
    assertThat(Paper.read(CARD, sheet(Map.of(), Map.of()), Optional.empty()).repeat()).isEmpty();
  }

  @Test
  void aRepeatIsBothWaysOrNone() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                Paper.read(
                    CARD,
                    sheet(Map.of("repeatX", 80.0, "repeatY", 0.0), Map.of()),
                    Optional.empty()))
        .withMessageContaining("repeat-down");
    Paper paper =
        Paper.read(
            CARD,
            sheet(
                Map.of("repeatX", 80.0, "repeatY", 120.0, "roll", 6000.0),
                Map.of("repeatOffset", "HALF_DROP", "form", "ROLL")),
            Optional.empty());
    assertThat(paper.repeat()).contains(new Repeat(80, 120, Repeat.Offset.HALF_DROP));
    assertThat(paper.comes()).isEqualTo(new Comes.ByLength(6000));
  }

  @Test
  void aTransferInPartsSaysWhereItsJointRuns() {
    Transfer transfer =
        Transfer.read(
            CARD,
            sheet(Map.of("parts", 3.0, "width", 900.0, "height", 400.0), Map.of()),
            Optional.empty());
    Joint joint = transfer.joint().orElseThrow();
    assertThat(joint.upright()).isTrue();
    assertThat(joint.atMm(1, 900)).isEqualTo(300);
  }

  @Test
  void pagesAreCountedUprightOrLyingWhicheverAreFewer() {
    EnlargedImage image =
        EnlargedImage.read(
            CARD, sheet(Map.of("width", 600.0, "height", 400.0), Map.of()), Optional.empty());
    assertThat(image.pages(1)).isEqualTo(8);
    assertThat(image.pages(0.3)).isEqualTo(1);
  }

  @Test
  void castingsComeInBatches() {
    Mould mould = Mould.read(CARD, sheet(Map.of("cavities", 4.0), Map.of()), Optional.empty());
    assertThat(mould.batches(9)).isEqualTo(3);
  }

  @Test
  void reliefIsOpenAreaTimesThickness() {
    RaisedStencil raised =
        RaisedStencil.read(
            CARD,
            sheet(Map.of("thickness", 3.0), Map.of()),
            Optional.of(openings("<rect x='10' y='10' width='40' height='20'/>")));
    assertThat(raised.reliefMm3()).isCloseTo(2400, within(1e-6));
  }

  @Test
  void aMotifBoxLiesOnItsSheetAndHasANameAndAWeight() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                new Picture(
                    100,
                    60,
                    Optional.empty(),
                    Optional.empty(),
                    List.of(new MotifBox("such-as-the [60]", new Box(80, 10, 30, 20), 5))))
        .withMessageContaining("such-as-the [60]");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new MotifBox(" ", new Box(0, 0, 10, 10), 3));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new MotifBox("reed", new Box(0, 0, 10, 10), 6));
  }

  @Test
  void aCardNeedsANameOfPlainText() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Card("d", "  ", "m", "", Rights.ASK_FIRST));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Card("d", "a\u0000b", "m", "", Rights.ASK_FIRST));
    assertThat(Rights.OWN_USE_ONLY.allowsSale()).isFalse();
  }
}
