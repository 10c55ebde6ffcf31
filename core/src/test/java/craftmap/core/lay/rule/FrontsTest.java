package craftmap.core.lay.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.design.DesignKind;
import craftmap.core.lay.Room;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FrontsTest {
  private static Fronts fronts(Box... boxes) {
    List<Fronts.Front> all = new ArrayList<>();
    for (Box b : boxes) {
      Room room =
          Room.on(
              Bench.face(new RectangleOutline(b.widthMm(), b.heightMm()), Marks.NONE),
              DesignKind.TRANSFER);
      all.add(new Fronts.Front(room, new Point(b.leftMm(), b.topMm())));
    }
    return Fronts.of(all, 0);
  }

  @Test
  void oneFaceHasNoGaps() {
    assertThat(fronts(new Box(30, 40, 200, 100)).haveGaps()).isFalse();
  }

  @Test
  void facesThatTouchHaveNoGaps() {
    assertThat(fronts(new Box(0, 0, 200, 100), new Box(200, 0, 150, 100)).haveGaps()).isFalse();
  }

  @Test
  void theOrderInWhichFacesWereChosenDoesNotMatter() {
    Fronts one = fronts(new Box(0, 0, 200, 100), new Box(0, 104, 200, 100));
    Fronts two = fronts(new Box(0, 104, 200, 100), new Box(0, 0, 200, 100));
    assertThat(one.closedUp().all().get(1).at().yMm()).isEqualTo(100);
    assertThat(two.closedUp().all().get(0).at().yMm()).isEqualTo(100);
    assertThat(one.around()).isEqualTo(two.around());
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void pushedTogetherAGridHasNoGapAndKeepsEveryFace(long seed) {
    Random random = new Random(seed);
    int columns = 1 + random.nextInt(4);
    int rows = 1 + random.nextInt(4);
    List<Box> boxes = new ArrayList<>();
    double width = 0;
    double height = 0;
    double y = 0;
    for (int r = 0; r < rows; r++) {
      double h = 80 + random.nextInt(100);
      height += h;
      double x = 0;
      for (int c = 0; c < columns; c++) {
        boxes.add(new Box(x, y, 150, h));
        x += 150 + 3.5;
      }
      y += h + 6.25;
    }
    width = columns * 150;
    Fronts closed = fronts(boxes.toArray(Box[]::new)).closedUp();
    assertThat(closed.around().widthMm()).isCloseTo(width, within(1e-9));
    assertThat(closed.around().heightMm()).isCloseTo(height, within(1e-9));
    assertThat(closed.haveGaps()).isFalse();
    double area = closed.all().stream().mapToDouble(f -> f.box().areaMm2()).sum();
    assertThat(area).isCloseTo(width * height, within(1e-6));
  }
}
