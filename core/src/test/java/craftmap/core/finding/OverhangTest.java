package craftmap.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Rights;
import craftmap.core.design.Shapes;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Item;
import craftmap.core.lay.Overhang;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.Figure;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.Shelves;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What is put by hand lies where it is put, and what reaches over an edge is told. */
class OverhangTest {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final double TAPE_MM = TapeDivision.MM_1.mm();

  private static Design moulding(double w, double h) {
    return DesignKind.MOULDING.read(
        new Card("m", "Scroll", "scroll", "", Rights.MAY_BE_SOLD),
        new MeasureSheet(Map.of(), Map.of()),
        Optional.of(Picture.bare(w, h)));
  }

  private static PlanReading sign(
      double w, double h, Design design, RuleKind rule, MeasureSheet sheet) {
    FormNote form = new FormNote(FormKind.SIGN, Map.of("width", w, "height", h), Map.of());
    String face = form.read().faces().faces().getFirst().id();
    return read(form, face, design, rule, sheet);
  }

  private static PlanReading read(
      FormNote form, String face, Design design, RuleKind rule, MeasureSheet sheet) {
    Shelf shelf =
        Shelves.with(design, Optional.of(new PotLabel("p", "Pot", new Colour("#F1EADA"), 11)));
    Lay lay =
        Lay.fresh(
            "l",
            face,
            Optional.of("d"),
            rule.read(sheet, List.of(), ""),
            new Lay.Pot(Optional.of("p"), 1));
    return new PlanReader(shelf, TapeDivision.MM_1)
        .read(new Plan("P", form, Map.of(), List.of(lay)));
  }

  private static LayReading.Laid laid(PlanReading reading) {
    return (LayReading.Laid)
        reading.lays().stream().filter(LayReading.Laid.class::isInstance).findFirst().orElseThrow();
  }

  private static Map<Edge, Double> told(PlanReading reading, FindingRule rule) {
    LayReading.Laid laid = laid(reading);
    Map<Edge, Double> by = new EnumMap<>(Edge.class);
    LayFindings.of(reading.face(laid.lay().faceId()).face(), laid, TapeDivision.MM_1).stream()
        .filter(f -> f.rule() == rule)
        .forEach(
            f ->
                by.put(
                    (Edge) ((Figure.One) f.figures().get(1)).of(),
                    ((Figure.Length) f.figures().getFirst()).mm()));
    return by;
  }

  /** Over seeded boards, blocks and places: laid where it is put, and told over which edges. */
  @Test
  void whatIsPutByHandLiesThereAndItsOverhangIsTrue() {
    Random random = new Random(20_261_130);
    int over = 0;
    for (int k = 0; k < 250; k++) {
      double w = 150 + random.nextDouble() * 400;
      double h = 90 + random.nextDouble() * 300;
      double bw = 20 + random.nextDouble() * 500;
      double bh = 20 + random.nextDouble() * 400;
      double x = random.nextDouble() * w;
      double y = random.nextDouble() * h;
      boolean hangs = random.nextBoolean();
      Design design = hangs ? moulding(bw, bh) : Shapes.block(bw, bh, bw + 40, bh + 40);
      PlanReading reading =
          sign(
              w,
              h,
              design,
              RuleKind.SINGLE,
              new MeasureSheet(Map.of("x", x, "y", y), Map.of("placed", "YES")));
      LayOption put =
          laid(reading).options().stream()
              .filter(o -> o.arrangement().way() == Way.Alone.STAND_PLACED)
              .findFirst()
              .orElseThrow();
      Item item = put.items().getFirst();
      assertThat(item.centre().xMm()).isEqualTo(x);
      assertThat(item.centre().yMm()).isEqualTo(y);
      double onFace =
          (Math.min(w, x + bw / 2) - Math.max(0, x - bw / 2))
              * (Math.min(h, y + bh / 2) - Math.max(0, y - bh / 2))
              / (bw * bh);
      assertThat(item.share()).isCloseTo(hangs ? 1 : onFace, within(1e-4));
      Item chosen = laid(reading).items().getFirst();
      Box box = chosen.box().around();
      Map<Edge, Double> told = told(reading, hangs ? FindingRule.HANGS_OVER : FindingRule.RUNS_OFF);
      over += told.size();
      holds(told, Edge.LEFT, -box.leftMm());
      holds(told, Edge.TOP, -box.topMm());
      holds(told, Edge.RIGHT, box.rightMm() - w);
      holds(told, Edge.BOTTOM, box.bottomMm() - h);
      assertThat(told(reading, hangs ? FindingRule.RUNS_OFF : FindingRule.HANGS_OVER)).isEmpty();
    }
    assertThat(over).as("some of them reach over").isGreaterThan(50);
  }

