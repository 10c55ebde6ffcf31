package craftmap.core.lay.rule.border;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.SvgReader;
import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Rights;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.QuadOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

class CornersTest {
  /** A foot of a letter: neither its own mirror image nor its own image about the diagonal. */
  private static final String HOOK = "M10 10H60V20H20V90H10Z";

  private static final String DISC = "M60 20A40 40 0 1 1 59.9 20Z";

  private static Design design(DesignKind kind, String path, Map<String, String> choices) {
    var drawn =
        SvgReader.read(
            "<svg width='120mm' height='120mm' viewBox='0 0 120 120'><path d='"
                + path
                + "'/></svg>");
    var shape = kind == DesignKind.STENCIL ? drawn.openings() : drawn.silhouette();
    Picture picture = new Picture(120, 120, Optional.of(shape), Optional.empty(), List.of());
    return kind.read(
        new Card("d", "D", "d", "", Rights.MAY_BE_SOLD),
        new MeasureSheet(Map.of(), choices),
        Optional.of(picture));
  }

  private static final Corners CORNERS = new Corners(20, Corners.Which.ALL);

  private static LayOption of(List<LayOption> options, Way way) {
    return options.stream().filter(o -> o.arrangement().way() == way).findFirst().orElseThrow();
  }

  @Test
  void mirroredCornersAreMirrorImagesOfEachOther() {
    LayOption mirrored =
        of(
            Bench.lay(
                CORNERS,
                new RectangleOutline(700, 500),
                design(DesignKind.STENCIL, HOOK, Map.of())),
            Way.InCorners.CORNERS_MIRRORED);
    List<Geometry> prints = mirrored.items().stream().map(Item::print).toList();
    Geometry across = new AffineTransformation(-1, 0, 700, 0, 1, 0).transform(prints.get(0));
    Geometry down = new AffineTransformation(1, 0, 0, 0, -1, 500).transform(prints.get(0));
    assertThat(across.symDifference(prints.get(1)).getArea()).isLessThan(1e-6);
    assertThat(down.symDifference(prints.get(3)).getArea()).isLessThan(1e-6);
    assertThat(mirrored.items().getFirst().box().around().leftMm()).isCloseTo(20, within(1e-9));
    assertThat(mirrored.standing())
        .isLessThan(
            of(
                    Bench.lay(
                        CORNERS,
                        new RectangleOutline(700, 500),
                        design(DesignKind.STENCIL, HOOK, Map.of())),
                    Way.InCorners.CORNERS_TURNED)
                .standing());
  }

  @Test
  void whatSticksOnOneSideIsTurnedAndNeverMirrored() {
    List<LayOption> options =
        Bench.lay(
            CORNERS,
            new RectangleOutline(700, 500),
            design(DesignKind.ADHESIVE_STENCIL, HOOK, Map.of()));
    assertThat(options)
        .extracting(o -> o.arrangement().way())
        .containsExactly(Way.InCorners.CORNERS_TURNED);
    assertThat(options.getFirst().items()).noneMatch(i -> i.at().mirrored());
  }

  @Test
  void handedPairsGiveALeftAndARightOneInTurn() {
    LayOption pairs =
        of(
            Bench.lay(
                CORNERS,
                new RectangleOutline(700, 500),
                design(DesignKind.MOULDING, HOOK, Map.of("form", "HANDED_PAIR"))),
            Way.InCorners.CORNERS_PAIRS);
    assertThat(pairs.items())
        .extracting(i -> i.at().mirrored())
        .containsExactly(false, true, false, true);
  }

  @Test
  void aRoundPieceCutInQuartersFillsFourCornersFromOne() {
    LayOption quarters =
        of(
            Bench.lay(
                new Corners(0, Corners.Which.ALL),
                new RectangleOutline(700, 500),
                design(DesignKind.MOULDING, DISC, Map.of("quarters", "YES"))),
            Way.InCorners.CORNERS_QUARTERS);
    assertThat(((CornerSet) quarters.arrangement()).pieces()).isEqualTo(1);
    assertThat(quarters.items()).hasSize(4);
    assertThat(quarters.items())
        .allSatisfy(i -> assertThat(i.share()).isCloseTo(0.25, within(0.002)));
  }

  @Test
  void onAnOutOfSquareFrontEachCornerLiesAlongItsOwnEdges() {
    QuadOutline front = new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.empty());
    for (LayOption option : Bench.lay(CORNERS, front, design(DesignKind.STENCIL, HOOK, Map.of()))) {
      for (Item item : option.items()) {
        double clear = front.region().getBoundary().distance(item.box().polygon());
        assertThat(clear).isCloseTo(20, within(1e-3));
      }
    }
  }

  @Test
  void aRoundFaceHasNoCorners() {
    assertThat(
            Bench.lay(CORNERS, OvalOutline.circle(400), design(DesignKind.STENCIL, HOOK, Map.of())))
        .isEmpty();
  }
}
