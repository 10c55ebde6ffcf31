package craftmap.core.plan;

import static craftmap.core.plan.Planned.laid;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.form.FormKind;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Zone;
import craftmap.core.surface.ZonePlace;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.PolygonOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Lays that aim at a zone of their face. */
class ZoneLayTest {
  private static final Map<String, Double> CHEST =
      Map.of("width", 870.0, "height", 420.0, "depth", 450.0);

  private static Zone zone(Area area) {
    return new Zone("z", "Leather", new Colour("#6B4A2F"), area);
  }

  private static PlanReading read(List<KeepOut> keepOuts, Area area, Lay... lays) {
    Marks marks = new Marks(keepOuts, List.of(), List.of(), List.of(), List.of(zone(area)));
    return Planned.read(FormKind.CHEST, CHEST, Map.of("front", Founds.with(marks)), lays);
  }

  private static Lay aimed(String id, String design, RuleKind rule, Map<String, Double> measures) {
    Lay lay =
        Planned.lay(
            id,
            "front",
            List.of(),
            design,
            List.of(),
            rule,
            measures,
            Map.of(),
            OptionalDouble.empty());
    return lay.with(lay.place().within(Optional.of("z")));
  }

  private static Face front(PlanReading reading) {
    return reading.face("front").face();
  }

  @Test
  void aZoneIsASurfaceOfItsOwnShape() {
    Face face = front(read(List.of(), new Area.Rim(20)));
    assertThat(ZonePlace.on(face, zone(new Area.Upright(new Box(32, 22, 200, 120)))).outline())
        .isEqualTo(new RectangleOutline(200, 120));
    assertThat(ZonePlace.on(face, zone(new Area.Round(new Point(400, 200), 180))).outline())
        .isEqualTo(OvalOutline.circle(180));
    assertThat(
            ZonePlace.on(
                    face,
                    zone(
                        new Area.Corners(
                            List.of(new Point(50, 60), new Point(300, 90), new Point(120, 280)))))
                .outline())
        .isInstanceOf(PolygonOutline.class);
    ZonePlace strip = ZonePlace.on(face, zone(new Area.Strip(Side.Name.BOTTOM, 63.4)));
    assertThat(strip.outline().heightMm()).isCloseTo(63.4, within(1e-9));
    assertThat(strip.at().yMm()).isCloseTo(420 - 63.4, within(1e-9));
    ZonePlace rim = ZonePlace.on(face, zone(new Area.Rim(20)));
    assertThat(rim.outline()).isEqualTo(new RectangleOutline(870, 420));
    assertThat(rim.holes()).hasSize(1);
    assertThat(rim.holes().getFirst().getArea()).isCloseTo(830 * 380, within(1e-3));
  }

  @Test
  void whatReachesOverTheFaceIsNoPartOfTheZone() {
    Face face = front(read(List.of(), new Area.Rim(20)));
    ZonePlace over = ZonePlace.on(face, zone(new Area.Upright(new Box(800, -30, 200, 120))));
    assertThat(over.outline()).isEqualTo(new RectangleOutline(70, 90));
    assertThat(over.at()).isEqualTo(new Point(800, 0));
  }

  /** Over seeded zones: centred on the zone to a hair, wherever it lies on the face. */
  @Test
  void aDesignIsCentredOnItsZone() {
    Random random = new Random(20_261_202);
    for (int k = 0; k < 60; k++) {
      double w = 80 + random.nextDouble() * 400;
      double h = 60 + random.nextDouble() * 200;
      double left = random.nextDouble() * (870 - w);
      double top = random.nextDouble() * (420 - h);
      PlanReading reading =
          read(
              List.of(),
              new Area.Upright(new Box(left, top, w, h)),
              aimed("a", "block", RuleKind.SINGLE, Map.of()));
      Item item = laid(reading, "front", "a").items().getFirst();
      assertThat(item.centre().xMm()).isCloseTo(left + w / 2, within(1e-9));
      assertThat(item.centre().yMm()).isCloseTo(top + h / 2, within(1e-9));
      assertThat(item.onKeepOut()).isFalse();
    }
  }