  private static void holds(Map<Edge, Double> told, Edge edge, double by) {
    if (by > TAPE_MM) {
      assertThat(told.get(edge)).as("over the %s", edge).isCloseTo(by, within(1e-6));
    } else if (by < 0) {
      assertThat(told).doesNotContainKey(edge);
    }
  }

  /** A scroll of 80 x 40 on a round top of 300, its middle 130 from the middle of that. */
  @Test
  void overACurveTheFarthestPointIsTold() {
    FormNote round = new FormNote(FormKind.TABLE_TOP, Map.of("width", 300.0), Map.of());
    PlanReading reading =
        read(
            round,
            "top",
            moulding(80, 40),
            RuleKind.SINGLE,
            new MeasureSheet(Map.of("x", 150.0, "y", 260.0), Map.of("placed", "YES")));
    LayReading.Laid laid = laid(reading);
    LayOption put =
        laid.options().stream()
            .filter(o -> o.arrangement().way() == Way.Alone.STAND_PLACED)
            .findFirst()
            .orElseThrow();
    double farthest = Math.hypot(40, 110 + 20) - 150;
    assertThat(farthest).isNegative();
    assertThat(
            Overhang.of(
                reading.face("top").face().outline(), put.items(), EnumSet.allOf(Edge.class)))
        .isEmpty();
    Item lower = put.items().getFirst().movedBy(0, 25);
    assertThat(
            Overhang.of(
                    reading.face("top").face().outline(), List.of(lower), EnumSet.allOf(Edge.class))
                .getFirst()
                .byMm())
        .isCloseTo(Math.hypot(40, 155) - 150, within(0.02));
  }

