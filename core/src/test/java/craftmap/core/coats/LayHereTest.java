package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Picture;
import craftmap.core.design.Prints;
import craftmap.core.measure.MeasureSheet;
import java.time.Duration;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What coats have to know of what is laid among them. */
class LayHereTest {
  private static LayHere of(Optional<Design> design, String pot) {
    return new LayHere(
        "l7",
        design,
        "Reeds",
        41_370,
        pot.isEmpty() ? Optional.empty() : Optional.of(Built.medium(pot)),
        2,
        9.7,
        Duration.ofMinutes(17));
  }

  private static LayHere of(DesignKind kind, String pot, Map<String, String> choices) {
    return of(Optional.of(Prints.plain(kind, choices)), pot);
  }

  private static Set<DesignKind> those(Predicate<LayHere> that) {
    return Arrays.stream(DesignKind.values())
        .filter(k -> that.test(of(k, "", Map.of())))
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(DesignKind.class)));
  }

  @Test
  void everyKindIsWhatItIsAndNothingElse() {
    assertThat(those(LayHere::isRelief))
        .containsExactly(
            DesignKind.RAISED_STENCIL,
            DesignKind.MOULDING,
            DesignKind.CASTING,
            DesignKind.TEXTURE,
            DesignKind.PLASTER_FABRIC);
    assertThat(those(LayHere::isTransfer)).containsExactly(DesignKind.TRANSFER);
    assertThat(those(LayHere::isFoil)).containsExactly(DesignKind.FOIL);
    assertThat(those(LayHere::isGlued))
        .containsExactly(DesignKind.NAPKIN, DesignKind.PAPER, DesignKind.COLLAGE);
    assertThat(those(LayHere::isDrawn)).containsExactly(DesignKind.ENLARGED_IMAGE);
    // what is cut for the piece is cut from stencil film unless somebody says otherwise
    assertThat(those(LayHere::sticksOn))
        .containsExactly(
            DesignKind.ADHESIVE_STENCIL, DesignKind.STENCIL_ROLL, DesignKind.CUSTOM_CUT);
    assertThat(those(LayHere::isThin)).containsExactly(DesignKind.NAPKIN);
  }

  @Test
  void theGroundShowsThroughTissueAndNoOtherPaper() {
    for (String weight : List.of("TISSUE", "DECOUPAGE", "WRAPPING")) {
      assertThat(of(DesignKind.PAPER, "", Map.of("weight", weight)).isThin())
          .as(weight)
          .isEqualTo(weight.equals("TISSUE"));
    }
  }

  @Test
  void vinylIsPutOnToStayAndIsNotPaintedThrough() {
    assertThat(of(DesignKind.CUSTOM_CUT, "", Map.of("film", "VINYL")).sticksOn()).isFalse();
    assertThat(of(DesignKind.CUSTOM_CUT, "", Map.of("film", "STENCIL_FILM")).sticksOn()).isTrue();
  }

  /** A medium over a print closes it; size under foil and glue under a moulding close nothing. */
  @Test
  void paperAndTransfersAreClosedByWhatTheyArePutOnWith() {
    Set<DesignKind> closed = EnumSet.noneOf(DesignKind.class);
    for (DesignKind kind : DesignKind.values()) {
      assertThat(of(kind, "", Map.of()).isSealedByItself()).as("%s with nothing", kind).isFalse();
      if (of(kind, "decoupage-medium", Map.of()).isSealedByItself()) {
        closed.add(kind);
      }
    }
    assertThat(closed)
        .containsExactly(
            DesignKind.TRANSFER, DesignKind.NAPKIN, DesignKind.PAPER, DesignKind.COLLAGE);
  }

  @Test
  void aThinPrintStandsOnTheColourItWasMadeForOrOnWhite() {
    Picture pale =
        new Picture(
            330, 330, Optional.empty(), Optional.of(new Colour("#F3E7C4")), List.<MotifBox>of());
    Design napkin = DesignKind.NAPKIN.read(Prints.card(), MeasureSheet.blank(), Optional.of(pale));
    assertThat(of(Optional.of(napkin), "").background()).isEqualTo(new Colour("#F3E7C4"));
    assertThat(of(DesignKind.NAPKIN, "", Map.of()).background()).isEqualTo(new Colour("#FFFFFF"));
    assertThat(of(DesignKind.FOIL, "", Map.of()).background()).isEqualTo(new Colour("#FFFFFF"));
  }

  @Test
  void whatIsGoneFromTheShelfIsNothingInParticularButKeepsItsPlace() {
    LayHere gone = of(Optional.empty(), "decoupage-medium");
    assertThat(gone.key()).isEqualTo("lay:l7");
    assertThat(
            List.of(
                gone.isRelief(),
                gone.isTransfer(),
                gone.isFoil(),
                gone.isGlued(),
                gone.isThin(),
                gone.sticksOn(),
                gone.isDrawn(),
                gone.isSealedByItself()))
        .containsOnly(false);
    assertThat(gone.background()).isEqualTo(new Colour("#FFFFFF"));
  }
}
