package craftmap.server.money;

import craftmap.core.coats.CoatFinding;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.reading.GroupReader;
import craftmap.core.measure.Level;
import craftmap.core.measure.RefusedInput;
import craftmap.core.money.Money;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.edit.ChangeDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.shelf.ShelfService;
import craftmap.server.shopping.ToSpend;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What would make a piece cost less, or do with what is owned. Every way is worked out as if it
 * were taken; one by which something would fail that does not fail now is none.
 */
@Component
class Mending {
  /** More changes than this are another plan. */
  private static final int MOST_CHANGES = 16;

  private final PlanReadings readings;
  private final ShelfService shelf;
  private final ToSpend toSpend;

  Mending(PlanReadings readings, ShelfService shelf, ToSpend toSpend) {
    this.readings = readings;
    this.shelf = shelf;
    this.toSpend = toSpend;
  }

  /**
   * A way, and what it comes to.
   *
   * @param risks that come with it: it does not fail, but is not as good
   */
  record Tried(OtherWays.Way way, SavedPlan piece, ToSpend.Sum sum, List<CoatFinding> risks) {}

  /**
   * What can be done with what is owned.
   *
   * @param taken one after the other
   * @param left what there is not enough of all the same
   * @param risks that come with it
   */
  record OwnOnly(List<OtherWays.Way> taken, ToSpend.Sum left, List<CoatFinding> risks) {
    List<EditDoc> edits() {
      return taken.stream().flatMap(w -> w.edits().stream()).toList();
    }
  }

  /** Ways that cost less in a currency, or leave less that nobody sells: what saves most first. */
  @Solves
  public List<Tried> cheaper(Studio studio, SavedPlan piece, ToSpend.Sum now, String currency) {
    return tried(studio, piece, now).stream()
        .filter(
            t ->
                t.sum().in(currency).compareTo(now.in(currency)) < 0
                        && t.sum().unsold().size() <= now.unsold().size()
                    || t.sum().unsold().size() < now.unsold().size()
                        && t.sum().in(currency).compareTo(now.in(currency)) <= 0)
        .sorted(
            Comparator.<Tried, Money>comparing(t -> t.sum().in(currency))
                .thenComparing(t -> t.sum().unsold().size())
                .thenComparing(t -> t.risks().size()))
        .toList();
  }

  /**
   * From what is owned only: the way that leaves least short is taken, and from there the next,
   * until nothing is short or nothing helps.
   */
  @Solves
  public OwnOnly ownOnly(Studio studio, SavedPlan piece) {
    SavedPlan now = piece;
    ToSpend.Sum sum = toSpend.of(studio, piece);
    Map<String, Double> first = new HashMap<>();
    sum.lacks().forEach(l -> first.put(l.name(), l.amount()));
    List<OtherWays.Way> taken = new ArrayList<>();
    while (isShort(sum) && taken.size() < MOST_CHANGES) {
      double before = open(sum, first);
      Optional<Tried> best =
          tried(studio, now, sum).stream()
              .min(
                  Comparator.<Tried>comparingDouble(t -> open(t.sum(), first))
                      .thenComparingInt(t -> t.risks().size()));
      if (best.isEmpty() || open(best.get().sum(), first) >= before - 1e-6) {
        break;
      }
      taken.add(best.get().way());
      now = best.get().piece();
      sum = best.get().sum();
    }
    return needed(studio, piece, taken, sum);
  }

  /** Without those that change nothing about what is short in the end. */
  private OwnOnly needed(
      Studio studio, SavedPlan piece, List<OtherWays.Way> taken, ToSpend.Sum sum) {
    CoatsReading before = readings.coats(studio, piece.plan());
    List<OtherWays.Way> needed = new ArrayList<>(taken);
    ToSpend.Sum left = sum;
    for (OtherWays.Way way : taken) {
      List<OtherWays.Way> others = new ArrayList<>(needed);
      others.remove(way);
      Optional<SavedPlan> without =
          others.isEmpty() ? Optional.of(piece) : edited(studio, piece, before, all(others));
      if (without.isPresent()) {
        ToSpend.Sum then = toSpend.of(studio, without.get());
        if (then.lacks().size() + then.uncounted() <= left.lacks().size() + left.uncounted()) {
          needed = others;
          left = then;
        }
      }
    }
    SavedPlan then =
        needed.isEmpty() ? piece : edited(studio, piece, before, all(needed)).orElse(piece);
    return new OwnOnly(needed, left, newRisks(before, readings.coats(studio, then.plan())));
  }

  private static OtherWays.Way all(List<OtherWays.Way> ways) {
    return new OtherWays.Way("", ways.stream().flatMap(w -> w.edits().stream()).toList());
  }

  private static boolean isShort(ToSpend.Sum sum) {
    return !sum.lacks().isEmpty() || sum.uncounted() > 0;
  }

  /** Each thing that is short counts, and a little less the less of it is missing. */
  private static double open(ToSpend.Sum sum, Map<String, Double> first) {
    return sum.uncounted()
        + sum.lacks().stream()
            .mapToDouble(
                l ->
                    1 + Math.min(1, l.amount() / Math.max(first.getOrDefault(l.name(), 0.0), 1e-9)))
            .sum();
  }

  private List<Tried> tried(Studio studio, SavedPlan piece, ToSpend.Sum now) {
    Set<String> lacking = now.lacks().stream().map(ToSpend.Lack::thing).collect(Collectors.toSet());
    CoatsReading coats = readings.coats(studio, piece.plan());
    List<Tried> tried = new ArrayList<>();
    for (OtherWays.Way way :
        new OtherWays(
                readings.read(studio, piece.plan()),
                coats,
                shelf.coatShelf(studio.id(), readings.learned(studio, piece.plan())),
                lacking)
            .all()) {
      edited(studio, piece, coats, way)
          .ifPresent(
              p ->
                  tried.add(
                      new Tried(
                          way,
                          p,
                          toSpend.of(studio, p),
                          newRisks(coats, readings.coats(studio, p.plan())))));
    }
    return tried;
  }

  private Optional<SavedPlan> edited(
      Studio studio, SavedPlan piece, CoatsReading before, OtherWays.Way way) {
    try {
      Plan plan = readings.edited(studio, piece.plan(), ChangeDoc.edits(way.edits())).plan();
      boolean fails =
          readings.coats(studio, plan).groups().stream().anyMatch(g -> failsAnew(before, g))
              || laid(studio, plan) < laid(studio, piece.plan());
      return fails ? Optional.empty() : Optional.of(piece.with(plan));
    } catch (RefusedInput notPossible) {
      return Optional.empty();
    }
  }

  /** What is not as good as before, in any group. */
  private static List<CoatFinding> newRisks(CoatsReading before, CoatsReading after) {
    return after.groups().stream()
        .flatMap(
            g -> {
              List<CoatFinding> known =
                  before.group(g.group().id()).map(GroupReading::findings).orElse(List.of());
              return g.open().stream()
                  .filter(f -> f.level() == Level.RISK && !f.safety())
                  .filter(f -> known.stream().noneMatch(f::isSameAs));
            })
        .toList();
  }

  private static boolean failsAnew(CoatsReading before, GroupReading after) {
    List<CoatFinding> known =
        before.group(after.group().id()).map(GroupReading::findings).orElse(List.of());
    return !GroupReader.newStops(known, after.findings()).isEmpty();
  }

  private long laid(Studio studio, Plan plan) {
    return readings.read(studio, plan).led().count();
  }
}
