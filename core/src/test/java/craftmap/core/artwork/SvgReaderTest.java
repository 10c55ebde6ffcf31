package craftmap.core.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SvgReaderTest {
  private static final Offset<Double> PART_IN_A_MILLION = within(1e-6);

  private static Artwork openings(String inside) {
    return SvgReader.read(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'"
                + " viewBox='0 0 100 100'>"
                + inside
                + "</svg>")
        .openings();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "<rect x='10' y='10' width='40' height='20'/> | 800",
        "<circle cx='50' cy='50' r='20'/> | 1256.6370614",
        "<ellipse cx='50' cy='50' rx='30' ry='10'/> | 942.4777961",
        "<polygon points='10,10 50,10 50,40'/> | 600",
        "<path d='M10 10h40v20h-40z'/> | 800",
        "<path d='M10,10 l40,0 0,20 -40,0'/> | 800",
        "<path d='M30 50a20 20 0 1 1 40 0a20 20 0 1 1-40 0z'/> | 1256.6370614",
        "<path d='M30 50a20 20 0 1140 0 20 20 0 11-40 0'/> | 1256.6370614",
        "<path d='M10 50Q30 10 50 50z'/> | 533.3333333",
        "<path d='M10 50Q20 30 30 50T50 50z'/> | 266.6666667",
        "<path d='M10 50C10 20 50 20 50 50z'/> | 720",
        "<path d='M10 50C10 20 30 20 30 50S50 80 50 50z'/> | 720",
        "<g transform='translate(5 5) scale(2)'><rect width='10' height='10'/></g> | 400",
        "<g transform='rotate(30 50 50)'><g transform='skewX(20)'><rect x='40' y='40' width='10' height='10'/></g></g> | 100",
        "<g fill='none'><rect width='10' height='10'/></g><rect x='20' width='10' height='10'/> | 100",
        "<rect width='20' height='20'/><rect x='10' y='10' width='20' height='20'/> | 700",
        "<rect x='90' y='90' width='20' height='20'/> | 100",
        "<rect width='20' height='20'/><rect x='5' y='5' width='10' height='10' fill='#fff'/> | 300",
        "<line x1='10' y1='10' x2='60' y2='10' stroke='black' stroke-width='4'/> | 200",
        "<path fill='none' stroke='black' stroke-width='2' stroke-linecap='square' d='M10 10h30'/> | 64",
        "<rect x='10' y='10' width='20' height='20' fill='none' stroke='#123' stroke-width='2'/> | 160",
      })
  void areaOfKnownShapesIsExact(String shape, double area) {
    assertThat(openings(shape).areaMm2() / area).isCloseTo(1, PART_IN_A_MILLION);
  }

  @Test
  void fillRulesDecideWhetherAnInnerRingIsAHole() {
    String twoRings = "d='M10 10h40v40h-40zM20 20h20v20h-20z'/>";
    assertThat(openings("<path " + twoRings).areaMm2()).isCloseTo(1600, within(1e-6));
    Artwork holed = openings("<path fill-rule='evenodd' " + twoRings);
    assertThat(holed.areaMm2()).isCloseTo(1200, within(1e-6));
    assertThat(holed.outline().getArea()).isCloseTo(1200, within(1e-6));
  }

  @Test
  void theFinePolygonAgreesWithTheExactCurve() {
    Artwork circle = openings("<circle cx='50' cy='50' r='40'/>");
    assertThat(circle.outline().getArea() / circle.areaMm2()).isCloseTo(1, within(1e-3));
    assertThat(circle.print().widthMm()).isCloseTo(80, within(1e-4));
    assertThat(circle.openShare()).isCloseTo(Math.PI / 4, within(1e-5));
  }

  @Test
  void theViewBoxIsScaledToTheSheetsTrueSize() {
    Drawing sheet =
        SvgReader.read(
            "<svg width='10in' height='5in' viewBox='-50 0 1000 500'>"
                + "<rect x='-50' width='100' height='100'/></svg>");
    assertThat(sheet.widthMm()).isEqualTo(254);
    assertThat(sheet.openings().print().leftMm()).isCloseTo(0, within(1e-9));
    assertThat(sheet.openings().areaMm2()).isCloseTo(25.4 * 25.4, within(1e-6));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<script>alert(1)</script>",
        "<image href='http://example.invalid/x.png'/>",
        "<use href='#a'/>",
        "<path d='M0 0L10'/>",
        "<path d='10 10'/>",
        "<path d='M0 0 banana'/>",
        "<path/>",
        "<rect width='1e400' height='1'/>",
        "<rect width='x' height='1'/>",
        "<polygon points='1 2 3'/>",
        "<g transform='spin(3)'><rect width='1' height='1'/></g>",
        "<rect width='5' height='5' mask='url(#m)'/>",
        "<rect x='900000' width='20' height='10'/>",
        "",
      })
  void refusesWhatItCannotCutSayingSo(String inside) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> openings(inside))
        .withMessageContaining("; accepted: ");
  }

  @Test
  void refusesEntitiesBeforeTheyGrow() {
    String bomb =
        "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;'>]>"
            + "<svg width='10' height='10'><title>&b;</title><rect width='1' height='1'/></svg>";
    assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> SvgReader.read(bomb));
  }

  @Test
  void refusesAFileThatStopsInTheMiddleNamingTheLine() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> SvgReader.read("<svg width='10' height='10'>\n<rect width='3'"))
        .withMessageContaining("2]");
  }

  @ParameterizedTest
  @CsvSource({
    "100mm, 100, true",
    "10cm, 100, true",
    "4in, 101.6, true",
    "72pt, 25.4, true",
    "6pc, 25.4, true",
    "96px, 25.4, false",
    "96, 25.4, false",
  })
  void aPageIsAsLargeAsItsUnitSaysAndPixelsSayNothingTrue(String width, double mm, boolean known) {
    Drawing drawing =
        SvgReader.read(
            "<svg width='%s' height='%s'><rect width='1' height='1'/></svg>"
                .formatted(width, width));
    assertThat(drawing.widthMm()).isCloseTo(mm, within(1e-9));
    assertThat(drawing.trueSize()).isEqualTo(known);
  }

  @Test
  void aSilhouetteIsAllThatIsPaintedLightOrDark() {
    Drawing drawing =
        SvgReader.read(
            "<svg width='100mm' height='100mm' viewBox='0 0 100 100'>"
                + "<rect x='10' y='10' width='40' height='40' fill='#EFE7D4'/>"
                + "<circle cx='30' cy='30' r='10' fill='black'/></svg>");
    assertThat(drawing.silhouette().areaMm2()).isCloseTo(1600, within(1e-6));
    assertThat(drawing.openings().areaMm2()).isCloseTo(Math.PI * 100, within(1e-2));
  }

  @Test
  void symmetryIsToldFromTheOutline() {
    assertThat(openings("<polygon points='20,80 50,10 80,80'/>").isSymmetrical(0.03)).isTrue();
    assertThat(openings("<polygon points='20,80 20,10 80,80'/>").isSymmetrical(0.03)).isFalse();
    // rings that touch each other are an outline all the same
    String touching =
        "<circle cx='30' cy='50' r='20'/><circle cx='70' cy='50' r='20'/>"
            + "<circle cx='50' cy='50' r='3' fill='white'/>";
    assertThat(openings(touching).isSymmetrical(0.03)).isTrue();
  }
}
