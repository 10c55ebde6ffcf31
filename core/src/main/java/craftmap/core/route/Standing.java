package craftmap.core.route;

import craftmap.core.form.FormNote;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.route.Needed.OfDesign;
import craftmap.core.route.Needed.OfPot;
import craftmap.core.supply.Provision;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How far a piece has come.
 *
 * @param settled the stops at which nothing is left to do
 */
public record Standing(List<Stop> settled, Next next) {
  /** Those that say how large it is; what follows from them may stay as it follows. */
  private static final int MAIN_SIZES = 2;

  public Standing {
    settled = List.copyOf(settled);
  }

  /**
   * How far it has come.
   *
   * @param dated whether it was said when it is begun
   */
  public static Standing of(FormNote form, Needed needed, boolean dated) {
    if (!needed.notLaid().isEmpty()) {
      return new Standing(
          List.of(Stop.SURVEY, Stop.CHOOSE), new Next.MakeFit(needed.notLaid().getFirst()));
    }
    if (needed.isNothing()) {
      return isMeasured(form)
          ? new Standing(List.of(Stop.SURVEY), new Next.ChooseDesign())
          : new Standing(List.of(), new Next.TakeMeasures());
    }
    if (!needed.unnamed().isEmpty()) {
      return new Standing(
          List.of(Stop.SURVEY, Stop.CHOOSE), new Next.NamePot(needed.unnamed().getFirst()));
    }
    Optional<OfDesign> uncut =
        needed.designs().stream().filter(d -> d.cut() && !d.used()).findFirst();
    List<Stop> settled = new ArrayList<>(List.of(Stop.SURVEY, Stop.CHOOSE, Stop.LAY_OUT));
    if (needed.failing() > 0) {
      return new Standing(settled, new Next.MendCoats(needed.failing()));
    }
    settled.add(Stop.COATS);
    if (uncut.isEmpty()) {
      settled.add(Stop.CUT);
    }
    if (dated) {
      settled.add(Stop.ORDER);
    }
    // what is short is told before what can be done: a trip to the shop takes longest
    Optional<Next> next =
        shortPot(needed)
            .or(() -> missingDesign(needed))
            // what is stuck down is cut first
            .or(() -> uncut.map(d -> new Next.CutDesign(d.designId())))
            .or(() -> work(needed));
    return next.map(n -> new Standing(settled, n))
        .orElseGet(() -> new Standing(List.of(Stop.values()), new Next.Nothing()));
  }

  private static Optional<Next> shortPot(Needed needed) {
    for (OfPot pot : needed.pots()) {
      if (pot.provision() instanceof Provision.Short missing) {
        return Optional.of(new Next.FillPot(pot.potId(), missing.by()));
      }
    }
    return Optional.empty();
  }

  private static Optional<Next> missingDesign(Needed needed) {
    for (OfDesign design : needed.designs()) {
      if (!design.used() && design.provision() instanceof Provision.Short missing) {
        return Optional.of(new Next.GetDesign(design.designId(), missing.by()));
      }
    }
    return Optional.empty();
  }

  private static Optional<Next> work(Needed needed) {
    return needed.pots().stream().flatMap(p -> p.open().stream()).findFirst().map(Next.PutOn::new);
  }

  /** Whether its main sizes were taken. */
  static boolean isMeasured(FormNote form) {
    return form.entries().stream()
        .filter(MeasureSheet.LengthEntry.class::isInstance)
        .limit(MAIN_SIZES)
        .allMatch(MeasureSheet.Entry::taken);
  }
}
