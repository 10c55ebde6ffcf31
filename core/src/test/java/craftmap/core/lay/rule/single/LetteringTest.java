package craftmap.core.lay.rule.single;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.artwork.StencilCheck;
import craftmap.core.design.CustomCut;
import craftmap.core.design.DesignKind;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lettering.LetterStyle;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Polygon;

class LetteringTest {
  private static LayOption lay(
      String text, Outline outline, Map<String, Double> measures, Map<String, String> choices) {
    return options(text, outline, measures, choices).getFirst();
  }

  private static List<LayOption> options(
      String text, Outline outline, Map<String, Double> measures, Map<String, String> choices) {
    LayAnswer answer =
        Lettering.read(new MeasureSheet(measures, choices), text)
            .lay(Laying.ofWords(Room.on(Bench.face(outline, Marks.NONE), DesignKind.CUSTOM_CUT)));
    return ((LayAnswer.Options) answer).ranked();
  }

  @Tag("thorough")
  @ParameterizedTest
  @EnumSource(LetterStyle.class)
  void everyStyleIsSizedToAWidthAndItsStencilHasNoIslands(LetterStyle style) {
    LayOption option =
        lay(
            "Bread & Biscuits 1840",
            new RectangleOutline(600, 300),
            Map.of("size", 420.0),
            Map.of("style", style.name()));
    Item item = option.items().getFirst();
    CustomCut cut = (CustomCut) item.design();
    assertThat(item.box().widthMm()).isCloseTo(420, within(2.0)); // bridges may take a rim off
    Wording words = (Wording) option.arrangement();
    assertThat(StencilCheck.of(cut.openings(), cut.sheetWidthMm(), cut.sheetHeightMm()).islands())
        .as(style.name())
        .isEmpty();
    // no letter is lost in a collection that nobody looks into
    var outline = cut.openings().outline();
    for (int i = 0; i < outline.getNumGeometries(); i++) {
      assertThat(outline.getGeometryN(i) instanceof Polygon).isTrue();
    }
    assertThat(outline.getArea() / cut.openings().areaMm2()).isCloseTo(1, within(0.005));
    if (style != LetterStyle.STENCIL) {
      assertThat(words.islands()).isPositive();
      assertThat(words.bridges()).hasSizeGreaterThanOrEqualTo(words.islands());
    }
  }

  @Test
  void vinylKeepsItsCountersAndTracksWider() {
    Map<String, String> vinyl = Map.of("film", "VINYL", "sized", "BY_CAPITALS", "style", "BLOCK");
    Outline front = new RectangleOutline(900, 300);
    LayOption near = lay("BOOM", front, Map.of("size", 40.0, "tracking", 0.0), vinyl);
    LayOption wide = lay("BOOM", front, Map.of("size", 40.0, "tracking", 50.0), vinyl);
    assertThat(((Wording) near.arrangement()).bridges()).isEmpty();
    assertThat(near.items().getFirst().print().toString()).contains("), ("); // holes are left
    // three gaps between four letters, each half a capital wider
    assertThat(wide.items().getFirst().box().widthMm() - near.items().getFirst().box().widthMm())
        .isCloseTo(3 * 20, within(1e-6));
  }

  @Test
  void capitalsAreAsHighAsAsked() {
    Item h =
        lay(
                "H",
                new RectangleOutline(300, 300),
                Map.of("size", 50.0),
                Map.of("sized", "BY_CAPITALS", "style", "TYPEWRITER"))
            .items()
            .getFirst();
    assertThat(h.box().heightMm()).isCloseTo(50, within(0.5));
  }

  @Test
  void bridgesAreAsWideAsTheFilmAsks() {
    for (double least : List.of(1.0, 2.5)) {
      Item o =
          lay(
                  "O",
                  new RectangleOutline(300, 300),
                  Map.of("size", 60.0, "least", least),
                  Map.of("sized", "BY_CAPITALS", "style", "BLOCK"))
              .items()
              .getFirst();
      CustomCut cut = (CustomCut) o.design();
      var bridge =
          StencilCheck.of(cut.openings(), cut.sheetWidthMm(), cut.sheetHeightMm())
              .bridge()
              .orElseThrow();
      assertThat(bridge.widthMm()).isCloseTo(least, within(0.05));
    }
  }

  @Test
  void twelveNumeralsStandRoundAClockTheTwelfthAtTheTop() {
    LayOption clock =
        lay(
            "12 1 2 3 4 5 6 7 8 9 10 11",
            OvalOutline.circle(300),
            Map.of("size", 22.0, "diameter", 230.0),
            Map.of("line", "RING", "style", "OLD_ROMAN"));
    assertThat(clock.items()).hasSize(12).allMatch(Item::isWhole);
    assertThat(clock.items().getFirst().design().name()).isEqualTo("12");
    Point three = clock.items().get(3).centre();
    assertThat(three.xMm()).isCloseTo(265, within(1e-6));
    assertThat(three.yMm()).isCloseTo(150, within(1e-6));
    assertThat(clock.items()).allMatch(i -> i.at().turnDeg() == 0);
  }

  @Test
  void onAnArcLettersTurnWithItAndTheWholeIsSymmetrical() {
    Map<String, Double> size = Map.of("size", 30.0, "diameter", 260.0, "least", 0.0);
    Map<String, String> vinyl = new HashMap<>(Map.of("sized", "BY_CAPITALS", "film", "VINYL"));
    vinyl.put("style", "BLOCK");
    vinyl.put("line", "ARC_ABOVE");
    Item above = lay("OHHO", new RectangleOutline(500, 400), size, vinyl).items().getFirst();
    assertThat(above.box().heightMm()).isGreaterThan(33);
    var mirror =
        new org.locationtech.jts.geom.util.AffineTransformation(
                -1, 0, 2 * above.centre().xMm(), 0, 1, 0)
            .transform(above.print());
    assertThat(mirror.symDifference(above.print()).getArea())
        .isLessThan(0.03 * above.print().getArea());
    vinyl.put("line", "ARC_BELOW");
    Item below = lay("OHHO", new RectangleOutline(500, 400), size, vinyl).items().getFirst();
    assertThat(below.box().widthMm()).isGreaterThan(60);
  }

  @Test
  void thinStrokesAreNamedAndWordsWithoutLettersRefused() {
    Wording thin =
        (Wording)
            lay(
                    "lily",
                    new RectangleOutline(500, 300),
                    Map.of("size", 12.0, "least", 1.5),
                    Map.of("sized", "BY_CAPITALS", "style", "SLENDER"))
                .arrangement();
    assertThat(thin.thin()).isNotEmpty();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Lettering.read(MeasureSheet.blank(), "漆"))
        .withMessageContaining("words (漆): has-no-letter-in-this-style");
    assertThat(
            Lettering.read(MeasureSheet.blank(), " ")
                .lay(
                    Laying.ofWords(
                        Room.on(
                            Bench.face(new RectangleOutline(300, 300), Marks.NONE),
                            DesignKind.CUSTOM_CUT))))
        .isEqualTo(new LayAnswer.NoRoom(LayAnswer.Reason.NO_WORDS));
  }
}