  /** By every rule for pieces: nothing of it shows beside the zone. */
  @ParameterizedTest
  @EnumSource(
      value = RuleKind.class,
      names = {"RUN", "BORDER", "GRID", "SINGLE", "CORNERS", "SCATTER", "WHOLE_FACE"})
  void nothingShowsBesideTheZone(RuleKind rule) {
    Box box = new Box(213.3, 97.1, 341.9, 222.2);
    String design = rule == RuleKind.WHOLE_FACE ? "zone" : "block";
    PlanReading reading =
        read(List.of(), new Area.Upright(box), aimed("a", design, rule, measures(rule)));
    LayReading.Laid laid = laid(reading, "front", "a");
    assertThat(laid.items()).isNotEmpty();
    for (Item item : laid.items()) {
      var shown = item.print().getEnvelopeInternal();
      assertThat(shown.getMinX()).isGreaterThanOrEqualTo(box.leftMm() - 1e-6);
      assertThat(shown.getMaxX()).isLessThanOrEqualTo(box.rightMm() + 1e-6);
      assertThat(shown.getMinY()).isGreaterThanOrEqualTo(box.topMm() - 1e-6);
      assertThat(shown.getMaxY()).isLessThanOrEqualTo(box.bottomMm() + 1e-6);
    }
    for (var option : laid.options()) {
      assertThat(option.items()).allMatch(i -> i.visible().overlaps(box, 1e-6));
    }
  }

  private static Map<String, Double> measures(RuleKind rule) {
    return rule == RuleKind.RUN ? Map.of("distance", 110.0) : Map.of();
  }

  @Test
  void aKeepOutOfTheFaceCountsInItsZone() {
    KeepOut plate =
        new KeepOut("k", "Plate", new Area.Upright(new Box(360, 180, 50, 60)), Set.of());
    PlanReading reading =
        read(
            List.of(plate),
            new Area.Upright(new Box(300, 150, 170, 120)),
            aimed("a", "block", RuleKind.SINGLE, Map.of()));
    Item middle =
        laid(reading, "front", "a").options().stream()
            .flatMap(o -> o.items().stream())
            .filter(i -> Math.abs(i.centre().xMm() - 385) < 1e-6)
            .findFirst()
            .orElseThrow();
    assertThat(middle.onKeepOut()).isTrue();
  }

  /** The sheet of the stencil lies over the zone's edge: that much of the edge is taped. */
  @Test
  void theEdgeOfTheZoneUnderTheSheetIsTaped() {
    PlanReading reading =
        read(
            List.of(),
            new Area.Upright(new Box(300, 150, 100, 60)),
            aimed("a", "block", RuleKind.SINGLE, Map.of()));
    // the sheet is 140 x 90: it covers all four sides of 100 x 60
    assertThat(laid(reading, "front", "a").takes().find(Need.Tape.class).orElseThrow().mm())
        .isCloseTo(320, within(1e-6));
  }

  @Test
  void whereTheZoneEndsWithTheFaceNothingIsTaped() {
    PlanReading reading =
        read(
            List.of(),
            new Area.Upright(new Box(0, 0, 100, 60)),
            aimed("a", "block", RuleKind.SINGLE, Map.of()));
    // the two sides along the edge of the face are left out, a hair at the corners as well
    assertThat(laid(reading, "front", "a").takes().find(Need.Tape.class).orElseThrow().mm())
        .isCloseTo(160, within(1.1));
  }

  @Test
  void itGoesRoundWhatWasLaidThereBefore() {
    List<Lay> lays = new ArrayList<>();
    lays.add(aimed("a", "block", RuleKind.SINGLE, Map.of()));
    Lay around = aimed("b", "zone", RuleKind.WHOLE_FACE, Map.of());
    lays.add(around.with(around.work().clear(OptionalDouble.of(5))));
    Box box = new Box(250, 120, 300, 180);
    PlanReading reading = read(List.of(), new Area.Upright(box), lays.toArray(Lay[]::new));
    double painted = laid(reading, "front", "b").takes().paint().orElseThrow().areaMm2();
    double left = box.areaMm2() - 70 * 50;
    assertThat(painted).isBetween(left - 120, left + 30);
  }

  @Test
  void marksAreToldFromTheEdgeOfTheFace() {
    PlanReading reading =
        read(
            List.of(),
            new Area.Upright(new Box(301.7, 150, 170, 120)),
            aimed("a", "block", RuleKind.SINGLE, Map.of()));
    SetOutLine across = laid(reading, "front", "a").setOuts().getFirst();
    assertThat(across.marks().marks().getFirst().exactMm()).isCloseTo(301.7 + 85, within(1e-9));
  }

  @Test
  void aZoneThatIsGoneIsToldAndTheRestOfTheFaceIsThere() {
    Lay stray = Planned.lay("s", "front", "block", RuleKind.SINGLE);
    PlanReading reading =
        Planned.read(
            FormKind.CHEST, CHEST, Map.of(), aimed("a", "block", RuleKind.SINGLE, Map.of()), stray);
    assertThat(reading.face("front").lays().getFirst()).isInstanceOf(LayReading.DoesNotFit.class);
    assertThat(laid(reading, "front", "s").items()).hasSize(1);
  }
}
