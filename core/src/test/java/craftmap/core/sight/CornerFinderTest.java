package craftmap.core.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.Pixels;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class CornerFinderTest {
  private static final double WIDE_MM = 823.7;
  private static final double HIGH_MM = 411.9;
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 850;

  /** A board with grain before a wall, as a camera sees it, with the noise of a dim room. */
  private static Pixels photo(Camera camera, Random dice) {
    List<Pin> pins = new ArrayList<>();
    for (Point p : corners()) {
      pins.add(new Pin(p, camera.seen(p, WIDE_MM, HIGH_MM)));
    }
    Sighting sighting = Sighting.of(pins, WIDTH, HEIGHT);
    int[] argb = new int[WIDTH * HEIGHT];
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        double bright = 0;
        for (double sx : new double[] {0.25, 0.75}) {
          for (double sy : new double[] {0.25, 0.75}) {
            Point on = sighting.onFace(new Spot(x + sx, y + sy));
            boolean board =
                on.xMm() > 0 && on.xMm() < WIDE_MM && on.yMm() > 0 && on.yMm() < HIGH_MM;
            bright += (board ? 118 + 6 * Math.sin(on.yMm() / 7) : 171 + x * 0.02) / 4;
          }
        }
        int grey = (int) Math.clamp(bright + dice.nextGaussian() * 3, 0, 255);
        argb[y * WIDTH + x] = 0xFF000000 | grey << 16 | grey << 8 | grey;
      }
    }
    return new Pixels(WIDTH, HEIGHT, argb);
  }

  private static List<Point> corners() {
    return List.of(
        new Point(0, 0), new Point(WIDE_MM, 0), new Point(WIDE_MM, HIGH_MM), new Point(0, HIGH_MM));
  }

  private static Camera camera(Random dice) {
    Camera big = Camera.somewhereBefore(WIDE_MM, HIGH_MM, 0, dice);
    return new Camera(big.at(), big.right(), big.up(), big.away(), big.focal(), WIDTH, HEIGHT, 0);
  }

  /** The whole way: pointed at roughly, found, measured. */
  @Tag("thorough")
  @Test
  void cornersThatArePointedAtRoughlyMeasureWithinOneOfAHundred() {
    Random dice = new Random(91);
    int measured = 0;
    for (int n = 0; n < 12; n++) {
      Camera camera = camera(dice);
      Pixels photo = photo(camera, dice);
      List<Pin> pins = new ArrayList<>();
      for (Point corner : corners()) {
        Spot seen = camera.seen(corner, WIDE_MM, HIGH_MM);
        if (seen.xPx() < 20
            || seen.yPx() < 20
            || seen.xPx() > WIDTH - 20
            || seen.yPx() > HEIGHT - 20) {
          break;
        }
        Spot pointed =
            new Spot(
                seen.xPx() + dice.nextDouble() * 14 - 7, seen.yPx() + dice.nextDouble() * 14 - 7);
        Spot found = CornerFinder.near(photo, pointed, 18).orElseThrow();
        assertThat(found.distancePx(seen)).as("case %d at %s", n, seen).isLessThan(1.5);
        pins.add(new Pin(corner, found));
      }
      if (pins.size() < 4) {
        continue;
      }
      Sighting s = Sighting.of(pins, WIDTH, HEIGHT);
      Point a = new Point(103.9, 77.7);
      Point b = new Point(688.1, 330.3);
      double length =
          s.length(camera.seen(a, WIDE_MM, HIGH_MM), camera.seen(b, WIDE_MM, HIGH_MM)).mm();
      assertThat(length).isCloseTo(a.distanceMm(b), within(a.distanceMm(b) / 100));
      measured++;
    }
    assertThat(measured).as("views in which all corners are on the photo").isGreaterThan(5);
  }

  @Test
  void noCornerIsMadeUpWhereThereIsNone() {
    Random dice = new Random(92);
    int[] argb = new int[WIDTH * HEIGHT];
    for (int i = 0; i < argb.length; i++) {
      int x = i % WIDTH;
      int grey = (int) Math.clamp((x > 600 ? 90 : 160) + dice.nextGaussian() * 2, 0, 255);
      argb[i] = 0xFF000000 | grey << 16 | grey << 8 | grey;
    }
    Pixels wall = new Pixels(WIDTH, HEIGHT, argb);

    assertThat(CornerFinder.near(wall, new Spot(300, 300), 20)).as("an even wall").isEmpty();
    assertThat(CornerFinder.near(wall, new Spot(601, 300), 20)).as("one edge").isEmpty();
  }

  @Test
  void aCornerAtTheEdgeOfThePhotoIsLookedForWithoutFault() {
    Pixels grey = new Pixels(30, 20, new int[600]);
    assertThat(CornerFinder.near(grey, new Spot(0, 0), 20)).isEmpty();
    assertThat(CornerFinder.near(grey, new Spot(29.9, 19.9), 500)).isEmpty();
  }
}
