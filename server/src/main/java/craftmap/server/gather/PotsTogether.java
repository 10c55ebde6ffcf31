package craftmap.server.gather;

import craftmap.core.medium.Medium;
import craftmap.core.supply.PotSplit;
import craftmap.core.supply.Provision;
import craftmap.server.shelf.Pot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * Several pots of one paint. They are batches of their own, and two batches of a colour are hardly
 * ever quite the same: what one pot lacks comes out of another by whole coats.
 */
final class PotsTogether {
  /** Less than this clings to the pot. */
  private static final double A_DROP_ML = 0.5;

  /** A colour this near is the one that was meant. */
  private static final double SAME_COLOUR = 3;

  private final Supplier<List<Pot>> all;
  private final ToDoubleFunction<Pot> mineMl;
  private List<Pot> known;

  /**
   * Those of a studio.
   *
   * @param all asked for once something is short: a shelf may be long, and plans are saved often
   * @param mineMl what the piece may count on of one
   */
  PotsTogether(Supplier<List<Pot>> all, ToDoubleFunction<Pot> mineMl) {
    this.all = all;
    this.mineMl = mineMl;
  }

  private List<Pot> pots() {
    if (known == null) {
      known = all.get();
    }
    return known;
  }

  /** What of it is short in one pot, with how other pots of the same help out. */
  List<Gathering.Need> helped(List<Gathering.Need> needs) {
    return needs.stream().map(n -> helped(n, needs)).toList();
  }

  private Gathering.Need helped(Gathering.Need need, List<Gathering.Need> all) {
    if (!(need.provision() instanceof Provision.Short)) {
      return need;
    }
    String medium = need.pot().medium().id();
    List<PotSplit.Use> uses = new ArrayList<>();
    for (Gathering.Need other : all) {
      if (other.pot().medium().id().equals(medium)) {
        for (Gathering.Use use : other.uses()) {
          if (use.leftMl() > 0) {
            uses.add(new PotSplit.Use(use.what().id(), other.pot().holding().id(), use.leftMl()));
          }
        }
      }
    }
    List<Pot> same =
        pots().stream()
            .filter(p -> p.medium().id().equals(medium))
            .filter(p -> mineMl.applyAsDouble(p) > A_DROP_ML)
            .toList();
    Optional<PotSplit> split =
        PotSplit.of(
            uses,
            same.stream()
                .map(p -> new PotSplit.Room(p.holding().id(), mineMl.applyAsDouble(p)))
                .toList());
    return new Gathering.Need(
        need.pot(),
        need.uses(),
        need.stillNeededMl(),
        need.othersMl(),
        need.provision(),
        split.map(s -> new Gathering.Split(s, same)));
  }

  /** A pot of the kind and colour of what is painted with, that has enough of it. */
  Optional<Pot> of(Medium wanted, double ml) {
    return pots().stream()
        .filter(p -> p.medium().kind().role() == wanted.kind().role())
        .filter(p -> p.medium().kind().base() == wanted.kind().base())
        .filter(
            p ->
                p.medium().coverage().colour().lab().ciede2000From(wanted.coverage().colour().lab())
                    <= SAME_COLOUR)
        .filter(p -> mineMl.applyAsDouble(p) >= ml)
        .findFirst();
  }
}
