package craftmap.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Cupboards with drawers below, above or beside their doors, and kneehole desks. */
class DrawersBesideDoorsTest {
  private static List<FormFace> fronts(FormKind kind, Map<String, Double> m, String at) {
    Map<String, String> choices = at.isEmpty() ? Map.of() : Map.of("drawersAt", at);
    return kind.read(new MeasureSheet(m, choices)).faces().faces().stream()
        .filter(f -> f.group().equals("fronts") && f.setInto().isEmpty())
        .toList();
  }

  private static Box box(FormFace f) {
    return new Box(f.at().xMm(), f.at().yMm(), f.outline().widthMm(), f.outline().heightMm());
  }

  private static Box box(List<FormFace> fronts, String id) {
    return fronts.stream()
        .filter(f -> f.id().equals(id))
        .map(DrawersBesideDoorsTest::box)
        .findFirst()
        .orElseThrow();
  }

  /** With no gaps the fronts fill the piece, none over another, whichever way drawers are. */
  @ParameterizedTest
  @ValueSource(strings = {"BELOW", "ABOVE", "ON_THE_LEFT", "ON_THE_RIGHT"})
  void theFrontsFillThePieceAndLieBesideEachOther(String at) {
    Dice dice = new Dice(at.hashCode());
    for (int i = 0; i < 25; i++) {
      double w = 703.3 + dice.next() * 600;
      double h = 1211.7 + dice.next() * 700;
      List<FormFace> fronts =
          fronts(
              FormKind.WARDROBE,
              Map.of(
                  "width",
                  w,
                  "height",
                  h,
                  "panels",
                  0.0,
                  "gap",
                  0.0,
                  "drawers",
                  1.0 + (int) (dice.next() * 3),
                  "drawer",
                  90.7 + dice.next() * 90,
                  "stack",
                  210.3 + dice.next() * 100,
                  "doors",
                  1.0 + (int) (dice.next() * 3)),
              at);
      double area = 0;
      for (FormFace f : fronts) {
        Box b = box(f);
        area += b.areaMm2();
        assertThat(b.leftMm()).isGreaterThanOrEqualTo(-1e-9);
        assertThat(b.rightMm()).isLessThanOrEqualTo(w + 1e-9);
        assertThat(b.bottomMm()).isLessThanOrEqualTo(h + 1e-9);
        assertThat(fronts).noneMatch(o -> o != f && box(o).overlaps(b, 1e-6));
      }
      assertThat(area).as("%s x %s", w, h).isCloseTo(w * h, within(1e-3));
    }
  }

  @Test
  void drawersStandWhereTheyAreSaidTo() {
    Map<String, Double> m = Map.of("drawers", 3.0, "stack", 301.0, "gap", 5.0);
    List<FormFace> right = fronts(FormKind.WARDROBE, m, "ON_THE_RIGHT");
    Box door = box(right, "door-2");
    Box drawer = box(right, "drawer-1");
    assertThat(drawer.leftMm() - door.rightMm()).isCloseTo(5, within(1e-9));
    assertThat(drawer.widthMm()).isEqualTo(301);
    assertThat(drawer.topMm()).isEqualTo(door.topMm());
    assertThat(box(right, "drawer-3").bottomMm()).isCloseTo(door.bottomMm(), within(1e-9));
    List<FormFace> left = fronts(FormKind.WARDROBE, m, "ON_THE_LEFT");
    assertThat(box(left, "drawer-1").leftMm()).isZero();
    assertThat(box(left, "door-1").leftMm()).isCloseTo(306, within(1e-9));
    List<FormFace> above =
        fronts(FormKind.WARDROBE, Map.of("drawers", 2.0, "drawer", 120.0, "gap", 5.0), "ABOVE");
    assertThat(box(above, "door-1").topMm() - box(above, "drawer-2").bottomMm())
        .isCloseTo(5, within(1e-9));
    assertThat(box(above, "drawer-1").widthMm()).isEqualTo(1000);
  }

  @Test
  void drawersTooWideForTheDoorsAreRefusedWithWhatWouldDo() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () -> fronts(FormKind.CUPBOARD, Map.of("drawers", 2.0, "stack", 880.0), "ON_THE_LEFT"))
        .withMessageContaining("width")
        .withMessageContaining("900");
  }

  /** Stacks as high as the desk, room for the knees just as wide as it was taped. */
  @Test
  void aDeskHasItsDrawersRoundTheKnees() {
    List<FormFace> desk =
        fronts(
            FormKind.DESK,
            Map.of("width", 1203.7, "knee", 487.1, "left", 3.0, "right", 4.0, "over", 113.3),
            "");
    assertThat(desk).hasSize(8);
    Box over = box(desk, "drawer-4");
    assertThat(over.widthMm()).isEqualTo(487.1);
    assertThat(over.heightMm()).isEqualTo(113.3);
    assertThat(over.centre().xMm()).isCloseTo(1203.7 / 2, within(1e-9));
    Box left = box(desk, "drawer-1");
    Box right = box(desk, "drawer-5");
    assertThat(over.leftMm() - left.rightMm()).isCloseTo(4, within(1e-9));
    assertThat(right.leftMm() - over.rightMm()).isCloseTo(4, within(1e-9));
    assertThat(right.rightMm()).isCloseTo(1203.7, within(1e-9));
    assertThat(box(desk, "drawer-3").bottomMm()).isCloseTo(700, within(1e-9));
    assertThat(box(desk, "drawer-8").bottomMm()).isCloseTo(700, within(1e-9));
  }

  /** Seen from between the knees, the side towards one is the side one sees. */
  @Test
  void theSidesBesideTheKneesLookInwards() {
    for (FormFace f : FormKind.DESK.read(MeasureSheet.blank()).faces().faces()) {
      if (f.id().startsWith("knee")) {
        Pose.Flat pose = (Pose.Flat) f.pose();
        // right x down points away from whoever looks at a face
        Vec right = pose.right();
        Vec down = pose.down();
        double away = right.y() * down.z() - right.z() * down.y();
        assertThat(away).as(f.id()).isEqualTo(f.id().equals("knee-left") ? -1.0 : 1.0);
      }
    }
  }
}
