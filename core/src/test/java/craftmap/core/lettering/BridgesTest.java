package craftmap.core.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.Artwork;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

class BridgesTest {
  private static Area disc(double x, double y, double radius) {
    return new Area(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
  }

  private static Area ring(double x, double y, double outer, double inner) {
    Area ring = disc(x, y, outer);
    ring.subtract(disc(x, y, inner));
    return ring;
  }

  private static int islands(List<Area> openings) {
    int islands = 0;
    for (Area opening : openings) {
      Geometry outline = Artwork.of(List.of(opening)).outline();
      for (int i = 0; i < outline.getNumGeometries(); i++) {
        islands += ((Polygon) outline.getGeometryN(i)).getNumInteriorRing();
      }
    }
    return islands;
  }

  private static double area(List<Area> openings) {
    return openings.stream().mapToDouble(o -> Artwork.of(List.of(o)).outline().getArea()).sum();
  }

  @Test
  void whatHasNoIslandStaysAsItIs() {
    List<Area> open = List.of(disc(20, 20, 15), new Area(new Rectangle2D.Double(40, 0, 7, 30)));
    Bridges.Bridged bridged = Bridges.bridge(open, 1.5);
    assertThat(bridged.islands()).isZero();
    assertThat(bridged.bridges()).isEmpty();
    assertThat(area(bridged.openings())).isEqualTo(area(open));
  }

  @Test
  void theMiddleOfARingIsHeldFromAboveAndBelow() {
    Bridges.Bridged bridged = Bridges.bridge(List.of(ring(30, 30, 25, 14)), 2);
    assertThat(bridged.islands()).isEqualTo(1);
    assertThat(bridged.bridges()).hasSize(2);
    for (Bridges.Bridge b : bridged.bridges()) {
      assertThat(b.from().xMm()).isCloseTo(30, within(0.01));
      assertThat(b.to().xMm()).isCloseTo(30, within(0.01));
      // over the stroke of 11 and a little into what it holds on both sides
      assertThat(b.from().distanceMm(b.to())).isBetween(11.0, 12.5);
    }
    assertThat(islands(bridged.openings())).isZero();
  }

  @Test
  void aSmallIslandHasOneBridgeOnly() {
    Bridges.Bridged bridged = Bridges.bridge(List.of(ring(30, 30, 14, 3)), 2);
    assertThat(bridged.bridges()).hasSize(1);
    assertThat(islands(bridged.openings())).isZero();
  }

  /** The thinner side is bridged, though that goes aslant or level. */
  @Test
  void aBridgeGoesWhereTheLeastIsLost() {
    Area opening = new Area(new Rectangle2D.Double(0, 0, 60, 100));
    // 2 of stroke to its left and right, 30 over and under it
    opening.subtract(new Area(new Rectangle2D.Double(2, 30, 56, 40)));
    Bridges.Bridged bridged = Bridges.bridge(List.of(opening), 3);
    assertThat(bridged.bridges()).hasSize(2);
    for (Bridges.Bridge b : bridged.bridges()) {
      assertThat(b.from().yMm()).isCloseTo(b.to().yMm(), within(0.01));
    }
  }

  @Test
  void anIslandWithinAnIslandIsHeldByTheSheetAtLast() {
    Area target = ring(50, 50, 45, 35);
    target.add(ring(50, 50, 25, 15));
    Bridges.Bridged bridged = Bridges.bridge(List.of(target), 2.4);
    assertThat(bridged.islands()).isEqualTo(2);
    assertThat(islands(bridged.openings())).isZero();
    // what is left of the film hangs together: with a frame round it, it is of one piece
    Area film = new Area(new Rectangle2D.Double(-10, -10, 120, 120));
    bridged.openings().forEach(film::subtract);
    assertThat(Artwork.of(List.of(film)).outline().getNumGeometries()).isEqualTo(1);
  }

  /** Over seeded words in every style: nothing falls out, and no more is lost than the bridges. */
  @Tag("thorough")
  @ParameterizedTest
  @EnumSource(LetterStyle.class)
  void noLetterLosesItsMiddle(LetterStyle style) {
    String[] words = {"Salt&Marsh", "80%", "gBQ@d", "Boats 69", "ÄÖÅ", "Reed", "a8p", "#4"};
    Random chance = new Random(20_261_130);
    int held = 0;
    for (int i = 0; i < 12; i++) {
      double cap = 9.3 + 60 * chance.nextDouble();
      double width = 0.6 + cap / 25 * chance.nextDouble();
      List<Area> openings =
          new Letters(words[chance.nextInt(words.length)], style, 0.08).straight(cap);
      Bridges.Bridged bridged = Bridges.bridge(openings, width);
      assertThat(bridged.islands()).isEqualTo(islands(openings));
      assertThat(islands(bridged.openings())).as("%s of %s", style, cap).isZero();
      double lost = area(openings) - area(bridged.openings());
      double bars =
          bridged.bridges().stream()
              .mapToDouble(b -> b.from().distanceMm(b.to()) * b.widthMm())
              .sum();
      assertThat(lost).isBetween(-1e-6, bars + 1e-6);
      List<Double> widths = new ArrayList<>();
      bridged.bridges().forEach(b -> widths.add(b.widthMm()));
      assertThat(widths).allMatch(w -> w == width);
      held += bridged.islands();
    }
    // letters drawn as a stencil's are open already
    assertThat(held > 5).isEqualTo(style != LetterStyle.STENCIL);
  }
}
