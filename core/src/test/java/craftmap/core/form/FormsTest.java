package craftmap.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Hole;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.Side;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FormsTest {
  private static FormFaces typical(FormKind kind) {
    return kind.read(MeasureSheet.blank()).faces();
  }

  private static FormFaces of(FormKind kind, Map<String, Double> measures) {
    return kind.read(new MeasureSheet(measures, Map.of())).faces();
  }

  private static Map<String, FormFace> byId(FormFaces faces) {
    return faces.faces().stream().collect(Collectors.toMap(FormFace::id, Function.identity()));
  }

  /**
   * Sheets with sizes between half and one and a half times the typical ones, as far as they go.
   */
  private static List<FormFaces> many(FormKind kind, int tries) {
    Random random = new Random(kind.ordinal());
    MeasureSheet asked = MeasureSheet.blank();
    kind.read(asked);
    List<FormFaces> all = new ArrayList<>();
    all.add(typical(kind));
    for (int i = 0; i < tries; i++) {
      Map<String, Double> numbers = new HashMap<>();
      Map<String, String> choices = new HashMap<>();
      for (MeasureSheet.Entry entry : asked.entries()) {
        switch (entry) {
          case MeasureSheet.LengthEntry e ->
              numbers.put(e.key(), e.mm() * (0.7 + random.nextDouble() * 0.6));
          case MeasureSheet.CountEntry e ->
              numbers.put(e.key(), (double) (e.least() + random.nextInt(e.most() - e.least() + 1)));
          case MeasureSheet.ChoiceEntry e ->
              choices.put(e.key(), e.among().get(random.nextInt(e.among().size())));
          case MeasureSheet.FigureEntry e -> numbers.put(e.key(), e.figure());
          case MeasureSheet.ColourEntry e -> choices.put(e.key(), e.hex());
        }
      }
      try {
        all.add(kind.read(new MeasureSheet(numbers, choices)).faces());
      } catch (RefusedInput notAPiece) {
        assertThat(notAPiece.fault()).isNotBlank();
      }
    }
    return all;
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void everyFormStandsWithItsTypicalMeasuresAndSaysWhatThereIsToMeasure(FormKind kind) {
    MeasureSheet sheet = MeasureSheet.blank();
    FormFaces faces = kind.read(sheet).faces();
    assertThat(faces.faces()).isNotEmpty();
    assertThat(byId(faces)).hasSameSizeAs(faces.faces());
    assertThat(sheet.entries()).hasSizeGreaterThanOrEqualTo(2);
    assertThat(sheet.entries()).noneMatch(MeasureSheet.Entry::taken);
    assertThat(sheet.entries().stream().map(MeasureSheet.Entry::key)).doesNotHaveDuplicates();
    assertThat(sheet.entries().stream().map(MeasureSheet.Entry::label)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void whatWasMeasuredTwiceOverIsReadTheSame(FormKind kind) {
    assertThat(kind.read(MeasureSheet.blank())).isEqualTo(kind.read(MeasureSheet.blank()));
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void joinedEdgesAreEquallyLongAndMeetWhenTheNetIsFoldedUp(FormKind kind) {
    for (FormFaces form : many(kind, 40)) {
      Map<String, FormFace> faces = byId(form);
      for (Join join : form.joins()) {
        FormFace a = faces.get(join.faceA());
        FormFace b = faces.get(join.faceB());
        Side sideA = side(a, join.sideA());
        Side sideB = side(b, join.sideB());
        if (join.gapMm() == 0) {
          assertThat(sideA.lengthMm()).isCloseTo(sideB.lengthMm(), within(1e-6));
        }
        Vec startA = a.pose().at(a.outline(), sideA.strokes().getFirst().from());
        Vec endA = a.pose().at(a.outline(), sideA.strokes().getLast().to());
        Vec startB = b.pose().at(b.outline(), sideB.strokes().getFirst().from());
        Vec endB = b.pose().at(b.outline(), sideB.strokes().getLast().to());
        // two edges that meet run against each other
        assertThat(startA.distance(endB))
            .as("%s of %s", join, kind)
            .isCloseTo(join.gapMm(), within(1e-6));
        assertThat(endA.distance(startB)).isCloseTo(join.gapMm(), within(1e-6));
      }
    }
  }

  private static Side side(FormFace face, Side.Name name) {
    return face.outline().sides().stream().filter(s -> s.name() == name).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void foldingUpKeepsEveryLengthAlongTheSurface(FormKind kind) {
    Random random = new Random(1);
    for (FormFace face : typical(kind).faces()) {
      Outline outline = face.outline();
      for (int i = 0; i < 40; i++) {
        Point p =
            new Point(
                random.nextDouble() * outline.widthMm(), random.nextDouble() * outline.heightMm());
        if (!outline
            .region()
            .covers(
                org.locationtech.jts.geom.GeometryFactory.createPointFromInternalCoord(
                    new org.locationtech.jts.geom.Coordinate(p.xMm(), p.yMm()),
                    outline.region()))) {
          continue;
        }
        double angle = random.nextDouble() * 2 * Math.PI;
        double step = 1e-3;
        Point q = p.movedBy(step * Math.cos(angle), step * Math.sin(angle));
        double folded = face.pose().at(outline, p).distance(face.pose().at(outline, q));
        assertThat(folded).as("%s of %s", face.id(), kind).isCloseTo(step, within(step * 1e-3));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void onTheNetNoFaceLiesOnAnotherButInsetsOnTheirOwn(FormKind kind) {
    for (FormFaces form : many(kind, 25)) {
      List<Net.Item> items =
          form.faces().stream()
              .filter(f -> f.setInto().isEmpty())
              .map(f -> new Net.Item(f.id(), f.outline(), f.group(), f.at(), false))
              .toList();
      List<Box> boxes = List.copyOf(Net.place(items, form.groups()).values());
      for (int a = 0; a < boxes.size(); a++) {
        assertThat(boxes.get(a).leftMm()).isGreaterThanOrEqualTo(-1e-9);
        for (int b = a + 1; b < boxes.size(); b++) {
          assertThat(boxes.get(a).overlaps(boxes.get(b), 1e-6)).isFalse();
        }
      }
    }
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void trianglesOfAFaceAddUpToItAndFoldWithIt(FormKind kind) {
    for (FormFace face : typical(kind).faces()) {
      FoldMesh mesh = FoldMesh.of(face.outline(), face.pose());
      double flat = 0;
      for (int[] t : mesh.triangles()) {
        Point a = mesh.onFace().get(t[0]);
        Point b = mesh.onFace().get(t[1]);
        Point c = mesh.onFace().get(t[2]);
        flat +=
            Math.abs(
                    (b.xMm() - a.xMm()) * (c.yMm() - a.yMm())
                        - (c.xMm() - a.xMm()) * (b.yMm() - a.yMm()))
                / 2;
      }
      double area = face.outline().region().getArea();
      assertThat(flat).isCloseTo(area, within(area * 0.01));
      assertThat(mesh.inRoom()).hasSameSizeAs(mesh.onFace());
    }
  }

  @Test
  void aChestOfThreeDrawersHasItsSixKnobsWhereTheRowsAre() {
    FormFaces chest =
        of(
            FormKind.DRAWER_CHEST,
            Map.of("width", 800.0, "height", 900.0, "plinth", 60.0, "gap", 4.0, "row1", 180.0));
    Map<String, FormFace> faces = byId(chest);
    List<Hole> knobs = chest.faces().stream().flatMap(f -> f.marks().holes().stream()).toList();
    assertThat(knobs.stream().mapToInt(Hole::count).sum()).isEqualTo(6);
    assertThat(faces.get("drawer-1").outline().heightMm()).isEqualTo(180);
    assertThat(faces.get("drawer-2").at().yMm()).isEqualTo(184);
    assertThat(knobs.getFirst().centres()).extracting(Point::xMm).containsExactly(200.0, 600.0);
    assertThat(faces.get("drawer-3").comesOff()).contains("Drawer 3");
  }

  @Test
  void rowsTallerThanTheirChestAreRefusedWithWhatIsLeft() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> of(FormKind.DRAWER_CHEST, Map.of("height", 600.0, "row1", 400.0)))
        .withMessageContaining("rows-of-drawers")
        .withMessageContaining("rows-of-at-most-together [530.0 mm]");
  }

  @Test
  void aWardrobeHangsItsPanelsInItsDoorsAndItsKnobsAtTheirMeeting() {
    Map<String, FormFace> faces = byId(typical(FormKind.WARDROBE));
    FormFace panel = faces.get("door-1-panel-1");
    assertThat(panel.setInto()).contains("door-1");
    assertThat(panel.outline().widthMm())
        .isCloseTo(faces.get("door-1").outline().widthMm() - 140, within(1e-9));
    Point left = faces.get("door-1").marks().holes().getFirst().middle();
    Point right = faces.get("door-2").marks().holes().getFirst().middle();
    assertThat(left.xMm() + right.xMm())
        .isCloseTo(faces.get("door-1").outline().widthMm(), within(1e-9));
    assertThat(left.xMm()).isGreaterThan(right.xMm());
  }

  @Test
  void aStraightPotIsACylinderAndATaperedOneACone() {
    Outline straight =
        byId(of(FormKind.PLANTER, Map.of("top", 600.0, "bottom", 600.0))).get("wall").outline();
    assertThat(straight).isInstanceOf(CylinderOutline.class);
    assertThat(byId(typical(FormKind.PLANTER)).get("wall").outline())
        .isInstanceOf(ConeOutline.class);
  }

  @Test
  void aMeasureThatCannotBeIsRefusedByItsName() {
    for (double width : new double[] {0, -1, Double.NaN, LengthRange.SIZE.mostMm() + 0.5}) {
      assertThatExceptionOfType(RefusedInput.class)
          .isThrownBy(() -> of(FormKind.CHEST, Map.of("width", width)))
          .satisfies(r -> assertThat(r.field()).isEqualTo("width"));
    }
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> of(FormKind.SCREEN, Map.of("panels", 2.5)))
        .withMessageContaining("a-whole-number-from-to [1, 12]");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () -> FormKind.TABLE_TOP.read(new MeasureSheet(Map.of(), Map.of("shape", "STAR"))))
        .withMessageContaining("shape-of-the-top (STAR)")
        .withMessageContaining("ROUND, OVAL, SQUARE");
  }
}
