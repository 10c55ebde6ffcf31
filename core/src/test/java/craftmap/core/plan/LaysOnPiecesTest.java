package craftmap.core.plan;

import static craftmap.core.plan.Planned.laid;
import static craftmap.core.plan.Planned.lay;
import static craftmap.core.plan.Planned.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.form.FormKind;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What lays come to on whole pieces: marks, needs, passes and tape. */
class LaysOnPiecesTest {
  private static final Map<String, Double> DRAWERS =
      Map.of("width", 800.0, "height", 700.0, "drawers", 3.0);

  @Test
  void aPictureOverDrawersTakesOneSheetHoweverManyFacesItGoesOver() {
    PlanReading reading =
        read(
            FormKind.DRAWER_CHEST,
            DRAWERS,
            Map.of(),
            lay(
                "p",
                "drawer-1",
                List.of("drawer-2", "drawer-3"),
                "picture",
                List.of(),
                RuleKind.ACROSS,
                Map.of(),
                Map.of(),
                OptionalDouble.empty()));
    int sheets = 0;
    for (String face : List.of("drawer-1", "drawer-2", "drawer-3")) {
      LayReading.Laid on = laid(reading, face, "p");
      assertThat(on.items()).isNotEmpty();
      // told with each of its faces, for all of them together
      assertThat(on.takes().sheets()).isEqualTo(1);
      sheets += on.lead() ? on.takes().sheets() : 0;
    }
    assertThat(sheets).isEqualTo(1);
    assertThat(laid(reading, "drawer-1", "p").lead()).isTrue();
    assertThat(laid(reading, "drawer-2", "p").lead()).isFalse();
  }

