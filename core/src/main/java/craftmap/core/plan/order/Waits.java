package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Where;
import craftmap.core.coats.Working;
import craftmap.core.medium.Base;
import craftmap.core.medium.Drying;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Material;
import java.time.Duration;
import java.util.Optional;

/** How dry something has to be for what comes next, by its label. */
final class Waits {
  /** Tape, or a stencil with glue on its back, lifts paint that is younger than this. */
  static final Duration TAPE_ON_FRESH_PAINT = Duration.ofDays(1);

  private Waits() {}

  /** Until another coat may follow. */
  static Dry recoat(Medium medium) {
    return new Dry(Dry.For.RECOAT, longest(medium), law(medium));
  }

  /** Until it is touch-dry. */
  static Dry touch(Medium medium) {
    return new Dry(Dry.For.TOUCH, medium.drying().touchDry(), law(medium));
  }

  /** While another coat may follow without sanding, where its label ends that. */
  static Optional<Dry> window(Medium medium) {
    return medium.drying().recoatTo().map(d -> new Dry(Dry.For.FRESH, d, law(medium)));
  }

  /** While something that was brushed on holds what is laid into it. */
  static Optional<Dry> tacky(Medium medium) {
    Drying drying = medium.drying();
    return drying
        .openTime()
        .filter(open -> open.compareTo(drying.touchDry()) > 0)
        .map(open -> new Dry(Dry.For.FRESH, open, law(medium)));
  }

  static Dry tack(Medium medium) {
    return new Dry(Dry.For.TACK, medium.drying().touchDry(), law(medium));
  }

  /** Until a band may follow on what was put on last. */
  static Optional<Dry> before(Band next, Medium last) {
    return switch (next) {
      case Band.Coat coat when coat.where() instanceof Where.Poured || coat.role() == Role.RESIN ->
          Optional.of(
              new Dry(Dry.For.POUR, later(longest(last), Working.DRY_BEFORE_A_POUR), law(last)));
      case Band.Coat _ -> Optional.of(recoat(last));
      case Band.OfLay lay when lay.lay().sticksOn() -> Optional.of(tape(last));
      case Band.OfLay _ -> Optional.of(recoat(last));
      case Band.Step step -> ofStep(step.kind(), last);
    };
  }

  private static Optional<Dry> ofStep(StepKind kind, Medium last) {
    return switch (kind) {
      case SAND, DISTRESS -> Optional.of(new Dry(Dry.For.SAND, longest(last), law(last)));
      case MASK -> Optional.of(tape(last));
      case TEST_FOR_LEAD, WAX_OFF, STRIP, CLEAN, FILL, DUST_OFF, RESIST -> Optional.of(touch(last));
    };
  }

  /** Until tape may be stuck onto it: as the label says, or a day on fresh paint. */
  static Dry tape(Medium last) {
    Duration tape =
        last.drying().tapeAfter().orElse(isFilm(last) ? TAPE_ON_FRESH_PAINT : longest(last));
    return new Dry(Dry.For.TAPE, later(tape, longest(last)), law(last));
  }

  /** Until the piece may be taken hold of. */
  static Dry handle(Medium last) {
    return new Dry(Dry.For.HANDLE, longest(last), law(last));
  }

  private static boolean isFilm(Medium medium) {
    return switch (medium.kind().role()) {
      case PAINT, PRIMER, STAIN_BLOCKER, BONDING_PRIMER, CLEAR_COAT, GLAZE -> true;
      case CLEANER,
          STRIPPER,
          FILLER,
          SIZE,
          ADHESIVE,
          CONTACT_ADHESIVE,
          DECOUPAGE_MEDIUM,
          PASTE,
          STAIN,
          WAX,
          METALLIC_WAX,
          RESIN,
          CLAY,
          POWDER ->
          false;
    };
  }

  /** Labels that forget one of the two mean the longer. */
  private static Duration longest(Medium medium) {
    return later(medium.drying().recoatFrom(), medium.drying().touchDry());
  }

  private static Duration later(Duration a, Duration b) {
    return a.compareTo(b) >= 0 ? a : b;
  }

  static DryingLaw law(Medium medium) {
    return DryingLaw.of(medium.kind().base());
  }

  /**
   * What a label says about the clock and the thermometer.
   *
   * @param workedWet whether it has to be worked while it is open
   * @param aside of the step, while it is neither mixed nor put on
   */
  static Material material(Medium medium, boolean workedWet, Duration aside) {
    Drying drying = medium.drying();
    return new Material(
        medium.id() + " " + medium.coverage().colour(),
        medium.wear().minimumCelsius(),
        medium.mixing().potLife().map(p -> new Dry(Dry.For.FRESH, p, DryingLaw.WARMTH)),
        drying.openTime().filter(o -> workedWet).map(o -> new Dry(Dry.For.FRESH, o, law(medium))),
        aside,
        medium.kind().base() == Base.CASEIN,
        drying.cure().isPositive()
            ? Optional.of(new Dry(Dry.For.USE, drying.cure(), DryingLaw.WARMTH))
            : Optional.empty());
  }

  /** What a lay leaves wet. */
  static Optional<Medium> wetOf(LayHere lay) {
    return lay.pot().filter(p -> !p.kind().isUsedAs(Role.CLEANER));
  }
}
