package craftmap.core.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Point;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RectangleSeenTest {
  private static List<Spot> corners(Camera camera, double width, double height) {
    return Stream.of(
            new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height))
        .map(p -> camera.seen(p, width, height))
        .toList();
  }

  @Test
  void aBoardSeenAskewTellsItsOtherSide() {
    Camera camera =
        Camera.lookingAt(
            new craftmap.core.form.Vec(900, 700, 1300),
            new craftmap.core.form.Vec(0, 0, 0),
            0.03,
            0.83,
            2400,
            1800,
            0);
    RectangleSeen seen = RectangleSeen.of(corners(camera, 941.3, 402.7), 2400, 1800);

    assertThat(seen.camera()).isEqualTo(RectangleSeen.Camera.FROM_ITS_ANGLES);
    assertThat(seen.timesAsWide()).isCloseTo(941.3 / 402.7, within(1e-3));
    assertThat(seen.within()).isPositive();
  }

  @Test
  void seenFromTheFrontItIsTakenAsATelephoneSees() {
    List<Spot> corners =
        List.of(new Spot(400, 300), new Spot(2000, 300), new Spot(2000, 1100), new Spot(400, 1100));
    RectangleSeen seen = RectangleSeen.of(corners, 2400, 1697);

    assertThat(seen.camera()).isEqualTo(RectangleSeen.Camera.AS_USUAL);
    assertThat(seen.timesAsWide()).isCloseTo(2, within(1e-6));
  }

  @Test
  void theOtherSideLiesWithinWhatIsTold() {
    Random dice = new Random(81);
    int within = 0;
    int byAngles = 0;
    for (int n = 0; n < 400; n++) {
      double width = 307.9 + dice.nextDouble() * 1100;
      double height = 203.3 + dice.nextDouble() * 800;
      Camera camera = Camera.somewhereBefore(width, height, 0, dice);
      List<Spot> byHand =
          corners(camera, width, height).stream()
              .map(
                  s ->
                      new Spot(
                          s.xPx() + dice.nextGaussian() * 2.4, s.yPx() + dice.nextGaussian() * 2.4))
              .toList();
      RectangleSeen seen = RectangleSeen.of(byHand, 2400, 1697);
      within += Math.abs(seen.timesAsWide() - width / height) <= seen.within() ? 1 : 0;
      byAngles += seen.camera() == RectangleSeen.Camera.FROM_ITS_ANGLES ? 1 : 0;
    }
    assertThat(within / 400.0).isGreaterThan(0.9);
    assertThat(byAngles).as("both kinds were tried").isBetween(40, 390);
  }
}
