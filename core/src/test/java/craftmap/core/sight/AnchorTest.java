package craftmap.core.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import craftmap.core.colour.Colour;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.RoundedOutline;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AnchorTest {
  private static Face face(Outline outline, Marks marks) {
    return new Face(
        "front",
        "Front",
        outline,
        MakeUp.values()[0],
        Finish.values()[0],
        new Colour("#AABBCC"),
        Set.of(),
        0,
        Relief.FLAT,
        marks);
  }

  private static List<String> main(Outline outline) {
    return Anchor.of(face(outline, Marks.NONE)).stream()
        .filter(Anchor::main)
        .map(Anchor::id)
        .toList();
  }

  @Test
  void aBoardIsPointedAtByItsCorners() {
    List<Anchor> all = Anchor.of(face(new RectangleOutline(803.3, 411.1), Marks.NONE));
    assertThat(all)
        .extracting(Anchor::id)
        .containsExactly("top-left", "top-right", "bottom-right", "bottom-left");
    assertThat(all)
        .extracting(Anchor::at)
        .containsExactly(
            new Point(0, 0), new Point(803.3, 0), new Point(803.3, 411.1), new Point(0, 411.1));
  }

  @Test
  void aRoundOneByItsRimAndARoundedOneByTheBoxAroundIt() {
    assertThat(main(OvalOutline.circle(300)))
        .containsExactly("rim-top", "rim-right", "rim-bottom", "rim-left");
    assertThat(main(new RoundedOutline(500, 300, 40)))
        .containsExactly("box-top-left", "box-top-right", "box-bottom-right", "box-bottom-left");
  }

  @Test
  void ofManyCornersThoseFarthestOutComeFirst() {
    List<Point> points =
        List.of(
            new Point(100, 0),
            new Point(300, 0),
            new Point(400, 150),
            new Point(380, 300),
            new Point(20, 290),
            new Point(0, 140));
    List<Anchor> all = Anchor.of(face(new PolygonOutline(points), Marks.NONE));
    assertThat(all).extracting(Anchor::at).containsExactlyInAnyOrderElementsOf(points);
    assertThat(all.stream().filter(Anchor::main)).hasSize(4);
    assertThat(all.get(2).at()).isEqualTo(new Point(380, 300));
    // the four tell a face, whatever its shape
    assertThatCode(
            () ->
                Sighting.of(
                    all.stream()
                        .filter(Anchor::main)
                        .map(a -> new Pin(a.at(), new Spot(a.at().xMm(), a.at().yMm())))
                        .toList(),
                    800,
                    600))
        .doesNotThrowAnyException();
  }

  @Test
  void whatIsMarkedCanBePointedAtToo() {
    Marks marks =
        new Marks(
            List.of(
                new KeepOut("lock", "Lock", new Area.Upright(new Box(380, 0, 60, 80)), Set.of())),
            List.of(
                Hole.single("knob", "Knob", new Point(33, 44), 5),
                new Hole("pull", "Pull", new Point(200, 100), 5, 2, 96, false)),
            List.of(),
            List.of(),
            List.of());
    List<Anchor> all = Anchor.of(face(new RectangleOutline(820, 420), marks));
    assertThat(all.stream().filter(a -> !a.main()))
        .extracting(Anchor::id)
        .containsExactlyInAnyOrder("mark:lock", "mark:knob", "mark:pull:1", "mark:pull:2");
    assertThat(
            all.stream().filter(a -> a.id().equals("mark:pull:2")).findFirst().orElseThrow().at())
        .isEqualTo(new Point(248, 100));
    assertThat(all.stream().filter(a -> a.id().equals("mark:lock")).findFirst().orElseThrow().at())
        .isEqualTo(new Point(410, 40));
  }

  @Test
  void aWallThatIsRolledUpLiesFlatOnNoPhoto() {
    assertThat(Anchor.of(face(new CylinderOutline(377, 200), Marks.NONE))).isEmpty();
  }
}
