package craftmap.core.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.ColourFamily;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PicturesTest {
  private interface Paint {
    int at(int x, int y);
  }

  private static Pixels picture(int w, int h, Paint paint) {
    int[] argb = new int[w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        argb[y * w + x] = 0xFF000000 | paint.at(x, y);
      }
    }
    return new Pixels(w, h, argb);
  }

  /** A leaf-like motif that has no symmetry of its own. */
  private static Paint motifs(int pitchX, int pitchY, boolean halfDrop) {
    int[] seeds = new Random(5).ints(24, 0, 1 << 16).toArray();
    return (x, y) -> {
      int column = Math.floorDiv(x, pitchX);
      int drop = halfDrop && column % 2 != 0 ? pitchY / 2 : 0;
      double u = Math.floorMod(x, pitchX) / (double) pitchX;
      double v = Math.floorMod(y + drop, pitchY) / (double) pitchY;
      for (int s : seeds) {
        double du = u - (0.15 + 0.7 * (s & 0xFF) / 255.0);
        double dv = v - (0.15 + 0.7 * (s >> 8 & 0xFF) / 255.0);
        if (du * du + dv * dv < 0.002) {
          return 0x2F5D50;
        }
      }
      return 0xF3ECDC;
    };
  }

  @Tag("thorough")
  @ParameterizedTest
  @CsvSource({"600, 600, 120, 90", "640, 480, 150, 150", "500, 700, 100, 140"})
  void aStraightRepeatIsFound(int w, int h, int pitchX, int pitchY) {
    RepeatFinder.Proposal found =
        RepeatFinder.find(picture(w, h, motifs(pitchX, pitchY, false))).orElseThrow();
    assertThat(found.pitchXShare() * w).isCloseTo(pitchX, within(1.5));
    assertThat(found.pitchYShare() * h).isCloseTo(pitchY, within(1.5));
    assertThat(found.halfDrop()).isFalse();
    assertThat(found.certainty()).isGreaterThan(0.9);
  }

  @Test
  void aHalfDropIsToldFromAStraightRepeat() {
    RepeatFinder.Proposal found =
        RepeatFinder.find(picture(640, 640, motifs(80, 120, true))).orElseThrow();
    assertThat(found.halfDrop()).isTrue();
    assertThat(found.pitchXShare() * 640).isCloseTo(80, within(1.5));
    assertThat(found.pitchYShare() * 640).isCloseTo(120, within(1.5));
  }

  @Test
  void thinLinesThatFallBetweenCoarsePixelsAreFoundToo() {
    Pixels lattice =
        picture(
            640,
            896,
            (x, y) -> {
              double u = Math.floorMod(x, 320) / 320.0;
              double v = (y + (u < 0.5 ? 0 : 89.6)) / 179.2;
              double across = Math.abs(Math.sin(2 * Math.PI * u)) * 0.5;
              double off = Math.abs(v - Math.floor(v) - 0.5);
              return Math.abs(off - across) < 0.02 ? 0xD9BC6A : 0x23474F;
            });
    RepeatFinder.Proposal found = RepeatFinder.find(lattice).orElseThrow();
    assertThat(found.pitchYShare() * 896).isCloseTo(179.2, within(1.5));
    assertThat(found.halfDrop()).isTrue();
    assertThat(found.pitchXShare() * 640).isCloseTo(160, within(1.5));
  }

  @Test
  void whatDoesNotRepeatGetsNoProposal() {
    Random random = new Random(3);
    assertThat(RepeatFinder.find(picture(300, 300, (x, y) -> random.nextInt(0xFFFFFF)))).isEmpty();
    assertThat(RepeatFinder.find(picture(300, 300, (x, y) -> 0xF3ECDC))).isEmpty();
    assertThat(
            RepeatFinder.find(
                picture(300, 300, (x, y) -> Math.hypot(x - 150, y - 150) < 90 ? 0xB1492A : ~0)))
        .isEmpty();
  }

  @Test
  void theBackgroundIsWhatMostOfTheRimHas() {
    Background ground =
        Background.of(
                picture(
                    400, 300, (x, y) -> Math.hypot(x - 200, y - 150) < 80 ? 0x1E5A63 : 0xF3ECDC))
            .orElseThrow();
    assertThat(ground.colour().hex()).isEqualTo("#F3ECDC");
    assertThat(ground.share()).isCloseTo(1 - Math.PI * 80 * 80 / (400 * 300), within(0.01));
  }

  @Test
  void aPictureToTheRimHasNoBackground() {
    Random random = new Random(1);
    assertThat(Background.of(picture(200, 200, (x, y) -> random.nextInt(0xFFFFFF)))).isEmpty();
  }

  @Test
  void thePaletteWeighsWhatIsCovered() {
    Palette palette = Palette.of(picture(300, 100, (x, y) -> x < 225 ? 0x1E5A63 : 0xB1492A));
    assertThat(palette.shares().getFirst().colour()).isEqualTo(new Colour("#1E5A63"));
    assertThat(palette.shares().getFirst().share()).isCloseTo(0.75, within(0.01));
    assertThat(palette.shares()).hasSize(2);
  }

  @ParameterizedTest
  @CsvSource({
    "#F3ECDC, WHITE", "#1E5A63, TEAL", "#B1492A, RED", "#56733A, GREEN", "#C79A2E, YELLOW",
    "#25313A, BLACK", "#7B3A5E, PINK", "#6B4A2F, BROWN", "#3A5FA0, BLUE", "#9A9A98, GREY"
  })
  void coloursBelongToTheFamilyPeopleCallThem(String hex, ColourFamily family) {
    ColourFamily found = ColourFamily.of(new Colour(hex));
    if (family == ColourFamily.PINK) {
      assertThat(found).isIn(ColourFamily.PINK, ColourFamily.PURPLE, ColourFamily.RED);
    } else if (hex.equals("#25313A")) {
      assertThat(found)
          .isIn(ColourFamily.BLACK, ColourFamily.BLUE, ColourFamily.TEAL, ColourFamily.GREY);
    } else {
      assertThat(found).isEqualTo(family);
    }
  }

  @Test
  void aDrawingIsScaledByOneKnownMeasureCroppedAndWrittenClean() {
    Drawing drawing =
        SvgReader.read(
            "<svg width='200' height='100'><rect x='20' y='10' width='50' height='40'"
                + " fill='#1E5A63'/><circle cx='150' cy='50' r='20' fill='none' stroke='#B1492A'"
                + " stroke-width='4' stroke-linecap='round'/></svg>");
    assertThat(drawing.trueSize()).isFalse();
    Drawing scaled = drawing.scaledBy(300 / drawing.widthMm());
    assertThat(scaled.trueSize()).isTrue();
    assertThat(scaled.heightMm()).isCloseTo(150, within(1e-9));
    Drawing cropped = scaled.cropped(new Box(0, 0, 150, 100));
    assertThat(cropped.widthMm()).isEqualTo(150);
    Drawing again = SvgReader.read(cropped.svg());
    assertThat(again.widthMm()).isCloseTo(150, within(1e-6));
    assertThat(again.shapeCount()).isEqualTo(2);
    assertThat(again.openings().areaMm2() / cropped.openings().areaMm2())
        .isCloseTo(1, within(1e-5));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> scaled.cropped(new Box(200, 0, 150, 100)));
  }
}
