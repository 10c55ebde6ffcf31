package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Rights;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.border.Frame;
import craftmap.core.lay.rule.border.FrameSides;
import craftmap.core.lay.rule.field.Roller;
import craftmap.core.lay.rule.field.RollerStrips;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FrameAndRollerTest {
  private static final Card CARD = new Card("d", "D", "bead", "", Rights.MAY_BE_SOLD);

  private static Design trim(String flexibility) {
    return DesignKind.MOULDING.read(
        CARD,
        new MeasureSheet(
            Map.of("width", 20.0, "height", 15.0, "stock", 1070.0, "thickness", 6.0),
            Map.of("form", "LENGTHS", "flexibility", flexibility)),
        Optional.empty());
  }

  private static final Design ROLLER =
      DesignKind.TEXTURE.read(
          CARD,
          new MeasureSheet(Map.of("width", 150.0, "height", 160.0, "paste", 2.0), Map.of()),
          Optional.empty());

  @Test
  void aFrameIsMitredAndCutFromStockLengths() {
    LayOption frame =
        Bench.lay(new Frame(0, 3), new RectangleOutline(540, 300), trim("RIGID")).getFirst();
    FrameSides sides = (FrameSides) frame.arrangement();
    assertThat(sides.sides())
        .extracting(FrameSides.Side::outerMm)
        .satisfiesExactly(
            a -> assertThat(a).isCloseTo(540, within(1e-6)),
            b -> assertThat(b).isCloseTo(300, within(1e-6)),
            c -> assertThat(c).isCloseTo(540, within(1e-6)),
            d -> assertThat(d).isCloseTo(300, within(1e-6)));
    assertThat(sides.sides().getFirst().innerMm()).isCloseTo(510, within(1e-6));
    assertThat(sides.sides().getFirst().startMitreDeg()).isCloseTo(45, within(1e-9));
    assertThat(sides.cutting().lengths()).hasSize(2);
    assertThat(sides.cutting().isProven()).isTrue();
    // all beads together fill the frame's area, no more
    double area = frame.items().stream().mapToDouble(i -> i.visibleArea().getArea()).sum();
    assertThat(area).isCloseTo(540 * 300 - 510 * 270, within(1e-3));
  }

  @Test
  void cornersMatchBecauseTheBeadsAreCentredOnEverySide() {
    for (LayOption option :
        Bench.lay(new Frame(10, 3), new RectangleOutline(537, 311), trim("RIGID"))) {
      List<Item> cut = option.items().stream().filter(i -> !i.isWhole()).toList();
      // the frame is its own mirror image left to right
      for (Item item : option.items()) {
        assertThat(option.items())
            .anyMatch(
                o ->
                    Math.abs(o.centre().xMm() - (537 - item.centre().xMm())) < 1e-6
                        && Math.abs(o.centre().yMm() - item.centre().yMm()) < 1e-6);
      }
      assertThat(cut).isNotEmpty();
    }
  }

  @Test
  void roundARimTrimIsBentOnlyWhereItTakesTheBend() {
    FrameSides rubber =
        (FrameSides)
            Bench.lay(new Frame(0, 3), OvalOutline.circle(400), trim("RUBBERY"))
                .getFirst()
                .arrangement();
    assertThat(rubber.bends()).isTrue();
    assertThat(rubber.sides().getFirst().outerMm()).isCloseTo(Math.PI * 385, within(1e-6));
    FrameSides rigid =
        (FrameSides)
            Bench.lay(new Frame(0, 3), OvalOutline.circle(400), trim("RIGID"))
                .getFirst()
                .arrangement();
    assertThat(rigid.bends()).isFalse();
  }

  @Test
  void rollerStripsCoverTheWholeFaceAndTurnsFollowFromTheirLength() {
    for (LayOption option :
        Bench.lay(new Roller(Roller.Direction.DOWN, 0), new RectangleOutline(870, 420), ROLLER)) {
      RollerStrips strips = (RollerStrips) option.arrangement();
      assertThat(strips.lengthMm()).isCloseTo(strips.strips() * 420.0, within(1e-6));
      assertThat(strips.turns()).isCloseTo(strips.lengthMm() / 160, within(1e-9));
      double area = option.items().stream().mapToDouble(i -> i.visibleArea().getArea()).sum();
      assertThat(area).isCloseTo(870 * 420.0, within(1e-3));
    }
  }

  @Test
  void theFewestStripsAreBest() {
    List<LayOption> options =
        Bench.lay(new Roller(Roller.Direction.DOWN, 0), new RectangleOutline(870, 420), ROLLER);
    assertThat(options.getFirst().arrangement().count()).isEqualTo(6);
    assertThat(options).extracting(o -> o.arrangement().count()).contains(7);
  }
}
