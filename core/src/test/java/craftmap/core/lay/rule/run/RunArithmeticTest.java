package craftmap.core.lay.rule.run;

import static craftmap.core.lay.rule.Way.OnLine.FLUSH;
import static craftmap.core.lay.rule.Way.OnLine.FROM_END;
import static craftmap.core.lay.rule.Way.OnLine.FROM_START;
import static craftmap.core.lay.rule.Way.OnLine.GAP_ON_CENTRE;
import static craftmap.core.lay.rule.Way.OnLine.MOTIF_ON_CENTRE;
import static craftmap.core.lay.rule.Way.OnLine.OFF_ENDS_GAP_ON_CENTRE;
import static craftmap.core.lay.rule.Way.OnLine.OFF_ENDS_MOTIF_ON_CENTRE;
import static craftmap.core.lay.rule.Way.OnLine.SPREAD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.lay.rule.Way;
import craftmap.core.measure.RefusedInput;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunArithmeticTest {
  private static RunRow row(List<RunRow> rows, Way kind) {
    return rows.stream().filter(r -> r.way() == kind).findFirst().orElseThrow();
  }

  @Test
  void aLongLineWithRoomAtItsEnds() {
    List<RunRow> rows = RunArithmetic.rows(870, 96, new RunWish(24, 10, 0.15));

    assertThat(row(rows, MOTIF_ON_CENTRE).count()).isEqualTo(7);
    assertThat(row(rows, MOTIF_ON_CENTRE).startMarginMm()).isCloseTo(27, within(1e-9));
    assertThat(row(rows, MOTIF_ON_CENTRE).endMarginMm()).isCloseTo(27, within(1e-9));
    assertThat(row(rows, GAP_ON_CENTRE).count()).isEqualTo(6);
    assertThat(row(rows, GAP_ON_CENTRE).startMarginMm()).isCloseTo(87, within(1e-9));
    assertThat(row(rows, SPREAD).count()).isEqualTo(7);
    assertThat(row(rows, SPREAD).gapMm()).isCloseTo(24.75, within(1e-9));
    assertThat(row(rows, FROM_START).count()).isEqualTo(7);
    assertThat(row(rows, FROM_START).startMarginMm()).isEqualTo(10);
    assertThat(row(rows, FROM_START).endMarginMm()).isCloseTo(44, within(1e-9));
    assertThat(row(rows, FROM_END).endMarginMm()).isCloseTo(10, within(1e-9));
    assertThat(rows).noneMatch(r -> r.way() == FLUSH);
  }

  @Test
  void aShortLineWithoutMargins() {
    List<RunRow> rows = RunArithmetic.rows(540, 62, new RunWish(18, 0, 0.15));

    assertThat(row(rows, MOTIF_ON_CENTRE).count()).isEqualTo(5);
    assertThat(row(rows, MOTIF_ON_CENTRE).startMarginMm()).isCloseTo(79, within(1e-9));
    assertThat(row(rows, GAP_ON_CENTRE).count()).isEqualTo(6);
    assertThat(row(rows, GAP_ON_CENTRE).startMarginMm()).isCloseTo(39, within(1e-9));
    assertThat(row(rows, FLUSH).count()).isEqualTo(7);
    assertThat(row(rows, FLUSH).gapMm()).isCloseTo(17.6666667, within(1e-6));
  }

  @Test
  void runningOffBothEndsKeepsTheShareThatShows() {
    List<RunRow> rows = RunArithmetic.rows(870, 96, new RunWish(24, 10, 0.15));

    RunRow onMotif = row(rows, OFF_ENDS_MOTIF_ON_CENTRE);
    assertThat(onMotif.count()).isEqualTo(9);
    assertThat(onMotif.share(0)).isCloseTo(3.0 / 96, within(1e-9));
    assertThat(onMotif.slivers()).isEqualTo(2);
    RunRow onGap = row(rows, OFF_ENDS_GAP_ON_CENTRE);
    assertThat(onGap.count()).isEqualTo(8);
    assertThat(onGap.share(7)).isCloseTo(63.0 / 96, within(1e-9));
    assertThat(onGap.parts()).isEqualTo(2);
    assertThat(onGap.slivers()).isZero();
    assertThat(onGap.wholes()).isEqualTo(6);
  }

  @Test
  void aMotifThatFillsItsLineExactlyFits() {
    List<RunRow> rows = RunArithmetic.rows(100, 100, new RunWish(20, 0, 0));
    assertThat(row(rows, MOTIF_ON_CENTRE).count()).isEqualTo(1);
    assertThat(row(rows, MOTIF_ON_CENTRE).startMarginMm()).isZero();
    assertThat(RunArithmetic.rows(99.999, 100, new RunWish(20, 0, 0))).isEmpty();
  }

  @Test
  void aRowOfThreeThatFillsItsLineByAHairOfRoundingIsNotLost() {
    double motif = 0.1 * 3;
    RunRow flush = row(RunArithmetic.rows(motif * 3, motif, new RunWish(0, 0, 0)), FLUSH);
    assertThat(flush.count()).isEqualTo(3);
  }

  @Test
  void whatNobodyPaintsIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> RunArithmetic.rows(20_000, 0.5, new RunWish(0, 0, 0)))
        .withMessageContaining("more-than [5000]");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new RunWish(10, 0, 1.5))
        .withMessage(
            "allowed-change (percent [150]): is-not-a-share-of-the-gap;"
                + " accepted: a-share-from-0-to-90");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new RunWish(Double.NaN, 0, 0.1))
        .withMessageStartingWith("gap (NaN)");
  }
}
