package craftmap.core.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class PrintedInkTest {
  private static final Optional<Colour> CREAM = Optional.of(new Colour("#F4EEDC"));

  private static Drawing drawing(String inside) {
    return SvgReader.read(
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm'"
            + " viewBox='0 0 200 100'>"
            + inside
            + "</svg>");
  }

  private static boolean isInk(Geometry ink, double x, double y) {
    return ink.contains(new GeometryFactory().createPoint(new Coordinate(x, y)));
  }

  @Test
  void lightInkIsInkToo() {
    Geometry ink =
        PrintedInk.of(
                "a",
                () ->
                    drawing(
                        "<circle cx='50' cy='50' r='20' fill='#ffffff'/>"
                            + "<rect x='120' y='10' width='40' height='30' fill='#204060'/>"),
                Optional.empty())
            .area();
    assertThat(ink.getArea()).isCloseTo(Math.PI * 400 + 1200, within(2.0));
    assertThat(isInk(ink, 50, 50)).isTrue();
    assertThat(isInk(ink, 90, 50)).isFalse();
  }

  @Test
  void whatHasTheCarriersColourIsCarrierAlsoWhereItLiesOverInk() {
    Drawing sheet =
        drawing(
            "<rect width='200' height='100' fill='#f4eedc'/>"
                + "<circle cx='50' cy='50' r='30' fill='#204060'/>"
                + "<circle cx='50' cy='50' r='10' fill='#f4eedc'/>");
    Geometry ink = PrintedInk.of("a", () -> sheet, CREAM).area();
    assertThat(ink.getArea()).isCloseTo(Math.PI * 800, within(2.0));
    assertThat(isInk(ink, 50, 50)).isFalse();
    assertThat(isInk(ink, 50, 70)).isTrue();
    assertThat(PrintedInk.of("a", () -> sheet, Optional.empty()).area().getArea())
        .isCloseTo(20_000, within(1e-6));
  }

  @Test
  void aSheetOfBareCarrierHidesNothing() {
    Drawing bare = drawing("<rect width='200' height='100' fill='#f4eedc'/>");
    assertThat(PrintedInk.of("a", () -> bare, CREAM).area().isEmpty()).isTrue();
  }

  @Test
  void pixelsAreInkWhereTheyAreThereAndNoCarrier() {
    Pixels picture =
        drawing(
                "<rect width='200' height='100' fill='#f4eedc'/>"
                    + "<rect x='20' y='20' width='60' height='40' fill='#204060'/>"
                    + "<circle cx='150' cy='50' r='30' fill='#803020'/>")
            .pixels(400);
    Geometry ink = PrintedInk.of("a", () -> picture, 200, 100, CREAM).area();
    // half a pixel of half a millimetre along 388 mm of outline
    assertThat(ink.getArea()).isCloseTo(2400 + Math.PI * 900, within(97.0));
    assertThat(isInk(ink, 50, 40)).isTrue();
    assertThat(isInk(ink, 150, 75)).isTrue();
    assertThat(isInk(ink, 100, 50)).isFalse();
    assertThat(PrintedInk.of("a", () -> picture, 200, 100, Optional.empty()).area().getArea())
        .as("with the ground found on the picture's own rim")
        .isCloseTo(ink.getArea(), within(1.0));
    Pixels clear = drawing("<circle cx='150' cy='50' r='30' fill='#803020'/>").pixels(300);
    assertThat(PrintedInk.of("a", () -> clear, 200, 100, Optional.empty()).area().getArea())
        .isCloseTo(Math.PI * 900, within(30.0));
  }

  @Test
  void inkOfTheSamePictureIsTheSameWhereverItIsReadAgain() {
    Drawing sheet = drawing("<circle cx='50' cy='50' r='20'/>");
    PrintedInk ink = PrintedInk.of("a", () -> sheet, CREAM);
    PrintedInk again = PrintedInk.of("a", () -> sheet, CREAM);
    assertThat(ink).isEqualTo(again).hasToString(again.toString()).hasSameHashCodeAs(again);
    assertThat(ink).isNotEqualTo(PrintedInk.of("b", () -> sheet, CREAM));
    assertThat(ink).isNotEqualTo(PrintedInk.of("a", () -> sheet, Optional.empty()));
  }

  @Test
  void itIsWorkedOutOnceAndOnlyWhenItIsAskedFor() {
    AtomicInteger read = new AtomicInteger();
    PrintedInk ink =
        PrintedInk.of(
            "a",
            () -> {
              read.incrementAndGet();
              return drawing("<circle cx='50' cy='50' r='20'/>");
            },
            Optional.empty());
    assertThat(read).hasValue(0);
    assertThat(ink.area().getArea()).isEqualTo(ink.area().getArea()).isPositive();
    assertThat(read).hasValue(1);
  }

  @Test
  void strokesTooTangledToUniteAreLookedAtAsPixels() {
    StringBuilder scribble = new StringBuilder("<path fill='none' stroke='#123' d='M0 0");
    for (int i = 0; i < 900; i++) {
      scribble.append(i % 2 == 0 ? "L200 " : "L0 ").append(i * 100.0 / 900);
    }
    String path = scribble.append("' stroke-width='1'/>").toString();
    Geometry ink = PrintedInk.of("a", () -> drawing(path), Optional.empty()).area();
    assertThat(ink.getArea()).isBetween(18_000.0, 20_000.0);
  }
}
