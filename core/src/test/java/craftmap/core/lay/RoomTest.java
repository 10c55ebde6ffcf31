package craftmap.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.Design;
import craftmap.core.design.Shapes;
import craftmap.core.lay.rule.Bench;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class RoomTest {
  private static final Outline CHEST = new RectangleOutline(531.7, 388.9);

  private static final List<Outline> OUTLINES =
      List.of(
          CHEST,
          CHEST,
          new OvalOutline(531.7, 388.9),
          new CylinderOutline(171.3, 388.9),
          new ConeOutline(211.3, 157.9, 301.7));

  /** So little is not cut off by anybody. */
  private static final double AS_GOOD_AS_WHOLE = 1e-4;

  private static final List<Design> DESIGNS =
      List.of(Shapes.block(61.3, 39.7, 90.1, 70.9), Shapes.starAndMoon());

  /** A copy as an overlay of the whole print with the whole free area would cut it. */
  private static void isCutAsByAnOverlay(Room room, Design design, Placement at, String what) {
    Geometry print = Item.wholePrint(design, at);
    double shown = Planar.intersection(print, room.free()).getArea();
    Optional<Item> item = room.placeFree(design, at);
    double share = shown / print.getArea();
    if (item.isEmpty()) {
      assertThat(share).as(what).isLessThan(1.001e-3);
      return;
    }
    assertThat(item.get().share()).as(what).isCloseTo(share, within(2e-4));
    assertThat(item.get().printMm2())
        .as("%s: what is painted or glued", what)
        .isCloseTo(shown, within(2e-4 * print.getArea()));
    assertThat(Planar.difference(item.get().print(), room.free()).getArea())
        .as("%s: nothing lies where nothing may", what)
        .isLessThan(AS_GOOD_AS_WHOLE * print.getArea() + 1e-6);
  }

  @Test
  void whatIsCutByEdgesAndKeepOutsShowsAsMuchAsAnOverlayLeaves() {
    Random random = new Random(61_553);
    for (int round = 0; round < 400; round++) {
      Outline outline = OUTLINES.get(random.nextInt(OUTLINES.size()));
      List<KeepOut> plates = new ArrayList<>();
      // a rolled-up face with nothing to keep clear of goes on beyond its seam
      int fewest = outline instanceof CylinderOutline || outline instanceof ConeOutline ? 1 : 0;
      for (int i = fewest + random.nextInt(6); i > 0; i--) {
        Box plate =
            new Box(
                random.nextDouble() * 500,
                random.nextDouble() * 350,
                7.3 + random.nextDouble() * 90,
                5.1 + random.nextDouble() * 70);
        plates.add(new KeepOut("k" + i, "plate", new Area.Upright(plate), Set.of()));
      }
      Marks marks = Marks.ofKeepOuts(plates);
      Design design = DESIGNS.get(random.nextInt(DESIGNS.size()));
      Room room = Room.on(Bench.face(outline, marks), design.kind());
      if (random.nextInt(3) == 0) {
        room =
            room.around(
                List.of(Item.whole(design, Placement.at(new Point(211.3, 187.9)), false)),
                random.nextDouble() * 17);
      }
      double turn = random.nextBoolean() ? 90.0 * random.nextInt(4) : random.nextDouble() * 360;
      Placement at =
          Placement.at(
                  new Point(random.nextDouble() * 640 - 50, random.nextDouble() * 490 - 50), turn)
              .scaledBy(random.nextBoolean() ? 1 : 0.4 + random.nextDouble());
      if (random.nextBoolean()) {
        at = at.mirroredAt(at.centre().xMm());
      }
      isCutAsByAnOverlay(room, design, at, "round %d: %s".formatted(round, at));
    }
  }

  @Test
  void whatTouchesTheEdgeFromOutsideIsNotOnTheFace() {
    Design block = DESIGNS.getFirst();
    Room room = Room.on(Bench.face(CHEST, Bench.plate(new Box(9, 9, 3, 3))), block.kind());
    assertThat(room.placeFree(block, Placement.at(new Point(-61.3 / 2, 200.3)))).isEmpty();
    assertThat(room.placeFree(block, Placement.at(new Point(531.7 + 61.3 / 2, 200.3)))).isEmpty();
    Item half = room.placeFree(block, Placement.at(new Point(0, 200.3))).orElseThrow();
    assertThat(half.share()).isCloseTo(0.5, within(1e-9));
  }
}
