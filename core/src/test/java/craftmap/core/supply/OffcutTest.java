package craftmap.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

class OffcutTest {
  /** An L: the upper right quarter of a sheet of 200 x 100 is gone. */
  private static final Offcut L =
      new Offcut(
          List.of(
              new Point(0, 0),
              new Point(100, 0),
              new Point(100, 50),
              new Point(200, 50),
              new Point(200, 100),
              new Point(0, 100)));

  @Test
  void itKnowsItsSizeAndWhatItStillShows() {
    assertThat(L.areaMm2()).isCloseTo(15_000, within(1e-9));
    assertThat(L.box()).isEqualTo(new Box(0, 0, 200, 100));
    assertThat(L.shows(new Box(10, 10, 50, 50))).isCloseTo(1, within(1e-9));
    assertThat(L.shows(new Box(110, 0, 50, 50))).isCloseTo(0, within(1e-9));
    assertThat(L.shows(new Box(50, 0, 100, 50))).isCloseTo(0.5, within(1e-9));
  }

  @Test
  void whatIsNoOutlineOrNoSizeIsRefused() {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new Offcut(List.of(new Point(0, 0), new Point(50, 0))));
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                new Offcut(
                    List.of(
                        new Point(0, 0), new Point(50, 50), new Point(50, 0), new Point(0, 50))))
        .withMessageContaining("crosses-itself");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> Offcut.ofBox(new Box(0, 0, 9, 9)))
        .withMessageContaining("is-too-small-to-keep");
  }

  @Test
  void itMustComeFromItsSheet() {
    assertThat(L.fromSheet(200, 100)).isSameAs(L);
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> L.fromSheet(180, 100))
        .withMessageContaining("[180.0 mm, 100.0 mm]");
  }
}
