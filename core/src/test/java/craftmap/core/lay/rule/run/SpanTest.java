package craftmap.core.lay.rule.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.plane.Contour;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.FrameOutline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.TrapeziumOutline;
import org.junit.jupiter.api.Test;

class SpanTest {
  @Test
  void onARectangleItIsTheWholeEdge() {
    assertThat(Span.on(new RectangleOutline(870, 420), Edge.TOP, 100, 60))
        .contains(new Span(0, 870));
    assertThat(Span.on(new RectangleOutline(870, 420), Edge.LEFT, 100, 60))
        .contains(new Span(0, 420));
  }

  @Test
  void onACircleItIsTheShorterChordOfTheBand() {
    // radius 300; the band from 70 to 130 down: its upper line is 230 above the middle
    Span span = Span.on(OvalOutline.circle(600), Edge.TOP, 100, 60).orElseThrow();
    double half = Math.sqrt(300 * 300 - 230 * 230);
    assertThat(span.fromMm()).isCloseTo(300 - half, within(0.2));
    assertThat(span.lengthMm()).isCloseTo(2 * half, within(0.4));
    Span middle = Span.on(OvalOutline.circle(600), Edge.TOP, 300, 60).orElseThrow();
    assertThat(middle.lengthMm())
        .isCloseTo(2 * Math.sqrt(300 * 300 - 30 * 30), within(2 * Contour.FLATNESS_MM + 0.01));
  }

  @Test
  void fromTheBottomItIsMeasuredUpwards() {
    TrapeziumOutline wideFoot = new TrapeziumOutline(200, 600, 400);
    double atFoot = Span.on(wideFoot, Edge.BOTTOM, 50, 20).orElseThrow().lengthMm();
    double atHead = Span.on(wideFoot, Edge.TOP, 50, 20).orElseThrow().lengthMm();
    // 400 of taper over 400 of height: at 60 up from the foot 540 are left, at 40 down 240
    assertThat(atFoot).isCloseTo(540, within(1e-6));
    assertThat(atHead).isCloseTo(240, within(1e-6));
  }

  @Test
  void acrossAnOpeningTheLongestStretchCounts() {
    FrameOutline frame = new FrameOutline(800, 600, 150, 100, 100, FrameOutline.Shape.RECTANGLE);
    assertThat(Span.on(frame, Edge.TOP, 50, 40)).contains(new Span(0, 800));
    Span rail = Span.on(frame, Edge.TOP, 300, 40).orElseThrow();
    assertThat(rail.fromMm()).isZero();
    assertThat(rail.toMm()).isCloseTo(150, within(1e-6));
  }

  @Test
  void whereTheBandLiesNowhereWhollyOnTheFaceThereIsNone() {
    assertThat(Span.on(OvalOutline.circle(100), Edge.TOP, 20, 60)).isEmpty();
  }
}
