package craftmap.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.DesignKind;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FaceMeasureTest {
  private static Face face(Outline outline, double edge, Relief relief, KeepOut... keepOuts) {
    return new Face(
        "f",
        "Top",
        outline,
        MakeUp.WOOD,
        Finish.BARE,
        new Colour("#FFFFFF"),
        Set.of(),
        edge,
        relief,
        Marks.ofKeepOuts(List.of(keepOuts)));
  }

  private static KeepOut keepOut(String id, Area area, DesignKind... forbids) {
    return new KeepOut(id, "Plate", area, Set.of(forbids));
  }

  @Test
  void netIsGrossLessWhatIsKeptOutCountedOnceAndOnlyOnTheFace() {
    FaceMeasure m =
        FaceMeasure.of(
            face(
                new RectangleOutline(400, 300),
                0,
                Relief.FLAT,
                keepOut("a", new Area.Upright(new Box(-20, 0, 60, 50))),
                keepOut("b", new Area.Upright(new Box(20, 0, 40, 50))),
                keepOut("c", new Area.Round(new Point(200, 150), 80), DesignKind.TEXTURE)),
            List.of(Planar.polygon(new Box(100, 100, 200, 100))));
    assertThat(m.grossMm2()).isEqualTo(120_000);
    assertThat(m.keptOutMm2()).isCloseTo(60 * 50 + 200 * 100, within(1e-6));
    assertThat(m.workedMm2()).isCloseTo(m.netMm2(), within(1e-9));
  }

  @Test
  void edgesAndReliefAddWhatACoatHasToCover() {
    FaceMeasure m = FaceMeasure.of(face(OvalOutline.circle(900), 22, Relief.CARVED), List.of());
    assertThat(m.edgeMm2()).isCloseTo(Math.PI * 900 * 22, within(1e-6));
    assertThat(m.workedMm2())
        .isCloseTo(Math.PI * 450 * 450 * 1.3 + Math.PI * 900 * 22, within(1e-6));
  }

  @Test
  void aStripAlongTheRimOfAConeTakesItsTrueShare() {
    ConeOutline pot = new ConeOutline(754, 565, 230);
    double strip = new Area.Strip(Side.Name.TOP, 20).on(pot).getArea();
    // between the top circumference and that 20 mm down the wall
    double lower = 754 - (754 - 565) * 20.0 / 230;
    assertThat(strip).isCloseTo((754 + lower) / 2 * 20, within(15.0));
    double rim = new Area.Rim(10).on(OvalOutline.circle(200)).getArea();
    assertThat(rim).isCloseTo(Math.PI * (100 * 100 - 90 * 90), within(20.0));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Area.Strip(Side.Name.LEFT, 20).on(OvalOutline.circle(200)))
        .withMessageContaining("is-not-on-this-face");
  }

  @Test
  void marksTurnedOverTwiceAreWhereTheyWereAndOnceOnTheOtherSide() {
    Marks marks =
        new Marks(
            List.of(
                keepOut("k", new Area.Upright(new Box(10, 20, 30, 40))),
                keepOut("s", new Area.Strip(Side.Name.LEFT, 5))),
            List.of(new Hole("h", "Pull", new Point(100, 50), 5, 2, 96, false)),
            List.of(new Break("b", "Joint", new Point(0, 80), new Point(150, 90), 2, 1)),
            List.of(Blemish.of("x", 1, "chip", new Point(390, 290), 8)),
            List.of(
                new Zone(
                    "z",
                    "Shade",
                    new Colour("#334455"),
                    new Area.Corners(
                        List.of(new Point(0, 0), new Point(90, 0), new Point(0, 60))))));
    Marks once = marks.mirrored(400);
    assertThat(once.blemishes().getFirst().centre()).isEqualTo(new Point(10, 290));
    assertThat(((Area.Upright) once.keepOuts().getFirst().area()).box())
        .isEqualTo(new Box(360, 20, 30, 40));
    assertThat(once.keepOuts().get(1).area()).isEqualTo(new Area.Strip(Side.Name.RIGHT, 5));
    Outline face = new RectangleOutline(400, 300);
    assertThat(once.zones().getFirst().area().on(face).getArea()).isCloseTo(2700, within(1e-9));
    assertThat(once.mirrored(400)).isEqualTo(marks);
  }

  @Test
  void twoMarksOfOneIdAndHolesThatAreNoneAreRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                Marks.ofHoles(
                    List.of(
                        Hole.single("h", "Knob", new Point(1, 1), 5),
                        Hole.single("h", "Knob", new Point(2, 1), 5))))
        .withMessageContaining("is-there-twice");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Hole("h", "Pull", new Point(1, 1), 5, 2, 0, false))
        .withMessageContaining("spacing-of-the [Pull]");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Break("b", "Gap", new Point(5, 5), new Point(5, 5), 1, 0))
        .withMessageContaining("length-of-the [Gap]");
  }
}
