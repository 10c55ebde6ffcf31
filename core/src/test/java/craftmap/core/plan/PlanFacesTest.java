package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Point;
import craftmap.core.surface.Hole;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.QuadOutline;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A form's faces as they were found, with those that were added and taken off. */
class PlanFacesTest {
  private static final Shelf EMPTY = Shelves.empty();

  private static Plan plan(FormKind kind, Map<String, Found> found) {
    return new Plan("Piece", FormNote.typical(kind), found, List.of());
  }

  private static PlanReading read(Plan plan) {
    return new PlanReader(EMPTY, TapeDivision.INCH_16).read(plan);
  }

  private static Found found(
      Found.Standing standing, Optional<Outline> outline, boolean ownMarks, Marks marks) {
    return change(Found.nothing(), standing, outline, Optional.empty(), ownMarks, marks);
  }

  private static Found change(
      Found f,
      Found.Standing standing,
      Optional<Outline> outline,
      Optional<Boolean> shown,
      boolean ownMarks,
      Marks marks) {
    return new Found(
        f.name(),
        outline.map(o -> Found.Shape.of(o.note())).orElse(f.shape()),
        f.surface(),
        new Found.Belonging(shown, f.belonging().comesOff(), standing, Optional.empty()),
        ownMarks,
        marks);
  }

  @Test
  void whatComesOffIsNumberedInTurnAndItsHardwareGoesIntoItsBag() {
    List<Part> parts = read(plan(FormKind.WARDROBE, Map.of())).parts();
    assertThat(parts).extracting(Part::number).containsExactly(1, 2, 3);
    assertThat(parts).extracting(Part::name).containsExactly("Left door", "Right door", "Drawer 1");
    assertThat(parts.get(2).fittings()).containsExactly(new Part.Fitting("Knobs", 2));
  }

  @Test
  void aLidAndItsRimAreOnePart() {
    List<Part> parts = read(plan(FormKind.BOX, Map.of())).parts();
    assertThat(parts)
        .singleElement()
        .satisfies(p -> assertThat(p.faceIds()).containsExactly("lid-rim", "lid"));
  }

  @Test
  void aDoorsNetAreaLeavesOutThePanelThatIsSetIntoIt() {
    PlanReading reading = read(plan(FormKind.WARDROBE, Map.of()));
    double door = reading.face("door-1").measure().grossMm2();
    double panel = reading.face("door-1-panel-1").measure().grossMm2();
    assertThat(reading.face("door-1").measure().netMm2()).isCloseTo(door - panel, within(1e-3));
    assertThat(reading.face("door-1-panel-1").place().setInto()).contains("door-1");
  }

  @Test
  void onTheNetAPanelLiesOnItsDoorAndByItselfWhereTheDoorIsLeftOut() {
    Plan all = plan(FormKind.WARDROBE, Map.of());
    var door = place(all, "door-1").onNet().orElseThrow();
    var panel = place(all, "door-1-panel-1").onNet().orElseThrow();
    assertThat(panel.leftMm()).isCloseTo(door.leftMm() + 70, within(1e-9));
    Found hidden =
        change(
            Found.nothing(),
            Found.Standing.OF_THE_FORM,
            Optional.empty(),
            Optional.of(false),
            false,
            Marks.NONE);
    Plan without = plan(FormKind.WARDROBE, Map.of("door-1", hidden));
    assertThat(place(without, "door-1").shown()).isFalse();
    assertThat(place(without, "door-1-panel-1").shown()).isTrue();
  }

  private static PlanFace place(Plan plan, String id) {
    return plan.faces().stream().filter(f -> f.face().id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void marksOfTheFormFollowItUntilTheFaceHasItsOwn() {
    Plan given = plan(FormKind.DRAWER_CHEST, Map.of());
    assertThat(place(given, "drawer-1").given()).containsExactly("knobs");
    Hole pull = new Hole("own", "Pull", new Point(100, 50), 5, 2, 96, false);
    Plan more =
        plan(
            FormKind.DRAWER_CHEST,
            Map.of(
                "drawer-1",
                found(
                    Found.Standing.OF_THE_FORM,
                    Optional.empty(),
                    false,
                    Marks.ofHoles(List.of(pull)))));
    assertThat(place(more, "drawer-1").face().marks().holes())
        .extracting(Hole::id)
        .containsExactly("knobs", "own");
    Plan own =
        plan(
            FormKind.DRAWER_CHEST,
            Map.of(
                "drawer-1",
                found(
                    Found.Standing.OF_THE_FORM,
                    Optional.empty(),
                    true,
                    Marks.ofHoles(List.of(pull)))));
    assertThat(place(own, "drawer-1").face().marks().holes()).containsExactly(pull);
    assertThat(place(own, "drawer-1").given()).isEmpty();
  }

  @Test
  void facesAreTakenOffAndAddedAndTheAddedLieBelowTheNet() {
    Map<String, Found> found = new HashMap<>();
    found.put("plinth", found(Found.Standing.REMOVED, Optional.empty(), false, Marks.NONE));
    found.put(
        "shelf",
        found(Found.Standing.ADDED, Optional.of(OvalOutline.circle(200)), false, Marks.NONE));
    Plan plan = plan(FormKind.DRAWER_CHEST, found);
    assertThat(plan.faces()).extracting(f -> f.face().id()).doesNotContain("plinth");
    PlanFace added = place(plan, "shelf");
    assertThat(added.added()).isTrue();
    assertThat(added.pose()).isEmpty();
    double lowest =
        plan.faces().stream()
            .filter(f -> !f.added() && f.shown())
            .mapToDouble(f -> f.onNet().orElseThrow().bottomMm())
            .max()
            .orElseThrow();
    assertThat(added.onNet().orElseThrow().topMm()).isGreaterThan(lowest);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                plan(
                        FormKind.CHEST,
                        Map.of(
                            "x", found(Found.Standing.ADDED, Optional.empty(), false, Marks.NONE)))
                    .faces())
        .withMessageContaining("outline-of-the-added-face");
  }

  @Test
  void theEyeReadsTheTopOfWhatStandsAndTheFrontOfWhatLies() {
    PlanReading chest = read(plan(FormKind.CHEST, Map.of()));
    assertThat(chest.face("front").datum()).isEqualTo(Edge.TOP);
    assertThat(chest.face("lid").datum()).isEqualTo(Edge.BOTTOM);
  }

  @Test
  void aFaceTapedOutOfSquareTellsHowItDeparts() {
    QuadOutline taped = new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.of(1016));
    PlanReading reading =
        read(
            plan(
                FormKind.CHEST,
                Map.of(
                    "front",
                    found(Found.Standing.OF_THE_FORM, Optional.of(taped), false, Marks.NONE))));
    assertThat(reading.face("front").squareness())
        .hasValueSatisfying(s -> assertThat(s.measureAgain()).isTrue());
    assertThat(reading.face("lid").squareness()).isEmpty();
  }

  @Test
  void whatAllFacesTakeIsTheSumOfThoseThatAreShown() {
    PlanReading chest = read(plan(FormKind.CHEST, Map.of()));
    double sum = 0;
    for (String id : List.of("front", "lid", "left", "right")) {
      sum += chest.face(id).measure().workedMm2();
    }
    assertThat(chest.workedMm2()).isCloseTo(sum, within(1e-6));
    assertThat(chest.face("back").place().shown()).isFalse();
  }
}
