package craftmap.core.coats;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Lab;
import craftmap.core.measure.Times;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Every primer that is owned, and none, each with as many coats of it as leave the fewest in all:
 * first what lacks nothing, then the fewest coats, then the least work, then the least that has to
 * be bought, then the least of it.
 */
final class PrimerSearch {
  private static final Set<Role> PRIMERS =
      Set.of(Role.PRIMER, Role.STAIN_BLOCKER, Role.BONDING_PRIMER);

  /** More than this of a primer under a paint nobody puts on. */
  private static final int MOST_PRIMER = 3;

  private final GroupSurface surface;
  private final CoatShelf shelf;
  private final Habits habits;
  private final Band.Coat paint;
  private final Band.Coat primerAs;
  private final CoatSums sums;

  /**
   * @param paint the ground as it is wished for; its number counts where it was chosen
   * @param primerAs how a primer is put on, whichever it is
   */
  PrimerSearch(
      GroupSurface surface, CoatShelf shelf, Habits habits, Band.Coat paint, Band.Coat primerAs) {
    this.surface = surface;
    this.shelf = shelf;
    this.habits = habits;
    this.paint = paint;
    this.primerAs = primerAs;
    this.sums = new CoatSums(surface, shelf.learned());
  }

  /** The best first. */
  List<PrimerChoice> all() {
    Map<String, InHand> primers = new LinkedHashMap<>();
    for (Role role : List.of(Role.PRIMER, Role.STAIN_BLOCKER, Role.BONDING_PRIMER)) {
      shelf
          .usedAs(role)
          .filter(PrimerSearch::isPrimer)
          .forEach(p -> primers.putIfAbsent(PrimerChoice.id(p), p));
    }
    // what is asked for and not owned can be bought
    for (Role role : List.of(Role.BONDING_PRIMER, Role.STAIN_BLOCKER, Role.PRIMER)) {
      boolean asked =
          role == Role.BONDING_PRIMER && asksForBond()
              || role == Role.STAIN_BLOCKER && asksForBlock()
              || role == Role.PRIMER && habits.primer() == Habits.Primer.ALWAYS;
      if (asked && primers.values().stream().noneMatch(p -> p.isUsedAs(role))) {
        InHand typical = CoatShelf.typical(role);
        primers.put(PrimerChoice.id(typical), typical);
      }
    }
    List<PrimerChoice> all = new ArrayList<>();
    all.add(choice(Optional.empty(), 0));
    for (InHand primer : primers.values()) {
      all.add(best(primer));
    }
    all.sort(
        Comparator.comparing((PrimerChoice c) -> !c.hides())
            .thenComparing(c -> c.lacks().size())
            .thenComparing(PrimerChoice::coats)
            .thenComparing(PrimerChoice::handsOn)
            .thenComparing(c -> c.primer().filter(p -> !p.isOwned()).isPresent())
            .thenComparing(PrimerChoice::ml)
            .thenComparing(c -> c.primer().map(PrimerChoice::id).orElse("")));
    return all;
  }

  private static boolean isPrimer(InHand p) {
    return PRIMERS.contains(p.medium().kind().role());
  }

  private boolean asksForBond() {
    return surface.isSlick();
  }

  private boolean asksForBlock() {
    return surface.bleedsThrough(paint.of().medium().coverage().colour());
  }

  /**
   * With as many coats of it as leave the fewest in all; with the fewest of it where that is equal.
   */
  private PrimerChoice best(InHand primer) {
    int least =
        asksForBlock() && primer.isUsedAs(Role.STAIN_BLOCKER) ? GroupSurface.TIMES_BLOCKED : 1;
    PrimerChoice best = choice(Optional.of(primer), least);
    for (int coats = least + 1; coats <= MOST_PRIMER; coats++) {
      PrimerChoice other = choice(Optional.of(primer), coats);
      if (other.hides() && !best.hides() || other.coats() < best.coats()) {
        best = other;
      }
    }
    return best;
  }

  /** With so many coats of a primer. */
  PrimerChoice choice(Optional<InHand> primer, int primerCoats) {
    Lab seen = surface.now().lab();
    List<Colour> swatches = new ArrayList<>();
    double primerMl = 0;
    double minutes = 0;
    boolean drinks = surface.drinks();
    if (primer.isPresent()) {
      Band.Coat coat = primerAs.of(primer.get()).times(primerCoats);
      for (int n = 1; n <= primerCoats; n++) {
        swatches.add(CoatSums.after(coat, seen, n).colour());
      }
      seen = CoatSums.after(coat, seen, primerCoats);
      primerMl = CoatSums.volumeMl(sums.sum(coat, drinks));
      minutes += sums.minutes(coat);
      drinks = false;
    }
    OptionalInt needed = CoatSums.coatsToHide(paint, seen);
    int asked = Math.max(1, needed.orElse(Coating.MOST_COATS));
    int times = paint.timesChosen() ? paint.times() : asked;
    Band.Coat ground = paint.times(times);
    for (int n = 1; n <= times; n++) {
      swatches.add(CoatSums.after(ground, seen, n).colour());
    }
    double paintMl = CoatSums.volumeMl(sums.sum(ground, drinks));
    minutes += sums.minutes(ground);
    return new PrimerChoice(
        primer,
        primerCoats,
        times,
        primerMl,
        paintMl,
        Times.ofMinutes(minutes),
        swatches,
        lacks(primer, primerCoats, primerMl),
        needed.isPresent() && times >= needed.getAsInt());
  }

  private List<PrimerChoice.Lack> lacks(Optional<InHand> primer, int coats, double ml) {
    List<PrimerChoice.Lack> lacks = new ArrayList<>();
    if (asksForBond() && primer.filter(p -> p.isUsedAs(Role.BONDING_PRIMER)).isEmpty()) {
      lacks.add(PrimerChoice.Lack.SLICK);
    }
    if (asksForBlock()
        && (coats < GroupSurface.TIMES_BLOCKED
            || primer.filter(p -> p.isUsedAs(Role.STAIN_BLOCKER)).isEmpty())) {
      lacks.add(PrimerChoice.Lack.BLEED);
    }
    if (habits.primer() == Habits.Primer.ALWAYS && primer.isEmpty()) {
      lacks.add(PrimerChoice.Lack.HABIT);
    }
    if (primer.filter(p -> p.isOwned() && p.freeMl() < ml).isPresent()) {
      lacks.add(PrimerChoice.Lack.POT);
    }
    return lacks;
  }
}
