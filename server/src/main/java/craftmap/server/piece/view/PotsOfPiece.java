package craftmap.server.piece.view;

import craftmap.core.finding.PotFindings;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.order.StillToTake;
import craftmap.core.supply.Provision;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The pots that a piece draws on, and what its lays take of them; looked up once, if at all. */
public final class PotsOfPiece {
  private final Supplier<List<LayReading>> lays;
  private final Supplier<StillToTake> still;
  private final Function<Set<String>, Map<String, Double>> available;
  private final Function<StillToTake, Map<String, Double>> coats;
  private List<LayReading.Laid> laid;
  private StillToTake left;
  private Map<String, Double> ofCoats;
  private Map<String, Double> known;

  /**
   * @param lays what all lays of the piece come to
   * @param still what is left to take
   * @param coats what coats take of each pot of what is left
   * @param available what the piece may count on of some pots
   */
  public PotsOfPiece(
      Supplier<List<LayReading>> lays,
      Supplier<StillToTake> still,
      Function<StillToTake, Map<String, Double>> coats,
      Function<Set<String>, Map<String, Double>> available) {
    this.coats = coats;
    this.lays = lays;
    this.still = still;
    this.available = available;
  }

  /** As they stand beside a lay that is looked at, which may be other than it is saved. */
  PotFindings.Pots beside(LayReading.Laid own) {
    lookUp();
    return new PotFindings.Pots() {
      @Override
      public Provision provision(String potId) {
        double others =
            laid.stream()
                .filter(l -> !l.lay().id().equals(own.lay().id()))
                .filter(l -> l.pot().filter(p -> p.id().equals(potId)).isPresent())
                .mapToDouble(l -> left.of(l.lay().id(), l.takes().potMl()))
                .sum();
        double under = ofCoats.getOrDefault(potId, 0.0);
        return Provision.of(
            others + under + left.of(own.lay().id(), own.takes().potMl()), availableMl(potId));
      }

      @Override
      public boolean isDone(String layId) {
        return left.isDone(layId);
      }
    };
  }

  private void lookUp() {
    if (laid != null) {
      return;
    }
    laid =
        lays.get().stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .filter(LayReading.Laid::lead)
            .toList();
    left = still.get();
    ofCoats = coats.apply(left);
    known = new HashMap<>();
  }

  /**
   * Who looks at one lay asks for its pot alone; who asks for a second one looks at all of them,
   * and then all are looked up at once.
   */
  private double availableMl(String potId) {
    if (!known.containsKey(potId)) {
      Set<String> asked = known.isEmpty() ? Set.of(potId) : named(potId);
      Map<String, Double> found = available.apply(asked);
      asked.forEach(pot -> known.put(pot, found.getOrDefault(pot, 0.0)));
    }
    return known.get(potId);
  }

  private Set<String> named(String potId) {
    return Stream.concat(
            Stream.of(potId), laid.stream().flatMap(l -> l.pot().stream()).map(p -> p.id()))
        .collect(Collectors.toSet());
  }
}
