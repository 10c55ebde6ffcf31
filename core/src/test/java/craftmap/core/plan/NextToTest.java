package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NextToTest {
  private static PlanFace face(String id, double left, double top, double width, double height) {
    return face(
        id,
        new RectangleOutline(width, height),
        Optional.of(new Box(left, top, width, height)),
        null);
  }

  private static PlanFace face(String id, Outline outline, Optional<Box> onNet, String setInto) {
    return new PlanFace(
        new Face(
            id,
            id,
            outline,
            MakeUp.WOOD,
            Finish.BARE,
            new Colour("#D8D2C4"),
            Set.of(),
            0,
            Relief.FLAT,
            Marks.NONE),
        onNet,
        Optional.empty(),
        Optional.ofNullable(setInto),
        new Point(0, 0),
        Optional.empty(),
        false,
        Set.of());
  }

  private static PlanFace inset(String id, PlanFace into, Box at) {
    return face(
        id, new RectangleOutline(at.widthMm(), at.heightMm()), Optional.of(at), into.face().id());
  }

  private static List<String> names(PlanFace of, List<PlanFace> faces) {
    return NextTo.of(of, faces).stream().map(n -> n.edge() + " " + n.faceId()).toList();
  }

  private static final PlanFace LEFT = face("left", 0, 311.5, 449, 421);
  private static final PlanFace FRONT = face("front", 449, 311.5, 870, 421);
  private static final PlanFace RIGHT = face("right", 1319, 311.5, 449, 421);
  private static final PlanFace BACK = face("back", 1768, 311.5, 870, 421);
  private static final PlanFace LID = face("lid", 449, 0, 870, 311.5);
  private static final List<PlanFace> CHEST = List.of(LEFT, FRONT, RIGHT, BACK, LID);

  @Test
  void isWhatThePieceUnfoldsToAlongEachEdge() {
    assertThat(names(FRONT, CHEST)).containsExactly("LEFT left", "RIGHT right", "TOP lid");
    assertThat(names(LID, CHEST)).containsExactly("BOTTOM front");
    assertThat(names(BACK, CHEST)).containsExactly("LEFT right");
  }

  @Test
  void isTheNearestNotTheFirstAndKeepsWhereItLiesAlongTheEdge() {
    PlanFace shelf = face("shelf", 1319, 640, 449, 92.5);
    PlanFace far = face("far", 2167, 311.5, 100, 421);
    assertThat(names(FRONT, List.of(far, FRONT, RIGHT))).containsExactly("RIGHT right");
    NextTo beside = NextTo.of(FRONT, List.of(shelf)).getFirst();
    assertThat(beside.edge()).isEqualTo(Edge.RIGHT);
    assertThat(beside.alongMm()).isCloseTo(640 - 311.5, within(1e-9));
    NextTo back = NextTo.of(shelf, List.of(FRONT)).getFirst();
    assertThat(back).isEqualTo(new NextTo(Edge.LEFT, "front", 311.5 - 640));
  }

  @Test
  void isNothingThatOnlyMeetsACornerIsOffTheMapOrClosesRound() {
    PlanFace corner = face("corner", 1319, 700, 449, 421);
    PlanFace off = face("off", new RectangleOutline(449, 421), Optional.empty(), null);
    Box at = new Box(1319, 311.5, 449, 421);
    PlanFace rim = face("rim", new CylinderOutline(449, 421), Optional.of(at), null);
    assertThat(names(FRONT, List.of(corner, off, rim))).isEmpty();
    assertThat(names(rim, CHEST)).isEmpty();
    assertThat(names(off, CHEST)).isEmpty();
  }

  @Test
  void areBothDoorsOverOneDrawerHoweverTheirHingesLie() {
    PlanFace drawer = face("drawer", 584, 1552, 1010, 236);
    List<PlanFace> doors =
        List.of(
            face("door-1", 584, 86, 504.2, 1461.9995),
            face("door-2", 1091, 86, 503, 1462),
            face("cornice", 584, 0, 1010, 86));
    assertThat(NextTo.of(drawer, doors))
        .containsExactly(
            new NextTo(Edge.TOP, "door-1", 0), new NextTo(Edge.TOP, "door-2", 1091 - 584));
  }

  @Test
  void goesFromInsetToInsetAndFromWallToWall() {
    PlanFace one = face("one", 0, 0, 380, 1560);
    PlanFace two = face("two", 380, 0, 380, 1560);
    PlanFace oneUpper = inset("one-upper", one, new Box(36, 40, 308, 725));
    PlanFace oneLower = inset("one-lower", one, new Box(36, 800, 308, 725));
    PlanFace twoUpper = inset("two-upper", two, new Box(416, 40, 308, 725));
    List<PlanFace> all = List.of(one, two, oneUpper, oneLower, twoUpper);
    assertThat(names(oneUpper, all)).containsExactly("RIGHT two-upper", "BOTTOM one-lower");
    assertThat(names(one, all)).containsExactly("RIGHT two");
  }

  /** On whatever piece: nothing that lies along the edge is left out for what is farther off. */
  @ParameterizedTest
  @EnumSource(FormKind.class)
  void nothingNearerLiesAlongTheEdge(FormKind kind) {
    Plan plan = new Plan("Piece", FormNote.typical(kind), Map.of(), List.of());
    List<PlanFace> faces =
        new PlanReader(Shelves.empty(), TapeDivision.INCH_16)
            .read(plan).faces().stream().map(PlanReading.FaceReading::place).toList();
    for (PlanFace face : faces) {
      for (NextTo next : NextTo.of(face, faces)) {
        PlanFace other =
            faces.stream()
                .filter(f -> f.face().id().equals(next.faceId()))
                .findFirst()
                .orElseThrow();
        assertThat(other).isNotSameAs(face);
        assertThat(other.setInto().isPresent()).isEqualTo(face.setInto().isPresent());
        Box between = between(face, next.edge(), other);
        for (PlanFace third : faces) {
          boolean isAlike =
              third.shown()
                  && !third.face().outline().wraps()
                  && third.setInto().isPresent() == face.setInto().isPresent();
          assertThat(isAlike && third.onNet().orElseThrow().overlaps(between, 1))
              .as("%s: %s between %s and %s", kind, third.face().id(), face.face().id(), next)
              .isFalse();
        }
      }
    }
  }

  /** What is bare between two faces, along the edge that they share. */
  private static Box between(PlanFace face, Edge edge, PlanFace other) {
    Box own = face.onNet().orElseThrow();
    Box next = other.onNet().orElseThrow();
    double left = Math.max(own.leftMm(), next.leftMm());
    double right = Math.min(own.rightMm(), next.rightMm());
    double top = Math.max(own.topMm(), next.topMm());
    double bottom = Math.min(own.bottomMm(), next.bottomMm());
    double leastMm = 1e-6;
    return edge.isLevel()
        ? new Box(left, Math.min(top, bottom), right - left, Math.abs(top - bottom) + leastMm)
        : new Box(Math.min(left, right), top, Math.abs(left - right) + leastMm, bottom - top);
  }
}
