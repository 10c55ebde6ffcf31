package craftmap.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class ConvexClipTest {
  /** A star with a hole: neither convex nor in one piece once it is cut. */
  private static Geometry star(Random random, Point middle, double size) {
    List<Point> corners = new ArrayList<>();
    int points = 3 + random.nextInt(30);
    for (int i = 0; i < 2 * points; i++) {
      double far = size * (i % 2 == 0 ? 1 : 0.15 + random.nextDouble() * 0.7);
      double turn = Math.PI * i / points;
      corners.add(middle.movedBy(far * Math.cos(turn), far * Math.sin(turn)));
    }
    Geometry whole = Planar.polygonThrough(corners);
    Geometry cutOut = Planar.difference(whole, Planar.disc(middle, size * 0.21));
    Geometry another = Planar.disc(middle.movedBy(size * 2.3, size * 0.7), size * 0.9);
    return random.nextBoolean() ? Planar.union(List.of(cutOut, another)) : cutOut;
  }

  @Tag("thorough")
  @Test
  void asMuchLiesInsideAsAnOverlayFinds() {
    Random random = new Random(88_213);
    for (int round = 0; round < 400; round++) {
      double size = Math.pow(10, random.nextDouble() * 3);
      Point middle = new Point(random.nextDouble() * 5_000, random.nextDouble() * 3_000);
      Geometry area = star(random, middle, size);
      Point at =
          middle.movedBy(
              (random.nextDouble() - 0.5) * 3 * size, (random.nextDouble() - 0.5) * size);
      Geometry clip =
          random.nextInt(4) == 0
              ? Planar.polygonThrough(
                  List.of(
                      at,
                      at.movedBy(size * 1.13, size * 0.37),
                      at.movedBy(size * 0.29, size * 1.71)))
              : new TurnedBox(
                      at,
                      size * (0.1 + random.nextDouble() * 2),
                      size * (0.1 + random.nextDouble() * 2),
                      random.nextInt(3) == 0 ? 90 : random.nextDouble() * 360)
                  .polygon();
      if (random.nextBoolean()) {
        clip = clip.reverse();
      }
      assertThat(ConvexClip.of(clip).orElseThrow().areaOf(area))
          .as("round %d: %s in %s", round, area, clip)
          .isCloseTo(
              Planar.intersection(area, clip).getArea(), within(1e-9 * (1 + area.getArea())));
    }
  }

  @Test
  void whatIsNotConvexIsNotTakenForIt() {
    Random random = new Random(3_119);
    assertThat(ConvexClip.of(star(random, new Point(40.3, 9.1), 30))).isEmpty();
    assertThat(
            ConvexClip.of(
                Planar.polygonThrough(
                    List.of(
                        new Point(0, 0),
                        new Point(10.3, 0),
                        new Point(10.3, 8.7),
                        new Point(6.1, 2.9)))))
        .isEmpty();
    assertThat(
            ConvexClip.of(
                Planar.union(
                    List.of(
                        Planar.polygon(new Box(0, 0, 3.1, 2.2)),
                        Planar.polygon(new Box(7, 0, 3.1, 2.2))))))
        .as("two parts")
        .isEmpty();
    assertThat(ConvexClip.of(Planar.union(List.of()))).as("nothing").isEmpty();
  }

  @Test
  void nothingOfWhatLiesElsewhereIsInside() {
    ConvexClip clip = ConvexClip.of(Planar.polygon(new Box(0, 0, 31.7, 12.3))).orElseThrow();
    assertThat(clip.areaOf(Planar.disc(new Point(200.1, 3.3), 17.9))).isZero();
    assertThat(clip.areaOf(Planar.polygon(new Box(31.7, 0, 5.5, 12.3))))
        .as("it touches")
        .isCloseTo(0, within(1e-9));
    assertThat(clip.areaOf(Planar.polygon(new Box(-5, -5, 99, 99))))
        .isCloseTo(31.7 * 12.3, within(1e-9));
  }

  /** It turns one way at each of its corners, and is none the less no clip. */
  @Test
  void aSlitIsNotTakenForASide() {
    Geometry slit =
        Planar.polygonThrough(
            List.of(
                new Point(187.6, 56.29),
                new Point(187.6, 33.71),
                new Point(23.4, 33.71),
                new Point(23.4, 56.29),
                new Point(105.5, 56.29),
                new Point(105.5, 52.14),
                new Point(105.5, 56.29)));
    assertThat(ConvexClip.of(slit)).isEmpty();
    assertThat(ConvexClip.of(slit.reverse())).isEmpty();
    assertThat(ConvexClip.of(Planar.polygonThrough(pentagram()))).as("a pentagram").isEmpty();
  }

  private static List<Point> pentagram() {
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      double turn = 4 * Math.PI * i / 5 + 0.37;
      corners.add(new Point(31.7 * Math.cos(turn), 31.7 * Math.sin(turn)));
    }
    return corners;
  }
}