  /** Over seeded fronts, bands and distances: nothing that lies on the face at all is refused. */
  @Test
  void aBandIsNeverRefusedForItsHeightItsLengthOrItsDistance() {
    Random random = new Random(20_261_201);
    for (int k = 0; k < 250; k++) {
      double w = 40 + random.nextDouble() * 700;
      double h = 30 + random.nextDouble() * 300;
      double bw = 20 + random.nextDouble() * 300;
      double bh = 20 + random.nextDouble() * 300;
      Edge edge = Edge.values()[random.nextInt(4)];
      double reach = edge.isLevel() ? h : w;
      double distance = random.nextDouble() * reach;
      PlanReading reading =
          sign(
              w,
              h,
              Shapes.block(bw, bh, bw + 30, bh + 30),
              RuleKind.RUN,
              new MeasureSheet(
                  Map.of("distance", distance, "gap", 13.7, "margin", 6.3),
                  Map.of("edge", edge.name())));
      LayReading.Laid laid = laid(reading);
      double onFace = Math.min(reach, distance + bh / 2) - Math.max(0, distance - bh / 2);
      for (Item item : laid.items()) {
        Box seen = item.visible();
        assertThat(seen.leftMm()).isGreaterThanOrEqualTo(-1e-6);
        assertThat(seen.topMm()).isGreaterThanOrEqualTo(-1e-6);
        assertThat(seen.rightMm()).isLessThanOrEqualTo(w + 1e-6);
        assertThat(seen.bottomMm()).isLessThanOrEqualTo(h + 1e-6);
        double tall = edge.isLevel() ? seen.heightMm() : seen.widthMm();
        assertThat(tall).isCloseTo(onFace, within(1e-6));
        assertThat(item.share()).isCloseTo(seen.areaMm2() / (bw * bh), within(1e-6));
      }
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = Way.Alone.class,
      names = {"STAND_TOP_RAIL", "STAND_BOTTOM_RAIL", "STAND_LEFT_STILE", "STAND_RIGHT_STILE"})
  void theRailsAndStilesOfADoorArePlaces(Way.Alone way) {
    PlanReading reading = onADoor(moulding(61.3, 22.7));
    LayReading.Laid laid = laid(reading);
    Item item =
        laid.options().stream()
            .filter(o -> o.arrangement().way() == way)
            .findFirst()
            .orElseThrow()
            .items()
            .getFirst();
    var door = reading.face(laid.lay().faceId());
    Box inset = boxOf(door);
    double w = door.face().outline().widthMm();
    double h = door.face().outline().heightMm();
    double x =
        switch (way) {
          case STAND_LEFT_STILE -> inset.leftMm() / 2;
          case STAND_RIGHT_STILE -> (inset.rightMm() + w) / 2;
          default -> w / 2;
        };
    double y =
        switch (way) {
          case STAND_TOP_RAIL -> inset.topMm() / 2;
          case STAND_BOTTOM_RAIL -> (inset.bottomMm() + h) / 2;
          default -> inset.centre().yMm();
        };
    assertThat(item.centre().xMm()).isCloseTo(x, within(1e-6));
    assertThat(item.centre().yMm()).isCloseTo(y, within(1e-6));
  }

  private static Box boxOf(PlanReading.FaceReading door) {
    var e = door.insets().getFirst().getEnvelopeInternal();
    return new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
  }

  private static PlanReading onADoor(Design design) {
    FormNote form = new FormNote(FormKind.CUPBOARD, Map.of(), Map.of());
    PlanReading bare =
        new PlanReader(Shelves.empty(), TapeDivision.MM_1)
            .read(new Plan("P", form, Map.of(), List.of()));
    String door =
        bare.faces().stream()
            .filter(f -> !f.insets().isEmpty())
            .findFirst()
            .orElseThrow()
            .face()
            .id();
    return read(form, door, design, RuleKind.SINGLE, MeasureSheet.blank());
  }

  /** In the middle of a door it lies over the panel; on a rail that is wide enough it does not. */
  @Test
  void whatLiesOverASetInPanelIsTold() {
    PlanReading reading = onADoor(moulding(61.3, 22.7));
    LayReading.Laid laid = laid(reading);
    assertThat(LayFindings.of(reading.face(laid.lay().faceId()).face(), laid, TapeDivision.MM_1))
        .anyMatch(
            f ->
                f.rule() == FindingRule.OVER_THE_INSET
                    && Math.abs(((Figure.Length) f.figures().getFirst()).mm() - 22.7) < 1e-6);
  }

  @Test
  void aPrintThatReachesInFromBothSidesIsAsDeepAsTheDeeperOfThem() {
    PlanReading reading =
        sign(
            300,
            200,
            moulding(61.3, 42.7),
            RuleKind.SINGLE,
            new MeasureSheet(Map.of("x", 150.0, "y", 100.0), Map.of("placed", "YES")));
    List<Item> items = laid(reading).items();
    Envelope print = items.getFirst().box().around().envelope();
    // a panel with a way through it that is narrower than the print
    Geometry left =
        GEOMETRY.toGeometry(new Envelope(print.getMinX() - 50, print.getMinX() + 5.3, 0, 200));
    Geometry right =
        GEOMETRY.toGeometry(new Envelope(print.getMaxX() - 3.1, print.getMaxX() + 50, 0, 200));
    assertThat(Overhang.intoInsets(List.of(left.union(right)), items)).isCloseTo(5.3, within(1e-6));
  }

  @Test
  void whatDoesNothingForADesignIsNotAsked() {
    assertThat(RuleKind.SINGLE.idle(moulding(50, 30)))
        .containsExactlyInAnyOrder("mirrored", "scale");
    assertThat(RuleKind.SINGLE.idle(Shapes.block(50, 30, 90, 70))).containsExactly("scale");
    assertThat(RuleKind.RUN.idle(moulding(50, 30))).isEmpty();
    for (DesignKind kind : DesignKind.values()) {
      Design design =
          kind.read(
              new Card("d", "D", "", "", Rights.MAY_BE_SOLD),
              MeasureSheet.blank(),
              Optional.empty());
      for (RuleKind rule : RuleKind.suiting(design)) {
        MeasureSheet asked = MeasureSheet.blank();
        rule.read(asked, List.of(new Point(0, 0), new Point(90, 30)), "Tide");
        assertThat(asked.entries().stream().map(MeasureSheet.Entry::key))
            .as("%s of %s names its own questions", rule, kind)
            .containsAll(rule.idle(design));
      }
    }
  }
}