  @Test
  void aLayGoesOverFacesOnlyWhereItsRuleDoes() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                lay(
                    "r",
                    "drawer-1",
                    List.of("drawer-2"),
                    "block",
                    List.of(),
                    RuleKind.RUN,
                    Map.of(),
                    Map.of(),
                    OptionalDouble.empty()))
        .withMessageContaining("faces-of-the-lay (faces [2])");
  }

  @Test
  void aMissingPieceOfACollageIsNamedAsMissing() {
    PlanReading reading =
        read(
            FormKind.SIGN,
            Map.of(),
            Map.of(),
            lay(
                "c",
                firstFace(FormKind.SIGN),
                List.of(),
                "boat",
                List.of("boat", "gone"),
                RuleKind.COLLAGE,
                Map.of(),
                Map.of(),
                OptionalDouble.empty()));
    assertThat(reading.lays().getFirst())
        .isInstanceOfSatisfying(
            LayReading.Missing.class, m -> assertThat(m.what()).isEqualTo(LayReading.What.DESIGN));
  }

  private static String firstFace(FormKind form) {
    return form.read(MeasureSheet.blank()).faces().faces().getFirst().id();
  }

  @Test
  void roundAWallTheLastPrintIsANeighbourOfTheFirst() {
    // an odd number of stencils round a wall, each sheet reaching over its two neighbours: were
    // the ends no neighbours, two passes would do
    for (double around : new double[] {500, 600, 700}) {
      PlanReading reading =
          read(
              FormKind.PLANTER,
              Map.of("top", around, "bottom", around, "slant", 200.0),
              Map.of(),
              lay(
                  "r",
                  "wall",
                  List.of(),
                  "block",
                  List.of(),
                  RuleKind.RING,
                  Map.of("gap", 20.0, "inset", 60.0),
                  Map.of("around", "WALL"),
                  OptionalDouble.empty()));
      LayReading.Laid ring = laid(reading, "wall", "r");
      StencilPasses passes = ring.passes().orElseThrow();
      int n = ring.items().size();
      assertThat(passes.passes()).as("%d round", n).hasSize(n % 2 == 0 ? 2 : 3);
      List<Integer> passOf = passes.passOfEach();
      assertThat(passOf.getFirst()).as("the ends meet").isNotEqualTo(passOf.getLast());
    }
  }

  @Test
  void ringMarksKnowWhereTheyLieOnTheFace() {
    PlanReading reading =
        read(
            FormKind.CLOCK,
            Map.of("width", 320.0),
            Map.of(),
            lay("r", "dial", "block", RuleKind.RING));
    LayReading.Laid ring = laid(reading, "dial", "r");
    SetOutLine line = ring.setOuts().getFirst();
    assertThat(line.along()).isEqualTo(SetOutLine.Along.RING_FROM_TOP);
    assertThat(line.places()).hasSameSizeAs(line.marks().marks());
    assertThat(line.places())
        .allSatisfy(p -> assertThat(ring.items()).anyMatch(i -> i.centre().distanceMm(p) < 1e-6));
  }

  @Test
  void seamsAreTickedAlongBothEdgesAndNotWhereThereIsNone() {
    PlanReading reading =
        read(
            FormKind.DRAWER_CHEST,
            Map.of("width", 1600.0, "height", 700.0, "drawers", 1.0),
            Map.of(),
            lay("c", "drawer-1", "paper", RuleKind.COVER));
    LayReading.Laid cover = laid(reading, "drawer-1", "c");
    SetOutLine across = cover.setOuts().getFirst();
    assertThat(across.along()).isEqualTo(SetOutLine.Along.TOP_FROM_LEFT);
    double width = reading.face("drawer-1").face().outline().widthMm();
    assertThat(across.marks().marks())
        .isNotEmpty()
        .allSatisfy(m -> assertThat(m.exactMm()).isBetween(3.0, width - 3));
  }

  @Test
  void aNapkinIsCountedAndWhatIsGluedIsCountedOnce() {
    PlanReading reading =
        read(
            FormKind.SIGN,
            Map.of(),
            Map.of(),
            lay("n", firstFace(FormKind.SIGN), "napkin", RuleKind.COVER));
    LayReading.Laid napkins = laid(reading, firstFace(FormKind.SIGN), "n");
    Needs takes = napkins.takes();
    assertThat(takes.sheets())
        .isGreaterThanOrEqualTo(takes.find(Need.Sheets.class).orElseThrow().least());
    assertThat(takes.offTheShelf(napkins.design())).isEqualTo(takes.sheets());
    assertThat(coatedMm2(takes))
        .isCloseTo(
            reading.face(firstFace(FormKind.SIGN)).face().outline().areaMm2(), within(200.0));
  }

  @Test
  void foilGoesAroundACollageAndAZoneIsTapedAlongIt() {
    String face = firstFace(FormKind.SIGN);
    PlanReading reading =
        read(
            FormKind.SIGN,
            Map.of("width", 600.0, "height", 400.0),
            Map.of(),
            lay(
                "c",
                face,
                List.of(),
                "boat",
                List.of("boat"),
                RuleKind.COLLAGE,
                Map.of(),
                Map.of(),
                OptionalDouble.empty()),
            lay(
                "f",
                face,
                List.of(),
                "foil",
                List.of(),
                RuleKind.STRIPS,
                Map.of("spare", 0.0),
                Map.of(),
                OptionalDouble.of(4)),
            lay(
                "z",
                face,
                List.of(),
                "zone",
                List.of(),
                RuleKind.WHOLE_FACE,
                Map.of(),
                Map.of(),
                OptionalDouble.of(2)));
    double whole = reading.face(face).face().outline().areaMm2();
    Needs collage = laid(reading, face, "c").takes();
    Needs foil = laid(reading, face, "f").takes();
    assertThat(collage.find(Need.Pieces.class)).contains(new Need.Pieces(2));
    assertThat(coatedMm2(foil)).isLessThan(whole - coatedMm2(collage));
    assertThat(coatedMm2(foil)).isGreaterThan(whole - coatedMm2(collage) - 2 * 400 * 8);
  }

  @Test
  void aZoneTakesPaintForItsAreaAndTapeAlongWhatItKeepsClearOf() {
    String face = firstFace(FormKind.SIGN);
    Found found = withPlate();
    PlanReading reading =
        read(
            FormKind.SIGN,
            Map.of("width", 600.0, "height", 400.0),
            Map.of(face, found),
            lay("z", face, "zone", RuleKind.WHOLE_FACE));
    Needs takes = laid(reading, face, "z").takes();
    double area = reading.face(face).face().outline().areaMm2() - 100 * 50;
    // bare wood drinks a quarter more the first time; 10 m2 a litre, and 5 % in the brush
    assertThat(takes.potMl()).isCloseTo(area * (1.25 + 1) / 10 / 1000 * 1.05, within(0.5));
    assertThat(takes.find(Need.Tape.class).orElseThrow().mm())
        .isCloseTo(2 * (100 + 50), within(3.0));
  }

  private static double coatedMm2(Needs needs) {
    return needs.find(Need.Coated.class).orElseThrow().mm2();
  }

  private static Found withPlate() {
    return Founds.with(
        Marks.ofKeepOuts(
            List.of(
                new KeepOut(
                    "k", "Plate", new Area.Upright(new Box(200, 150, 100, 50)), Set.of()))));
  }

  @Test
  void laysThroughOneSheetArePlannedTogether() {
    String face = firstFace(FormKind.SIGN);
    PlanReading reading =
        read(
            FormKind.SIGN,
            Map.of("width", 600.0, "height", 400.0),
            Map.of(),
            lay(
                "a",
                face,
                List.of(),
                "block",
                List.of(),
                RuleKind.RUN,
                Map.of("distance", 60.0, "gap", 100.0),
                Map.of("edge", "TOP"),
                OptionalDouble.empty()),
            lay(
                "b",
                face,
                List.of(),
                "block",
                List.of(),
                RuleKind.RUN,
                Map.of("distance", 110.0, "gap", 100.0),
                Map.of("edge", "TOP"),
                OptionalDouble.empty()));
    SharedSheet shared = reading.face(face).shared().getFirst();
    assertThat(shared.layIds()).containsExactly("a", "b");
    int alone =
        Math.max(
            laid(reading, face, "a").passes().orElseThrow().passes().size(),
            laid(reading, face, "b").passes().orElseThrow().passes().size());
    // 50 apart, the sheet of one row reaches over the prints of the other
    assertThat(shared.passes().passes()).isGreaterThan(alone);
  }
}
